<details class="astable" data-form @if ($errors->hasAny(['a', 'b'])) open @endif>
  <summary>{{ __('as figures') }}</summary>
  <x-form :action="route('assess.frames.update', [$box->id, $slot])" method="put" class="narrow">
    <x-hidden :of="['version' => $looks->stored?->version, 'seen_on' => $opened->on, 'unit' => 'percent']" />
    @foreach ($looks->faces as $side => $face)
      <fieldset>
        <legend>{{ __('Face :side, per cent of it', ['side' => strtoupper($side)]) }}</legend>
        <div class="row">
          @foreach (['capped', 'open', 'brood', 'pollen'] as $what)
            <div class="field">
              <label for="n-{{ $side }}-{{ $what }}">{{ __($what) }}</label>
              @if ($what === 'open')
                <small class="hint">{{ __('empty: not stated') }}</small>
              @endif
              <input
                id="n-{{ $side }}-{{ $what }}"
                name="{{ $side }}[{{ $what }}]"
                type="number"
                min="0"
                max="100"
                step="any"
                value="{{ is_scalar(old("$side.$what")) ? old("$side.$what") : ($what === 'open' && !$face->restStated ? '' : round(100 * $face->$what, 1)) }}"
                @if ($errors->hasAny([$side, "$side.$what"])) aria-invalid="true" @endif
              />
            </div>
          @endforeach
          @error($side)
            <span class="err danger">{{ $message }}</span>
          @enderror
        </div>
      </fieldset>
    @endforeach
    <div class="btns"><button class="btn go">{{ __('Save the frame') }}</button>
    </div>
  </x-form>
  @if ($looks->stored)
    @can('manage')
      <x-remove :action="route('assess.frames.destroy', $looks->stored->id)" :words="__('count frame :n as not inspected', ['n' => $slot])" />
    @endcan
  @endif
</details>
