@php($tasks = $desk->tasks())
<x-page :title="__('Season desk')" stage="desk">
  <h1>{{ $desk->heading() }}</h1>
  <p class="sub">
    {{ $f->weekday($today) }}.
    {{ __('Bars: :unit per day on the scale hive. Mauve: planned or proposed.', ['unit' => $f->massUnit()]) }}
  </p>
  <x-mend />
  <div
    class="noscroll-x"
    tabindex="0"
    role="region"
    aria-label="{{ __('Flow and tasks') }}"
  >
    <x-drawing.picture :of="$drawing" />
  </div>
  <x-astable>
    <x-table :head="[__('Yard'), __('Flow'), __('Ripe'), __('To inspect'), __('To feed'), __('Next')]" num="3 4 5">
      @foreach ($desk->yards as $one)
        <tr>
          <td>{{ $one->name }}</td>
          <td>{{ $one->flow->sentence }}</td>
          <td class="num">~{{ $f->kg($one->ripeKg, 0) }}</td>
          <td class="num">{{ $one->look }}</td>
          <td class="num">{{ $one->toFeed }}</td>
          <td>{{ $one->next() }}</td>
        </tr>
      @endforeach
    </x-table>
  </x-astable>
  @can('manage')
    <x-disclosure :summary="__('Enter the weather of a day')">
      <x-enter-weather />
    </x-disclosure>
  @endcan
  <x-slot:why>
    @if ($tasks === [])
      <p class="lab">{{ __('Do next') }}</p>
      <h2 class="say">{{ __('No urgent task.') }}</h2>
    @else
      @include('desk.next', ['first' => $tasks[0]])
    @endif
    <section>
      <h3>{{ __('Flow') }}</h3>
      <ul class="facts">
        @foreach ($desk->yards as $one)
          <li>
            <span>{{ $f->gain($one->flow->meanKgPerDay) }}</span>
            <span @class(['pres' => $one->flow->presumed])>{{ $one->name }}: {{ $one->flow->sentence }}</span>
          </li>
        @endforeach
      </ul>
      <p class="sub">
        {{ __(':unit per day over the last full days; in italics: from the nearest scale', ['unit' => $f->massUnit()]) }}
      </p>
    </section>
    @if ($desk->short() !== [])
      <section>
        <h3>{{ __('Short before winter') }}</h3>
        <p>
          @foreach ($desk->short() as $one)
            {{ $one->name }} {{ trans_choice(':count hive|:count hives', $one->toFeed) }},
            ~{{ $f->kg($one->sugarKg, 0) }}{{ $loop->last ? '' : ';' }}
          @endforeach
          {{ __('of sugar. Feed after the supers are off.') }}
        </p>
      </section>
    @endif
  </x-slot:why>
</x-page>
