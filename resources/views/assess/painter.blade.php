<section class="painter" id="painter" aria-label="{{ __('Frame painter') }}" data-url="{{ route('assess.frames.update', [$box->box->id, $slot]) }}" data-version="{{ $looks->stored?->version }}"
  data-next="{{ $at(min($box->fitted->framesFitted, $slot + 1)) }}" data-day="{{ $on }}"
  @foreach (['lower' => -1, 'higher' => 1] as $where => $step)@php($other = collect($open->supers())->firstWhere('number', $box->number + $step))@if ($box->isSuper() && $other) data-{{ $where }}="{{ route('assess.hive', array_filter([$apiary->slug, $open->hive->code, 'box' => $other->box->id, 'on' => $on])) }}#painter"@endif @endforeach
  data-faces="{{ json_encode($looks->faces) }}" data-seen="{{ $looks->stored ? '1' : '0' }}" data-ratio="{{ round($box->faceRatio(), 3) }}"
  data-words="{{ json_encode(['saving' => __('saving …'), 'saved' => __('saved'), 'kept' => __('Not sent: no answer. It is kept here; paint on, and it is sent with the next change.'), 'conflict' => __('Someone else painted this frame meanwhile. Theirs: :theirs. Yours: :mine.'), 'presumed' => __('presumed: not looked at yet')]) }}">
  <div class="painter-head"><h2>{{ ucfirst($box->name()) }}, {{ __('frame :n', ['n' => $slot]) }} <span class="soft">{{ __('of :n', ['n' => $box->fitted->framesFitted]) }}</span></h2>
    <span class="btns conflict" data-conflict hidden><button type="button" class="btn small" data-keep>{{ __('Keep mine') }}</button><button type="button" class="btn small" data-theirs>{{ __('Take theirs') }}</button></span>
    <span class="status" role="status" aria-live="polite" data-status>{{ $looks->stored === null ? __('presumed: not looked at yet') : ($looks->stored->glanced ? __('taken as like another, not pulled') : '') }}</span></div>
  <nav class="slots" aria-label="{{ __('Frames') }}">
    @foreach ($looks->slots as $one)<a href="{{ $at($one['slot']) }}" @class(['unseen' => ! $one['seen'], 'alike' => $one['glanced']]) @if ($one['slot'] === $slot) aria-current="true" @endif aria-label="{{ __('Frame :n', ['n' => $one['slot']]) }}{{ $one['glanced'] ? ', '.__('taken as alike') : ($one['seen'] ? '' : ', '.__('not looked at')) }}">{{ $one['slot'] }}</a>@endforeach
  </nav>
  @if ($on)<p class="caution">{{ __('You are entering the look of :day.', ['day' => $f->date(new DateTimeImmutable($on))]) }} <a class="link" href="{{ route('assess.hive', [$apiary->slug, $open->hive->code, 'box' => $box->box->id]) }}#painter">{{ __('Back to today') }}</a></p>@endif
  @error('seen_on')<p class="err danger">{{ $message }}</p>@enderror
  <p class="line thumb-only" id="line-box">@include('assess.line')</p>
  @cannot('record')<p class="sub">{{ __('You may look, not paint.') }}</p>@endcannot
  @can('record')
  <div data-live hidden>
    <div class="faces">
      @foreach (['a', 'b'] as $side)
        <div class="face" data-face="{{ $side }}"><h3>{{ strtoupper($side) }}
          <span class="shares">@foreach (['capped', 'open', 'brood', 'empty'] as $what)<span>{{ __($what) }} <b data-share="{{ $what }}">0 %</b></span> @endforeach</span></h3>
          <canvas tabindex="0" role="slider" aria-label="{{ __('Face :side: capped tenths', ['side' => strtoupper($side)]) }}" aria-valuemin="0" aria-valuemax="100" aria-valuenow="0" aria-orientation="vertical"></canvas></div>
      @endforeach
    </div>
    <div class="tenths paint"><span class="lab">{{ __('paint') }}</span>
      @foreach (['capped' => 'c', 'open' => 'o', 'brood' => 'b', 'pollen' => 'p'] as $what => $key)<button type="button" class="tool" data-tool="{{ $what }}" aria-pressed="{{ $what === 'capped' ? 'true' : 'false' }}">{{ __($what) }} <kbd aria-hidden="true">{{ $key }}</kbd></button>@endforeach</div>
    <div class="tenths" role="group" aria-label="{{ __('Tenths of the face') }}"><span class="lab">{{ __('tenths') }}</span>
      @foreach (range(0, 9) as $tenth)<button type="button" data-tenth="{{ $tenth }}">{{ $tenth }}</button>@endforeach<button type="button" data-tenth="10">{{ __('full') }} <kbd aria-hidden="true">f</kbd></button></div>
    <div class="tenths go3"><button type="button" class="tool" data-copy>{{ __('other face the same') }} <kbd aria-hidden="true">s</kbd></button><button type="button" class="tool" data-back>{{ __('undo stroke') }} <kbd aria-hidden="true">u</kbd></button>
      <a class="btn go" href="{{ $at(min($box->fitted->framesFitted, $slot + 1)) }}" data-next>{{ __('Next frame') }} <kbd aria-hidden="true">Enter</kbd></a></div>
  </div>
  <div class="btns repeat">
    @if ($looks->wasSeenBefore)<x-form :action="route('assess.alike', $box->box->id)"><input type="hidden" name="what" value="before"><input type="hidden" name="slot" value="{{ $slot }}"><input type="hidden" name="seen_on" value="{{ $on }}"><button class="btn small" data-key="r">{{ __('This frame: same as on :day', ['day' => $f->day($looks->before)]) }} <kbd aria-hidden="true">r</kbd></button></x-form>@endif
    @if ($looks->before)<x-form :action="route('assess.alike', $box->box->id)"><input type="hidden" name="what" value="before"><input type="hidden" name="back" value="{{ $slot }}"><input type="hidden" name="seen_on" value="{{ $on }}"><button class="btn small" data-key="a">{{ __('Whole super: same as on :day', ['day' => $f->day($looks->before)]) }} <kbd aria-hidden="true">a</kbd></button></x-form>@endif
    <x-form :action="route('assess.alike', $box->box->id)"><input type="hidden" name="what" value="alike"><input type="hidden" name="slot" value="{{ $slot }}"><input type="hidden" name="seen_on" value="{{ $on }}"><button class="btn small" data-key="w">{{ __('Whole super looks like this frame') }} <kbd aria-hidden="true">w</kbd></button></x-form>
  </div>
  <details class="astable" data-form @if (! $errors->hasAny(['a', 'b'])) @else open @endif><summary>{{ __('as figures') }}</summary>
    <x-form :action="route('assess.frames.update', [$box->box->id, $slot])" method="put" class="narrow"><input type="hidden" name="version" value="{{ $looks->stored?->version }}"><input type="hidden" name="seen_on" value="{{ $on }}">
      @foreach (['a', 'b'] as $side)<fieldset><legend>{{ __('Face :side, shares from 0 to 1', ['side' => strtoupper($side)]) }}</legend><div class="row">
        @foreach (['capped', 'open', 'brood', 'pollen'] as $what)<div class="field"><label for="n-{{ $side }}-{{ $what }}">{{ __($what) }}</label><input id="n-{{ $side }}-{{ $what }}" name="{{ $side }}[{{ $what }}]" type="number" min="0" max="1" step="any" value="{{ is_scalar(old("$side.$what")) ? old("$side.$what") : $looks->faces[$side][$what] }}" @if ($errors->has($side) || $errors->has("$side.$what")) aria-invalid="true" @endif></div>@endforeach
        @error($side)<span class="err danger">{{ $message }}</span>@enderror</div></fieldset>@endforeach
      <div class="btns"><button class="btn go">{{ __('Save the frame') }}</button></div></x-form>
    @if ($looks->stored)@can('manage')<x-form :action="route('assess.frames.destroy', $looks->stored->id)" method="delete"><button class="link-btn">{{ __('count frame :n as not looked at', ['n' => $slot]) }}</button></x-form>@endcan @endif
  </details>
  <details class="astable"><summary>{{ __('enter a look from a paper note') }}</summary>
    <form method="get" action="{{ route('assess.hive', [$apiary->slug, $open->hive->code]) }}" class="row"><input type="hidden" name="box" value="{{ $box->box->id }}"><input type="hidden" name="slot" value="{{ $slot }}">
      <x-field name="on" type="date" :label="__('Seen on')" :value="$on"/><button class="btn">{{ __('Paint that day') }}</button></form></details>
  <div class="cols2">
    <section class="blk"><h2>{{ __('Shake test') }}</h2><div class="btns">
      @foreach (['passed' => __('no nectar falls'), 'failed' => __('nectar rains out'), '' => __('not done')] as $value => $words)
        <x-form :action="route('assess.shake', $box->box->id)" method="put"><input type="hidden" name="shake" value="{{ $value }}"><input type="hidden" name="seen_on" value="{{ $on }}"><button class="btn small" aria-pressed="{{ ($box->look->latest?->shake ?? '') === $value ? 'true' : 'false' }}">{{ $words }}</button></x-form>@endforeach</div></section>
    <section class="blk"><h2>{{ __('Refractometer') }}</h2>
      @foreach ($instruments as $instrument)@if ($instrument->address)<x-form :action="route('assess.readings.instrument', $box->box->id)"><input type="hidden" name="instrument" value="{{ $instrument->id }}"><button class="btn">{{ __('Read from :name', ['name' => $instrument->name]) }}</button></x-form>@endif @endforeach
      @error('instrument')<p class="err danger">{{ $message }}</p>@enderror
      <x-form :action="route('assess.readings.store', $box->box->id)"><input type="hidden" name="seen_on" value="{{ $on }}"><div class="row">
        <x-field name="value" type="number" step="any" :label="__('Reading')" required/>
        <x-field name="scale" :label="__('Scale')" value="water" :options="['water' => __('water %'), 'nd' => __('nD'), 'brix' => __('°Brix')]"/>
        <x-field name="temperature" type="number" step="0.5" :label="$f->temperatureUnit()" :value="round($f->temperatureValue(20))"/></div>
        <div class="row"><x-field name="atc" :label="__('Corrects for temperature itself')" value="usual" :options="['usual' => __('as usual for the scale'), 'yes' => __('yes'), 'no' => __('no')]"/>
          @if ($instruments->isNotEmpty())<x-field name="instrument" :label="__('Instrument')" :hint="__('its checked offset is added')" :options="['' => __('none of these')] + $instruments->pluck('name', 'id')->all()"/>@endif<button class="btn">{{ __('Note it') }}</button></div></x-form>
      @foreach ($box->look->readings as $reading)@php($water = (new Marjoram\Core\Moisture\Refractometry)->convert(App\YardState\Looks\SuperMapper::reading($reading)))
        <p class="sub">{{ rtrim(rtrim(number_format($reading->value, 4), '0'), '.') }} {{ ['water' => '%', 'nd' => 'nD', 'brix' => '°Bx'][$reading->scale] }}, {{ $f->celsius($reading->temperature_c) }}@if ((float) $reading->offset !== 0.0), {{ __('offset :n', ['n' => rtrim(rtrim(sprintf('%+.4f', $reading->offset), '0'), '.')]) }}@endif = <b>{{ $f->water($water->waterPct) }}</b>
        @can('manage')<x-form :action="route('assess.readings.destroy', $reading->id)" method="delete" class="inline"><button class="link-btn">{{ __('remove') }}</button></x-form>@endcan</p>@endforeach</section>
  </div>
  @endcan
  @include('assess.history')
</section>
