<x-page :title="$round->name" stage="clear">
  <x-slot:head><script src="/build/round.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script></x-slot:head>
  <div class="hd"><h1>{{ $round->name }}</h1><span class="sub"><a href="{{ route('clear.rounds.index') }}">{{ __('all plans') }}</a></span></div>
  @include('clear.round-board')
  @can('manage')
  <section class="blk" id="move"><h2>{{ __('Move or lock a visit') }}</h2>
    <x-form :action="route('clear.rounds.move', $round->id)" method="put" data-move><input type="hidden" name="version" value="{{ $round->version }}">
      <div class="row"><x-field name="yard" :label="__('Yard')" :options="collect($round->task['yards'])->pluck('name', 'id')->all()"/><x-field name="way" :label="__('By')" :options="collect(Marjoram\Core\Rounds\Way::cases())->mapWithKeys(fn ($way) => [$way->value => App\Clear\RoundState::word($way)])->all()"/>
        @php($dates = collect($round->task['days'])->mapWithKeys(fn ($day) => [$day['date'] => $f->weekday(new DateTimeImmutable($day['date']))])->all())
        <x-field name="first" :label="__('Boards on')" :options="['' => __('no boards')] + $dates"/><x-field name="last" :label="__('Supers in')" :options="$dates"/><button class="btn">{{ __('Put it there and lock it') }}</button></div></x-form>
    @foreach ($round->locks as $id => $lock)@php($name = collect($round->task['yards'])->firstWhere('id', $id)['name'] ?? '')<x-form :action="route('clear.rounds.unlock', $round->id)" method="put" class="inline"><input type="hidden" name="yard" value="{{ $id }}"><button class="btn small">{{ __('Unlock :yard', ['yard' => $name]) }}</button></x-form>@endforeach
  </section>
  @endcan
  <x-slot:why><p class="lab">{{ __('Why') }}</p><h2 class="say">{{ __('The whole is :minutes of the crew.', ['minutes' => $f->minutes($state->plan->cost['total'])]) }}</h2>
    <section><dl>@foreach (['travel' => __('Driving'), 'work' => __('Work'), 'late' => __('Late'), 'weather' => __('Rain'), 'robbing' => __('Robbing'), 'parts' => __('Parts'), 'not_served' => __('Not served')] as $key => $words)@if ($state->plan->cost[$key] > 0.05)<dt>{{ $words }}</dt><dd>{{ $f->minutes($state->plan->cost[$key]) }}</dd>@endif @endforeach</dl></section>
    @if (collect($round->task['days'])->contains('presumed', true))<p class="caution">{{ __('Beyond the forecast the days are presumed: 20 °C and three days in ten with rain. Plan again when the forecast reaches them.') }}</p>@endif
    @can('manage')<div class="btns">
      @if (! $state->isRunning())<x-form :action="route('clear.rounds.again', $round->id)"><button class="btn">{{ $round->locks === [] ? __('Search again') : __('Plan the rest again') }}</button></x-form>@if ($round->plans->isEmpty() && $state->plan->services !== [])<x-form :action="route('clear.rounds.use', $round->id)"><button class="btn go">{{ __('Use this plan') }}</button></x-form>@endif @endif</div>@endcan
    @if ($round->plans->isNotEmpty())<section><p><a class="link" href="{{ route('clear.rounds.calendar', $round->id) }}">{{ __('Into the calendar') }}</a></p><h3>{{ __('Sheets of the yards') }}</h3><ul class="then">@foreach ($round->plans as $plan)<li><x-mark :glyph="App\Clear\Methods::glyph($plan->method)" size="16"/><a href="{{ route('clear.plan', $plan->id) }}">{{ collect($round->task['yards'])->firstWhere('id', $plan->apiary_id)['name'] ?? '' }}</a><span class="soft">{{ $f->day($plan->first_on) }}</span></li>@endforeach</ul></section>@endif
    <p class="caution">{{ __('No board stays more than three nights. Heavy boxes: two people or a tilting stand.') }}</p></x-slot:why>
</x-page>
