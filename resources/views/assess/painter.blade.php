<section
  class="painter"
  id="painter"
  aria-label="{{ __('Frame painter') }}"
  data-box="{{ $box->id }}"
  data-slot="{{ $slot }}"
  data-hive="{{ $hive->code }}"
  data-day="{{ $opened->on }}"
  data-boxes="{{ json_encode($opened->frames->boxes) }}"
  data-words="{{ json_encode($choose->painterWords()) }}"
>
  <div class="painter-head">
    <h2>
      {{ ucfirst($box->name()) }}, {{ __('frame :n', ['n' => $slot]) }}
      <span class="soft">{{ __('of :n', ['n' => $box->fitted->framesFitted]) }}</span>
    </h2>
    <span class="btns flex-wrap" data-conflict hidden>
      <button type="button" class="btn small" data-keep>{{ __('Use mine') }}</button>
      <button type="button" class="btn small" data-theirs>{{ __('Use theirs') }}</button>
    </span>
    <span
      class="text-sm text-soft min-h-5"
      role="status"
      aria-live="polite"
      data-status
    >{{ $looks->status() }}</span>
  </div>
  <nav class="slots" aria-label="{{ __('Frames') }}">
    @foreach ($looks->slots as $one)
      <a
        href="{{ $opened->at($one->slot) }}"
        @class(['unseen' => !$one->seen, 'alike' => $one->glanced])
        @if ($one->slot === $slot) aria-current="true" @endif
        aria-label="{{ $one->label() }}"
      >{{ $one->slot }}</a>
    @endforeach
  </nav>
  @if ($opened->on)
    <p class="caution">
      {{ __('You are entering the inspection of :day.', ['day' => $f->dateOf($opened->on)]) }}
      <a class="link"
        href="{{ route('assess.hive', [$apiary->slug, $hive->code, 'box' => $box->id]) }}#painter">{{ __('Back to today') }}</a>
    </p>
  @endif
  @error('seen_on')
    <p class="err danger">{{ $message }}</p>
  @enderror
  <p class="gap-2 items-center flex-wrap my-1 thumb-only" id="line-box" data-around="line">
    @include('assess.line', ['next' => $opened->next])</p>
  @cannot('record')
    <p class="sub">{{ __('Your role may look, not paint.') }}</p>
  @endcannot
  @can('record')
    @include('assess.brush')
  @endcan
  <div data-around="rest">
    @can('record')
      @include('assess.alike')
      @include('assess.figures')
      <x-disclosure :summary="__('enter an inspection from a paper note')">
        <form method="get" action="{{ route('assess.hive', [$apiary->slug, $hive->code]) }}" class="row">
          <x-hidden :of="['box' => $box->id, 'slot' => $slot]" />
          <x-field
            name="on"
            type="date"
            :label="__('Seen on')"
            :value="$opened->on"
          />
          <button class="btn">{{ __('Paint that day') }}</button>
        </form>
      </x-disclosure>
      <div class="cols2">
        <section class="blk">
          <h2>{{ __('Shake test') }} <x-term of="shake test" /></h2>
          <div class="btns">
            @foreach ($choose->shakes() as $value => $words)
              <x-form :action="route('assess.shake', $box->id)" method="put">
                <x-hidden :of="['shake' => $value, 'seen_on' => $opened->on]" />
                <button class="btn small"
                  aria-pressed="{{ ($box->look->shake ?? '') === $value ? 'true' : 'false' }}">{{ $words }}</button>
              </x-form>
            @endforeach
          </div>
        </section>
        @include('assess.refractometer')
      </div>
    @endcan
    @include('assess.history')
  </div>
</section>
