@php($left = $page->left())
<div class="row">
  <x-field
    name="days"
    type="number"
    min="2"
    max="21"
    :label="__('Days')"
    :value="$page->asked->days"
    :hx-get="route('clear.rounds.create')"
    hx-trigger="change"
    hx-include="[name=days],[name=later]"
    hx-target="#coming"
    hx-select="#coming"
    hx-swap="outerHTML"
  />
  <x-field
    name="later"
    :label="__('Supers that must wait')"
    :value="$page->asked->waiting->value"
    :options="$page->waitingChoices()"
    :hx-get="route('clear.rounds.create')"
    hx-trigger="change"
    hx-include="[name=days],[name=later]"
    hx-target="#coming"
    hx-select="#coming"
    hx-swap="outerHTML"
  />
</div>
<section id="coming" class="blk" aria-live="polite">
  <h2>{{ $page->heading() }}</h2>
  @if ($page->batches->in === [])
    <p class="empty">
      {{ __('No super can come off in these days: none is ripe, free for harvest and still unplanned.') }}
      <a class="link" href="{{ route('assess.index') }}">{{ __('Inspect the supers') }}</a>
    </p>
  @else
    <div
      class="noscroll-x"
      tabindex="0"
      role="region"
      aria-label="{{ __('Days') }}"
    >
      <x-drawing.wide :of="$page->picture()" />
    </div>
    <ul class="key" aria-label="{{ __('Key') }}">
      <li><x-swatch>
          <rect class="window" width="14" height="12" />
        </x-swatch>{{ __('may come in') }}</li>
      <li>
        <x-swatch>
          <rect
            class="window later"
            x=".5"
            y=".5"
            width="13"
            height="11"
          />
        </x-swatch><i>{{ __('once ripe') }}</i>
      </li>
      <li><x-swatch>
          <path class="flag" d="M11 2v9M11 2.5h-7l2.5 2.5l-2.5 2.5h7" />
        </x-swatch>{{ __('treatment') }}</li>
      <li><x-swatch>
          <path class="dearth" d="M0 10H14" />
        </x-swatch>{{ __('nothing flowers') }}</li>
    </ul>
    @can('manage')
      <x-disclosure :summary="__('Choose the days, or skip a yard')" :open="$errors->has('yards.*')">
        @foreach ($page->batches->in as $batch)
          @include('rounds.batch', ['at' => 'yards[' . $batch->id() . ']'])
        @endforeach
      </x-disclosure>
    @endcan
  @endif
  @if ($left !== [])
    <x-disclosure :summary="__('Supers not included')" :open="$page->leavesFarYards()">
      <ul>
        @foreach ($left as $sentence)
          <li>{{ $sentence }}</li>
        @endforeach
      </ul>
    </x-disclosure>
  @endif
</section>
