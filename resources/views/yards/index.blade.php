<x-page :title="__('Yards and kit')" stage="yards">
  <h1>{{ __('Yards and kit') }}</h1>
  @if ($states === null)<x-yardlist stage="yards"/>@endif
  @foreach ($states ?? [] as $state)
    <section class="blk"><div class="hd"><h2><a href="{{ route('yards.yard', $state->apiary->slug) }}">{{ $state->apiary->name }}</a></h2><span class="sub">{{ trans_choice(':count hive|:count hives', count($state->hives)) }} · {{ number_format($state->apiary->latitude, 2) }}, {{ number_format($state->apiary->longitude, 2) }}@if ($state->apiary->heather) · {{ __('heather') }}@endif</span></div>
      {!! (new App\YardState\YardPicture(new App\Drawing\Elevation(0.075, marks: false)))->svg($state, __('Elevation of :yard', ['yard' => $state->apiary->name]), fn ($hive) => route('yards.hive', [$state->apiary->slug, $hive->hive->code]), fn ($hive, $box) => route('yards.hive', [$state->apiary->slug, $hive->hive->code])) !!}</section>
  @endforeach
  @can('manage')
  <section class="blk"><h2>{{ $states === [] ? __('Draw your first yard') : __('A new yard') }}</h2>
    <x-form :action="route('yards.store')" id="draw-yard">@include('yards.draw')<div class="btns"><button class="btn go">{{ __('Put it up') }}</button></div></x-form></section>
  @endcan
  <details class="astable blk" @if ($errors->hasAny(['comb_area_dm2', 'frames', 'kind'])) open @endif><summary>{{ __('Box kinds') }}</summary>
    <table class="table"><thead><tr><th>{{ __('Kind') }}</th><th class="num">{{ __('Frames') }}</th><th class="num">{{ __('Comb, dm² a side') }}</th><th class="num">{{ __('Inside width, mm') }}</th><th class="num">{{ __('Height, mm') }}</th><th class="num">{{ __('Empty') }}</th><th><span class="sr">{{ __('what to do') }}</span></th></tr></thead><tbody>
    @foreach ($kinds as $kind)<tr><td>{{ $kind->name }}</td><td class="num">{{ $kind->frames }}</td><td class="num">{{ $kind->combAreaDm2 }}</td><td class="num">{{ $kind->insideWidthMm }}</td><td class="num">{{ $kind->externalHeightMm }}</td><td class="num">{{ $f->kg($kind->emptyMassKg) }}</td>
      <td>@if ($row = $ownKinds[$kind->key] ?? null)@can('manage')<x-form :action="route('yards.kinds.destroy', $row)" method="delete" class="inline"><button class="link-btn">{{ __('remove') }} <span class="sr">{{ $kind->name }}</span></button></x-form>@endcan @endif</td></tr>@endforeach</tbody></table>
    @can('manage')<x-form :action="route('yards.kinds.store')"><div class="row"><x-field name="name" id="kind-name" :label="__('Your own kind')" maxlength="80" required/><x-field name="frames" type="number" :label="__('Frames')" value="10"/><x-field name="comb_area_dm2" type="number" step="0.01" :label="__('Comb, dm² a side')"/><x-field name="inside_width_mm" type="number" :label="__('Inside width, mm')"/></div>
      <div class="row"><x-field name="external_height_mm" type="number" :label="__('Outside height, mm')"/><x-field name="external_length_mm" type="number" :label="__('length, mm')"/><x-field name="external_width_mm" type="number" :label="__('width, mm')"/><x-field name="empty_mass_kg" type="number" step="0.1" :label="__('Empty with drawn comb, kg')"/><button class="btn">{{ __('Add it') }}</button></div></x-form>@endcan</details>
  <details class="astable"><summary>{{ __('Queens') }}</summary>
    @if ($queens->isEmpty())<p class="sub">{{ __('None noted yet: give a hive its queen on its own page.') }}</p>@endif
    <table class="table"><tbody>@foreach ($queens as $queen)<tr><td>@can('manage')<x-form :action="route('yards.queens.update', $queen->id)" method="put" class="row"><input type="hidden" name="version" value="{{ $queen->version }}">
      @foreach (['code' => __('Code'), 'line' => __('Line'), 'year' => __('Year')] as $key => $words)<div class="field"><label class="sr" for="{{ $key }}-{{ $queen->id }}">{{ $words }}, {{ $queen->code }}</label><input id="{{ $key }}-{{ $queen->id }}" name="{{ $key }}" value="{{ $queen->$key }}" maxlength="30"></div>@endforeach<button class="btn small">{{ __('Correct') }} <span class="sr">{{ $queen->code }}</span></button></x-form>@else{{ $queen->code }}, {{ $queen->line }}, {{ $queen->year }}@endcan</td>
      <td>@can('manage')<x-form :action="route('yards.queens.destroy', $queen->id)" method="delete" class="inline"><button class="link-btn">{{ __('remove') }} <span class="sr">{{ $queen->code }}</span></button></x-form>@endcan</td></tr>@endforeach</tbody></table></details>
  <section class="blk"><h2>{{ __('Boxes in store') }}</h2>
    @if ($store->isEmpty())<p class="sub">{{ __('None: every box stands on a hive.') }}</p>@else
    <table class="table"><tbody>@foreach ($store as $box)<tr><td>{{ $box->mark }}</td><td>{{ $kinds[$box->kind]->name ?? $box->kind }}</td><td>@can('manage')<x-form :action="route('yards.boxes.destroy', $box->id)" method="delete" class="inline"><button class="link-btn">{{ __('remove') }} <span class="sr">{{ $box->mark }}</span></button></x-form>@endcan</td></tr>@endforeach</tbody></table>@endif</section>
</x-page>
