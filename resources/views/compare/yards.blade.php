<x-page :title="__('Yards compared')" stage="compare">
  <div class="hd">
    <h1>{{ $yards === [] ? __('No harvest yet') : __('What yards give, and what they cost') }}</h1>
  </div>
  @include('compare.tabs')
  @if ($yards === [])
    <p class="empty">{{ __('When the first lot is weighed, yards stand here next to each other.') }}</p>
  @else
    <x-scroll :label="__('Yards')">
      <x-table :head="[
          __('Yard'),
          __('a hive and season'),
          __('seasons'),
          __('hives'),
          __('drive, min a kg'),
          __('sugar a hive'),
          __('lost'),
          __('flow, by the scale'),
      ]" num="2 3 4 5 6 7 8">
        @foreach ($yards as $yard)
          <tr>
            <th scope="row"><a href="{{ route('compare.index', ['yard' => $yard->slug]) }}">{{ $yard->name }}</a>
            </th>
            <td class="num">{{ $f->kg($yard->mean()) }} <span
                class="rng">{{ $f->kgBetween(min($yard->meanKg), max($yard->meanKg), 0) }}</span></td>
            <td class="num">{{ count($yard->meanKg) }}</td>
            <td class="num">{{ round($yard->hives, 1) }}</td>
            <td class="num">{{ $yard->minutesPerKg === null ? '–' : number_format($yard->minutesPerKg, 1) }}</td>
            <td class="num">{{ $f->kg($yard->sugarKg) }}</td>
            <td class="num">{{ $yard->lost }}</td>
            <td class="num">{{ $yard->flow() === null ? '–' : $f->kg($yard->flow(), 0) }}</td>
          </tr>
        @endforeach
      </x-table>
    </x-scroll>
    @if ($picture !== null)
      <section class="blk">
        <h2>{{ __('Flow and yield') }}</h2>
        <x-drawing.picture :of="$picture" />
      </section>
    @endif
    <section class="blk">
      <h2>{{ __('What a swarm or a split cost here') }}</h2>
      <dl>
        @foreach (['swarmed' => __('A swarm'), 'split' => __('A split, or a first season')] as $what => $words)
          <dt>{{ $words }}</dt>
          <dd>
            @if ($plain[$what] === null)
              {{ __('none noted beside hives without') }}
            @else
              {{ __(':kg less than the others of its yard and year, :n hives', ['kg' => $f->kg($plain[$what][1]), 'n' => $plain[$what][0]]) }}
              @if (isset($costs[$what]))
                · {{ __('with the queen taken out: :kg', ['kg' => $f->kg($costs[$what])]) }}
              @endif
            @endif
          </dd>
        @endforeach
      </dl>
    </section>
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('A yard is worth its honey less its road.') }}</h2>
    <p>
      {{ __('A hive and season: all hives that lived there when it was harvested, those that gave nothing too.') }}
      {{ __('The drive: seven rounds a season there and back from the honey room (common practice), shared among its kg.') }}
    </p>
    <p>{{ __('Hives move and yards differ in who stands there: read it with the queens.') }}</p>
  </x-slot:why>
</x-page>
