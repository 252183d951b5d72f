<x-page :title="__('Weighings and instruments')" stage="calibrate">
  <div class="hd">
    <h1>{{ __('Weighings and instruments') }}</h1>
  </div>
  <p class="sub">
    {{ __('Your weighings and checks fit the estimates to your own combs and instruments.') }}
  </p>
  <section class="blk">
    <h2>{{ __('How full capped combs are') }}</h2>
    @if ($fills === [])
      <p class="empty">
        {{ __('No weighing yet. Weigh a super, or a few of its frames, before and after extraction.') }}</p>
    @endif
    @foreach ($fills as $key => $fill)
      <div class="stop">
        <div class="hd">
          <h3>{{ $fill->kind->name }}</h3>
          <span
            class="sub">{{ trans_choice('{1} :count weighing|[2,*] :count weighings', $fill->learnt->count) }}</span>
        </div>
        <x-drawing.wide :of="$picture->of($fill)" />
        <p>
          {{ __(
              'Usual filling 1.00 (give or take 0.12); your weighings say :factor (give or take :sd). The error falls from :errorBefore to :errorAfter.',
              [
                  'factor' => number_format($fill->learnt->factor, 3),
                  'sd' => number_format($fill->learnt->sd, 3),
                  'errorBefore' => $f->kg($fill->errorKg(1.0), 2),
                  'errorAfter' => $f->kg($fill->errorKg($fill->learnt->factor), 2),
              ],
          ) }}
          {{ __('A full box holds :learnt instead of :presumed.', [
              'learnt' => $f->kg($fill->fullKg($fill->learnt->factor)),
              'presumed' => $f->kg($fill->fullKg(1.0)),
          ]) }}
        </p>
        @can('manage')
          <div class="btns">
            @if (!$fill->isTaken())
              <x-form :action="route('calibrate.fill')" method="put">
                <x-hidden :of="['kind' => $key]" />
                <x-hidden :of="['take' => 1]" />
                <button class="btn go">{{ __('Use this value') }}</button>
              </x-form>
            @endif
            @if ($fill->inForce() !== 1.0)
              <span class="sub">{{ __('in use: :n', ['n' => number_format($fill->inForce(), 3)]) }}</span>
              <x-form :action="route('calibrate.fill')" method="put">
                <x-hidden :of="['kind' => $key]" />
                <x-hidden :of="['take' => 0]" />
                <button class="btn small">{{ __('Use the usual') }}</button>
              </x-form>
            @endif
          </div>
        @endcan
      </div>
    @endforeach
    @can('record')
      <details class="astable" @if ($errors->hasAny(['mark', 'slots', 'before', 'after'])) open @endif>
        <summary>{{ __('enter a weighing') }}</summary>
        <x-form :action="route('calibrate.weighings.store')" class="narrow">
          <div class="row">
            <x-field
              name="mark"
              :label="__('Mark of the box')"
              maxlength="20"
              required
            />
            <x-field name="slots" :label="__('Frames weighed')" :hint="__('such as 3, 4, 5; empty: the whole box')" />
          </div>
          <div class="row">
            <x-field
              name="before"
              type="number"
              step="any"
              min="0"
              :label="__('Before extraction, :unit', ['unit' => $f->massUnit()])"
              required
            />
            <x-field
              name="after"
              type="number"
              step="any"
              min="0"
              :label="__('After, :unit', ['unit' => $f->massUnit()])"
              required
            />
            <button class="btn">{{ __('Save the weighing') }}</button>
          </div>
        </x-form>
      </details>
    @endcan
    @if ($weighings->isNotEmpty())<x-astable>
        <table class="table">
          <thead>
            <tr>
              <th>{{ __('Day') }}</th>
              <th>{{ __('Box') }}</th>
              <th>{{ __('Frames') }}</th>
              <th class="num">{{ __('Estimated') }}</th>
              <th class="num">{{ __('Weighed') }}</th>
              <th><span class="sr">{{ __('Remove') }}</span></th>
            </tr>
          </thead>
          <tbody>
            @foreach ($weighings as $one)
              <tr>
                <td>{{ $f->date($one->weighed_on) }}</td>
                <td>{{ $one->box->mark }}</td>
                <td>{{ $one->slots === null ? __('all') : implode(', ', $one->slots) }}</td>
                <td class="num">~{{ $f->kg($one->estimate_kg, 2) }}</td>
                <td class="num">{{ $f->kg($one->before_kg - $one->after_kg, 2) }}</td>
                <td>
                  @can('manage')
                    <x-remove :action="route('calibrate.weighings.destroy', $one->id)" :of="$one->box->mark" />
                  @endcan
                </td>
              </tr>
            @endforeach
          </tbody>
        </table>
      </x-astable>@endif
  </section>
  <section class="blk" id="winter">
    <h2>{{ __('What winter took') }}</h2>
    @if ($winter->hives === [])
      <p class="empty">
        {{ __('No hive was weighed twice last winter. Weigh a hive in autumn and in spring to learn how much it uses.') }}
      </p>
    @else
      <p>
        {{ __('Last winter your hives used :n times the calculated amount (give or take :sd).', [
            'n' => number_format($winter->learnt->factor, 2),
            'sd' => number_format($winter->learnt->sd, 2),
        ]) }}
        @if (abs($factor - 1.0) > 0.0005)
          {{ __('In use: :n.', ['n' => number_format($factor, 2)]) }}
        @endif
      </p>
      <x-scroll :label="__('Winter weighings')">
        <x-table :head="[__('Hive'), __('Yard'), __('Calculated'), __('By the scales'), __('Ratio')]" num="3 4 5">
          @foreach ($winter->hives as $one)
            <tr>
              <td>{{ $one->code }}</td>
              <td>{{ $one->yard }}</td>
              <td class="num">~{{ $f->kg($one->calculatedKg) }}</td>
              <td class="num">{{ $f->kg($one->usedKg) }} <span
                  class="rng">{{ $f->kgRange($one->usedKg, $one->sdKg) }}</span></td>
              <td class="num">{{ number_format($one->ratio(), 2) }}</td>
            </tr>
          @endforeach
        </x-table>
      </x-scroll>
      @can('manage')
        <div class="btns">
          <x-form :action="route('calibrate.winter')" method="put">
            <x-hidden :of="['take' => 1]" />
            <button class="btn go">{{ __('Use this value') }}</button>
          </x-form>
          @if (abs($factor - 1.0) > 0.0005)
            <x-form :action="route('calibrate.winter')" method="put">
              <x-hidden :of="['take' => 0]" />
              <button class="btn small">{{ __('Use the usual') }}</button>
            </x-form>
          @endif
        </div>
      @endcan
    @endif
  </section>
  <section class="blk" id="instruments">
    <h2>{{ __('Refractometers') }}</h2>
    @if ($instruments->isEmpty())
      <p class="empty">
        {{ __('No instrument yet. Add one and its offset is added to each reading.') }}
      </p>
    @endif
    @foreach ($instruments as $one)
      <div class="stop">
        <div class="hd">
          <h3>{{ $one->name }}</h3>
          <span class="sub">{{ $say->scale($one->scale) }},
            {{ $one->compensated ? __('corrects for temperature') : __('does not correct for temperature') }}
            @if ($one->address)
              · {{ __('can be read') }}
            @endif
          </span>
        </div>
        <p>
          @if ($one->checked_on)
            {{ __('Offset :n, checked on :day.', [
                'n' => sprintf('%+.4g', $one->offset),
                'day' => $f->date($one->checked_on),
            ]) }}
            <x-term of="offset" :id="'offset-' . $one->id" />
          @else
            {{ __('Never checked, so no offset is added.') }}
          @endif
        </p>
        @can('manage')
          <x-form :action="route('calibrate.instruments.check', $one->id)" method="put" class="row">
            <x-field
              :id="'known-' . $one->id"
              name="known"
              type="number"
              step="any"
              :label="__('Water of the sample, %')"
              required
            />
            <x-field
              :id="'r-' . $one->id"
              name="readings"
              :label="__('Readings of it')"
              :hint="__('such as 17.2 17.4 17.3')"
              required
            />
            <x-field
              :id="'t-' . $one->id"
              name="temperature"
              type="number"
              step="0.5"
              :label="$f->temperatureUnit()"
              :value="round($f->temperatureValue(20))"
            />
            <button class="btn">{{ __('Save the check') }}</button>
          </x-form>
          <x-remove :action="route('calibrate.instruments.destroy', $one->id)" :words="__('remove :name', ['name' => $one->name])" />
        @endcan
      </div>
    @endforeach
    @can('manage')
      <details class="astable" @if ($errors->hasAny(['name', 'address'])) open @endif>
        <summary>{{ __('add an instrument') }}</summary>
        <x-form :action="route('calibrate.instruments.store')" class="narrow">
          <div class="row">
            <x-field
              name="name"
              :label="__('Name')"
              maxlength="60"
              required
            />
            <x-field name="scale" :label="__('Scale')" :options="$choose->scales()" />
          </div>
          <div class="row">
            <x-field name="compensated" :label="__('Corrects for temperature')" :options="['1' => __('yes'), '0' => __('no')]" />
            <x-field
              name="address"
              :label="__('Network address')"
              :hint="__('in your own network, or stand-in')"
              maxlength="200"
            />
            <button class="btn">{{ __('Add the instrument') }}</button>
          </div>
        </x-form>
      </details>
    @endcan
  </section>
  <x-slot:why>
    <p class="lab">{{ __('Why weigh') }}</p>
    <h2 class="say">{{ __('Combs differ. A scale measures what painting estimates.') }}</h2>
    <p>
      {{ __('Until you weigh, an estimate from painted combs is off by about 12 %, mostly in the same direction.') }}
      {{ __('A dozen weighed supers remove most of this error.') }}
    </p>
    <section>
      <h3>{{ __('Your eye') }}</h3>
      <p><a class="link" href="{{ route('practise.face') }}">{{ __('Practise on faces with a known answer') }}</a>
      </p>
    </section>
  </x-slot:why>
</x-page>
