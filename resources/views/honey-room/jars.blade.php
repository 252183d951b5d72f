<x-page :title="__('Settle and jar')" stage="honey-room" :wall="true">
  <h1>{{ __('Settle and jar') }}</h1>
  @include('honey-room.tabs')
  @foreach ($wrong as $sentence)
    <p class="notice bad" role="alert">{{ $sentence }}</p>
  @endforeach
  <form method="get" action="{{ route('honey-room.jars') }}" class="flex flex-col gap-3">
    <section class="blk">
      <h2>{{ __('Until it is clear') }}</h2>
      <div class="row">
        <x-field
          name="depth"
          type="number"
          step="0.1"
          :min="$f->lengths->hand(1)"
          :max="$f->lengths->hand(500)"
          :label="__('Depth, :unit', ['unit' => $f->lengths->handUnit()])"
          :value="$f->lengths->hand($form->depthCm())"
        />
        <x-field
          name="water"
          type="number"
          step="0.1"
          min="13.7"
          max="21.5"
          :label="__('Water, %')"
          :value="$form->waterPct()"
        />
        <button class="btn">{{ __('Calculate') }}</button>
      </div>
      <table class="table">
        <tr>
          @foreach (array_keys($hours) as $warmth)
            <th class="num" scope="col">{{ $warmth }}</th>
          @endforeach
        </tr>
        <tr>
          @foreach ($hours as $one)
            <td class="num">~{{ $f->minutes(60 * $one) }}</td>
          @endforeach
        </tr>
      </table>
      <p class="sub">
        {{ __('For wax crumbs of 0.2 mm; finer crumbs and bubbles take longer.') }}
        {{ __('Heat above :hot harms honey.', ['hot' => $f->celsius(40.0)]) }}
      </p>
    </section>
    <section class="blk">
      <h2>{{ __('Which jars') }}</h2>
      <div class="row">
        <x-field
          name="honey"
          type="number"
          step="any"
          min="0"
          :label="__('Honey in the tank, :unit', ['unit' => $f->massUnit()])"
          :value="$form->typed('honey')"
        />
        <x-field
          name="goal"
          :label="__('So that')"
          :value="$form->goal()->value"
          :options="['least-left' => __('the least honey is left'), 'most-value' => __('the jars are worth most')]"
        />
      </div>
      <x-table :head="[__('Net, g'), __('Empty jars'), __('Ordered'), __('Price'), __('Fill')]" num="5">
        @foreach ($rows as $i)
          <tr>
            @foreach (['net' => __('Net, g'), 'stock' => __('Empty jars'), 'must' => __('Ordered'), 'price' => __('Price')] as $name => $words)
              <td>
                <div class="field">
                  <label class="sr" for="{{ $name }}-{{ $i }}">{{ $words }},
                    {{ $i + 1 }}</label>
                  <input
                    id="{{ $name }}-{{ $i }}"
                    name="{{ $name }}[{{ $i }}]"
                    type="number"
                    step="any"
                    min="0"
                    value="{{ $form->typed($name, $i) }}"
                  />
                </div>
              </td>
            @endforeach
            <td class="num"><b>{{ $plan->fill[$i] ?? '' }}</b></td>
          </tr>
        @endforeach
      </x-table>
      @if ($plan && $plan->jars() === 0)
        <p class="notice">
          {{ __('No jar can be filled. Enter how many empty jars you have, or more honey.') }}
        </p>
      @elseif ($plan)
        <p>
          {{ trans_choice('{1} :count jar|[0,*] :count jars', $plan->jars()) }},
          {{ __(':g g left', ['g' => $plan->leftG]) }}{{ $plan->value > 0 ? ', ' . __('worth :value', ['value' => number_format($plan->value, 2)]) : '' }}
        </p>
      @endif
      <p class="sub">{{ __('One hundredth stays in the tank. Orders are filled first.') }}</p>
    </section>
    <section class="blk">
      <h2>{{ __('Do the jars hold enough?') }}</h2>
      <div class="row">
        <x-field
          name="nominal"
          type="number"
          min="5"
          max="10000"
          :label="__('Label weight, g')"
          :value="$form->nominalG()"
        />
        <x-field
          name="weights"
          :label="__('Net weights, g')"
          :hint="__('with spaces between')"
          :value="$form->typed('weights')"
        />
      </div>
      @if ($prepack)
        <p>
          {{ __(':n jars, mean :mean g; :short short by more than :error g, :twice by more than twice that.', [
              'n' => $prepack->jars,
              'mean' => number_format($prepack->meanG, 1),
              'short' => $prepack->short,
              'error' => number_format($prepack->tolerableG, 1),
              'twice' => $prepack->twiceShort,
          ]) }}
          <b>{{ $prepack->passes() ? __('The rules of the average system are met.') : __('The rules are not met. Fill the jars up.') }}</b>
          <x-term of="average system" />
        </p>
      @endif
      <button class="btn go">{{ __('Calculate') }}</button>
    </section>
  </form>
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <x-disclosure :summary="__('How this was calculated')">
      <p>{{ __('Wax rises like small balls in a thick liquid. Warmth and water decide how thick honey is.') }}</p>
      <p>{{ __('The choice is exact: no other filling leaves less, or is worth more.') }}
      </p>
    </x-disclosure>
    <p class="caution">
      {{ __('Labels, net weights and checks: see your law. No honey for infants under 12 months.') }}
    </p>
  </x-slot:why>
</x-page>
