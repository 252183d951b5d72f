<x-page :title="__('Assess').': '.$apiary->name.($open ? ' '.$open->hive->code : '')" stage="assess" :yard="$apiary->slug">
  <x-slot:head>@if ($box)<script src="/build/painter.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>@endif</x-slot:head>
  <div class="hd"><h1>{{ $apiary->name }}</h1><x-legend/></div>
  <p class="sub">{{ trans_choice(':count hive|:count hives', $board->figures['hives']) }} · ~{{ $board->figures['kg'] }} {{ __('ripe') }} {{ $board->figures['range'] }} · {{ __(':n to look at', ['n' => $board->figures['look']]) }} · {{ $board->figures['flow'] }}</p>
  @if ($board->figures['hives'] === 0)
    <p class="empty">{{ __('No hive stands here yet.') }} <a class="link" href="{{ route('yards.yard', $apiary->slug) }}">{{ __('Put the first hive on a stand') }}</a></p>
  @else
    {!! $board->drawing($open?->hive->code, $box?->box->id) !!}
  @endif
  @if (! $open && $board->figures['hives'] > 0)
    <section class="blk today" id="today"><div class="hd"><h2>{{ __('To look at today') }}</h2><span class="sub">{{ __('most honey in doubt first') }}</span></div>
      @can('record')<form method="post" action="{{ route('assess.bulk', $apiary->slug) }}">@csrf<x-key/>@endcan
      {!! $board->today((array) old('boxes', [])) !!}
      @can('record')
        <div class="row bulk"><x-field name="choice" :label="__('The chosen supers')" :options="['take' => __('come off'), 'stay' => __('stay on their hives')] + (Illuminate\Support\Facades\Gate::check('manage') ? ['verdict' => __('go by their verdict again')] : [])"/>
          <x-field name="note" :label="__('Because')" maxlength="500" :hint="__('stays with each record')"/><button class="btn">{{ __('Decide for all chosen') }}</button></div>
        @error('boxes')<p class="err danger">{{ $message }}</p>@enderror
      </form>@endcan</section>
  @endif
  @if ($open && $box)
    <div class="opened" id="opened">
      <div class="opened-stack">
        <h2>{{ $open->hive->code }} <span class="soft sub">{{ $open->hive->colony?->queen ? __('queen :code', ['code' => $open->hive->colony->queen->code]) : '' }}</span></h2>
        {!! (new App\Assess\OpenedHive)->svg($open, $apiary->slug, $box, $slot) !!}
      </div>
      @include('assess.painter')
    </div>
  @endif
  {!! $board->table !!}
  <x-slot:why><div id="why-box">
    @if ($box)@include('assess.why', ['apiary' => $apiary, 'code' => $open->hive->code, 'next' => $next])@else
      <p class="lab">{{ __('Why: :yard', ['yard' => $apiary->name]) }}</p><h2 class="say">{{ $board->figures['look'] > 0 ? trans_choice('Look at :count super.|Look at :count supers.', $board->figures['look']) : __('All supers are judged.') }}</h2>
      <section><h3>{{ __('Policy here') }}</h3><p>{{ $policy->words() }}</p></section>
    @endif</div>
    <p class="caution">{{ __('Stings and allergy: carry what your doctor prescribed; do not work alone.') }}</p>
  </x-slot:why>
</x-page>
