<x-page :title="__('Yards and kit')" stage="yards">
  <h1>{{ __('Yards and kit') }}</h1>
  @if ($states === null)<x-yardlist stage="yards"/>@endif
  @foreach ($states ?? [] as $state)
    <section class="blk"><div class="hd"><h2><a href="{{ route('yards.yard', $state->apiary->slug) }}">{{ $state->apiary->name }}</a></h2><span class="sub">{{ trans_choice(':count hive|:count hives', count($state->hives)) }} · {{ number_format($state->apiary->latitude, 2) }}, {{ number_format($state->apiary->longitude, 2) }}@if ($state->apiary->heather) · {{ __('heather') }}@endif</span></div>
      {!! (new App\Yards\YardPicture(new App\Support\Drawing\Elevation(0.075, marks: false)))->svg($state, __('Elevation of :yard', ['yard' => $state->apiary->name]), fn ($hive) => route('yards.hive', [$state->apiary->slug, $hive->hive->code]), fn ($hive, $box) => route('yards.hive', [$state->apiary->slug, $hive->hive->code])) !!}</section>
  @endforeach
  @can('manage')
  <section class="blk"><h2>{{ $states === [] ? __('Draw your first yard') : __('A new yard') }}</h2>
    <x-form :action="route('yards.store')" id="draw-yard">@include('yards.draw')<div class="btns"><button class="btn go">{{ __('Put it up') }}</button></div></x-form></section>
  @endcan
  <section class="blk"><h2>{{ __('Boxes in store') }}</h2>
    @if ($store->isEmpty())<p class="sub">{{ __('None: every box stands on a hive.') }}</p>@else
    <table class="table"><tbody>@foreach ($store as $box)<tr><td>{{ $box->mark }}</td><td>{{ $kinds[$box->kind]->name ?? $box->kind }}</td><td>@can('manage')<x-form :action="route('yards.boxes.destroy', $box->id)" method="delete" class="inline"><button class="link-btn">{{ __('remove') }} <span class="sr">{{ $box->mark }}</span></button></x-form>@endcan</td></tr>@endforeach</tbody></table>@endif</section>
</x-page>
