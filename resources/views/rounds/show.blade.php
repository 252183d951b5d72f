@php($schedule = $page->schedule())
<x-page :title="$schedule->name" stage="clear">
  <x-slot:head>
    <script src="/build/round.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <div class="hd">
    <h1>{{ $schedule->name }}</h1>
    <span class="sub"><a href="{{ route('clear.rounds.index') }}">{{ __('all schedules') }}</a></span>
  </div>
  @include('rounds.board')
  @can('manage')
    <section class="blk" id="move">
      <h2>{{ __('Move or lock a visit') }}</h2>
      <x-form :action="route('clear.rounds.move', $schedule->id)" method="put" data-move>
        <x-hidden :of="['version' => $schedule->version, 'part' => '']" />
        <div class="row">
          <x-field name="yard" :label="__('Yard')" :options="$page->yards()" />
          <x-field name="method" :label="__('Method')" :options="$page->methods()" />
          <x-field name="first" :label="__('Boards on')" :options="['' => __('no boards')] + $page->dates()" />
          <x-field name="last" :label="__('Supers in')" :options="$page->dates()" />
          <button class="btn">{{ __('Move and lock') }}</button>
        </div>
      </x-form>
      @foreach ($page->locked() as $id => $name)
        <x-form :action="route('clear.rounds.unlock', $schedule->id)" method="put" class="inline">
          <x-hidden :of="['yard' => $id]" />
          <button class="btn small">{{ __('Unlock :yard', ['yard' => $name]) }}</button>
        </x-form>
      @endforeach
    </section>
  @endcan
  <x-slot:why>
    @include('rounds.why')
  </x-slot:why>
</x-page>
