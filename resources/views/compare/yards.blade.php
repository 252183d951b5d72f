<x-page :title="__('Yards compared')" stage="compare">
  <div class="hd">
    <h1>{{ $yards === [] ? __('No harvest yet') : __('What yards give, and what they cost') }}</h1>
  </div>
  @include('compare.tabs')
  @if ($yards === [])
    <p class="empty">{{ __('After the first lot is weighed, yards are compared here.') }}</p>
  @else
    <x-scroll :label="__('Yards')">
      <x-table :head="[
          __('Yard'),
          __('per hive and season'),
          __('seasons'),
          __('hives'),
          __('drive, min per :unit', ['unit' => $f->massUnit()]),
          __('sugar per hive'),
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
            <td class="num">
              {{ $yard->minutesPerKg === null ? '–' : number_format($f->perMass($yard->minutesPerKg), 1) }}</td>
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
        <x-drawing.wide :of="$picture" />
      </section>
    @endif
    <section class="blk">
      <h2>{{ __('What a swarm or a split cost') }}</h2>
      <dl>
        @foreach (['swarmed' => __('A swarm'), 'split' => __('A split, or a first season')] as $what => $words)
          <dt>{{ $words }}</dt>
          <dd>
            @if ($plain[$what] === null)
              {{ __('no swarm beside hives without one') }}
            @else
              {{ __(':kg less than other hives of the same yard and year, :n hives', ['kg' => $f->kg($plain[$what][1]), 'n' => $plain[$what][0]]) }}
              @if (isset($costs[$what]))
                · {{ __('without the queen\'s part: :kg', ['kg' => $f->kg($costs[$what])]) }}
              @endif
            @endif
          </dd>
        @endforeach
      </dl>
    </section>
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Honey minus the drive') }}</h2>
    <p>
      {{ __('Per hive and season: all living hives count, also those without a crop.') }}
      {{ __('The drive: seven return trips a season from the honey room (common practice), divided by the honey.') }}
    </p>
    <p>{{ __('Yards also differ in their queens and hives, so compare the queens too.') }}</p>
  </x-slot:why>
</x-page>
