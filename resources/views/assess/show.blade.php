<x-page :title="__('Assess') . ': ' . $apiary->name . ($hive === null ? '' : ' ' . $hive->code)" stage="assess" :yard="$apiary->slug">
  @if ($opened)
    <x-slot:skip><a class="skip" href="#painter">{{ __('To the painter') }}</a></x-slot:skip>
  @endif
  <x-slot:head>
    @if ($opened)
      <script src="/build/painter.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
    @endif
  </x-slot:head>
  <div class="hd">
    <h1>{{ $apiary->name }}</h1>
    <x-legend />
  </div>
  <p class="sub">
    {{ trans_choice(':count hive|:count hives', $board->hives) }} · {{ __(':n to inspect', ['n' => $board->toLook]) }} ·
    {{ $board->flow }}
  </p>
  <x-yard-sum :of="$apiary" />
  <p class="sub">
    <a class="link" href="{{ route('field') }}#/yard/{{ $apiary->slug }}">{{ __('Field sheet on the phone') }}</a> ·
    <a class="link" href="{{ route('assess.notes') }}">{{ __('Short notes') }}</a> ·
    <a class="link" href="{{ route('field.read', $apiary->slug) }}">{{ __('Read out, or print') }}</a>
  </p>
  @if ($board->hives === 0)
    <p class="empty">
      {{ __('This yard has no hive yet.') }}
      <a class="link" href="{{ route('yards.yard', $apiary->slug) }}">{{ __('Add the first hive') }}</a>
    </p>
  @else
    <x-drawing.elevation :of="$board->picture" :hive="$hive?->code" :box="$opened?->box->id" />
  @endif
  @if ($hive === null && $board->hives > 0)
    @include('assess.today')
  @endif
  @if ($opened)
    <div class="opened" id="opened">
      <div class="opened-stack" data-around="stack">
        <h2>
          {{ $hive->code }}
          <span class="soft sub">{{ $hive->queen === null ? '' : __('queen :code', ['code' => $hive->queen]) }}</span>
        </h2>
        <x-notes :of="$hive" />
        <x-drawing.picture :of="$opened->picture" />
        <a class="btn small" href="{{ route('frames.yard', [$apiary->slug, 'hives' => [$hive->code]]) }}">
          {{ __('Take frames') }}</a>
      </div>
      @include('assess.painter', [
          'box' => $opened->box,
          'slot' => $opened->slot,
          'looks' => $opened->looks,
      ])
    </div>
  @endif
  @include('assess.table')
  <x-slot:why>
    <div id="why-box" data-around="why">
      @if ($opened)
        @include('assess.why', ['box' => $opened->box, 'code' => $hive->code, 'next' => $opened->next])
      @else
        <p class="lab">{{ __('Why: :yard', ['yard' => $apiary->name]) }}</p>
        <h2 class="say">
          @if ($board->toLook > 0)
            {{ trans_choice('Inspect :count super.|Inspect :count supers.', $board->toLook) }}
          @else
            {{ $season->isOn ? __('Every super has a verdict.') : $season->sentence() }}
          @endif
        </h2>
        <section>
          <h3>{{ __('Policy here') }}</h3>
          <p>{{ $policy->words() }}</p>
        </section>
      @endif
    </div>
    <p class="caution">{{ __('Stings and allergy: carry what your doctor prescribed; do not work alone.') }}</p>
  </x-slot:why>
</x-page>
