<x-page :title="__('Extractor')" stage="honey-room" :wall="true">
  <x-slot:head>
    <script src="/build/bench.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <div class="hd">
    <h1>{{ $page->running ? __('Load :n', ['n' => $page->running->number]) : __('The next load') }}</h1>
    <button
      class="btn"
      type="button"
      data-wake
      hidden
    >{{ __('Keep the screen on') }}</button>
  </div>
  @include('honey-room.tabs')
  @if ($page->wet > 0)
    <p class="border-l-4 border-l-mauve py-1 pr-0 pl-3">
      {{ trans_choice('{1} :count super is too wet and is left out.|[2,*] :count supers are too wet and are left out.', $page->wet) }}
      <a class="link" href="{{ route('honey-room.warm') }}">{{ __('Dry them') }}</a>
      <a class="link" href="{{ route('honey-room.extractor', ['wet' => 1]) }}">{{ __('or extract them anyway') }}</a>
    </p>
  @endif
  @if ($page->rotor === [])
    <p class="empty">{{ __('No full super or frame is waiting. Tick them at the door.') }}
      <a class="link" href="{{ route('honey-room.door') }}">{{ __('To the door') }}</a>
    </p>
  @else
    <div class="rotorside">
      <x-drawing.picture :of="$rotor" />
      <div>
        <p>
          <span class="big">{{ number_format(round($page->imbalanceG, -1)) }} g</span> {{ __('out of balance') }}
          <x-term of="out of balance" />
          @if ($page->asGivenG > $page->imbalanceG + 20)
            <span
              class="sub">{{ __('as they came: :g g', ['g' => number_format(round($page->asGivenG, -1))]) }}</span>
          @endif
        </p>
        <p>{{ __('pull at the shaft: at most :n N', ['n' => number_format($page->forceN())]) }}
          <x-term of="pull at the shaft" />
          <span class="sub">{{ __('allowed: :n N', ['n' => $operation->extractor_force_n]) }}</span>
        </p>
        @if ($page->hasFresh())
          <p class="border-l-4 border-l-mauve py-1 pr-0 pl-3">{{ __('New combs among them (hatched): slower.') }}</p>
        @endif
        @if (!$page->running)
          <p>{{ $page->uncapping() }}</p>
          <p class="sub">
            {{ trans_choice('{1} :count frame waits|[2,*] :count frames wait', $page->waiting) }}:
            {{ trans_choice('{1} :count load|[2,*] :count loads', $page->loads) }}@if ($page->mixed > 0)
              ({{ trans_choice('{1} one with new and old combs|[2,*] :count with new and old combs', $page->mixed) }})
            @endif
          </p>
        @endif
        <ol class="steps">
          @foreach ($page->steps as $i => $step)
            <li @if ($page->step() === $i) aria-current="step" @endif>
              <b>{{ $say->side($step->side) }}: {{ round($step->rpm / 5) * 5 }} {{ __('rpm') }},
                {{ $f->minutes($step->minutes) }}</b>
              @foreach ($say->statements($step->why) as $why)
                <span class="sub">{{ $why }}</span>
              @endforeach
              @if ($page->step() === $i && $page->endsAt())
                <p
                  class="big timer"
                  role="timer"
                  data-ends="{{ $page->endsAt() }}"
                  data-over="{{ __('time') }}"
                >
                  {{ __('until :when', ['when' => $page->endsWhen($zone)]) }}</p>
              @endif
            </li>
          @endforeach
        </ol>
        @can('record')
          <div class="btns">
            @if (!$page->running)
              <x-form :action="route('honey-room.extractor.load')">
                @foreach ($page->rotor as $slot => $one)
                  <input type="hidden" name="slot[{{ $slot }}]" value="{{ $one->id }}">
                @endforeach
                <button class="btn go">{{ __('Loaded') }}</button>
              </x-form>
            @else
              @if (!$page->isLast())
                <x-form :action="route('honey-room.extractor.step', $page->running->id)">
                  <input type="hidden" name="step" value="{{ $page->nextStep() }}">
                  <button
                    class="btn go">{{ $page->step() === null ? __('Start the extractor') : $page->turnWords() }}</button>
                </x-form>
              @endif
              <x-form :action="route('honey-room.extractor.spun', $page->running->id)">
                <button class="btn {{ $page->isLast() ? 'go' : '' }}">{{ __('Extracted') }}</button>
              </x-form>
              <x-form :action="route('honey-room.extractor.destroy', $page->running->id)" method="delete">
                <button class="btn">{{ __('Take out, not extracted') }}</button>
              </x-form>
            @endif
          </div>
        @endcan
      </div>
    </div>
    <details class="astable" open>
      <summary>{{ __('which frame into which slot') }}</summary>
      <table class="table">
        <thead>
          <tr>
            <th class="num">{{ __('Slot') }}</th>
            <th>{{ __('Frame') }}</th>
            <th class="num">{{ __('Weight') }}</th>
            <th>{{ __('Comb') }}</th>
            @can('record')
              <th><span class="sr">{{ __('Weigh the frame') }}</span></th>
            @endcan
          </tr>
        </thead>
        <tbody>
          @foreach ($page->rotor as $slot => $one)
            <tr>
              <td class="num">{{ $slot }}</td>
              <td>{{ $one->mark }}</td>
              <td class="num">{{ $one->isWeighed ? '' : '~' }}{{ $f->kg($one->grams / 1000, 2) }}</td>
              <td>{{ $one->isSpare ? __('balances') : ($one->fresh ? __('new') : __('drawn')) }}</td>
              @can('record')
                <td>
                  @if ($one->superId !== '')
                    <x-form :action="$one->weighedAt()" method="put" class="row">
                      <div class="field">
                        <label class="sr"
                          for="kg-{{ $slot }}">{{ __('Weight of :frame, :unit', ['frame' => $one->mark, 'unit' => $f->massUnit()]) }}</label>
                        <input
                          id="kg-{{ $slot }}"
                          name="kg"
                          type="number"
                          inputmode="decimal"
                          step="0.01"
                          min="0.01"
                          placeholder="{{ $f->massUnit() }}"
                        >
                      </div>
                      <button class="btn">{{ __('Note') }}</button>
                      @if ($hasScale)
                        <button class="btn" name="weigh" value="scale">{{ __('On the scale') }}</button>
                      @endif
                    </x-form>
                  @endif
                </td>
              @endcan
            </tr>
          @endforeach
        </tbody>
      </table>
    </details>
  @endif
  @can('record')
    @if ($page->supers->isNotEmpty())
      <details class="astable">
        <summary>{{ __('extracted without tapping each load') }}</summary>
        <x-form :action="route('honey-room.extractor.supers')" class="flex flex-col gap-3">
          <fieldset class="choosehives wide">
            <legend>{{ __('These are extracted') }}</legend>
            @foreach ($page->supers as $super)
              <label class="check"><input type="checkbox" name="supers[]" value="{{ $super->id }}">
                {{ $super->title() }}</label>
            @endforeach
          </fieldset>
          <button class="btn">{{ __('Extracted') }}</button>
        </x-form>
      </details>
    @endif
  @endcan
  @if ($page->done->isNotEmpty())
    <section class="blk">
      <h2>{{ __('Extracted') }}</h2>
      <ul class="reasons">
        @foreach ($page->done as $load)
          <li>{{ __('Load :n', ['n' => $load->number]) }}:
            {{ trans_choice('{1} :count frame|[2,*] :count frames', $load->frames->count()) }},
            ~{{ $f->kg($load->frames->sum('honey_kg')) }}, {{ $f->moment($load->spun_at, $zone) }}</li>
        @endforeach
      </ul>
    </section>
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">
      {{ __('Calculated for :c and :water water.', ['c' => $f->celsius($page->celsius), 'water' => $f->water($page->waterPct)]) }}
    </h2>
    <p>
      {{ __('Frames of similar age and weight share a load and are placed in balance. The arrow shows the pull.') }}
    </p>
    <p>
      {{ __('If the extractor wobbles: stop it. Swap the heaviest frame with its neighbour, or add an empty comb opposite.') }}
    </p>
    <h3>{{ __('Uncapping') }}</h3>
    <p>
      {{ __('Combs wider than the wood: warm knife along the wood. Low spots: scratcher.') }}
      {{ __('Thin, dry cappings over even combs: roller.') }}
    </p>
    <p class="caution">
      {{ __('Close the lid before it turns; hands out until it stops. Hot knives burn. Touch switches with dry hands.') }}
    </p>
  </x-slot:why>
</x-page>
