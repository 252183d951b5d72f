@php($apiary = $page->apiary)
@php($board = $page->board)
@php($winter = $page->winter)
@php($season = $page->season)
<x-page :title="__('Winter') . ': ' . $apiary->name" stage="winter" :yard="$apiary->slug">
  <x-slot:head>
    <script src="/build/winter.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <h1>{{ __(':yard may give ~:kg', ['yard' => $apiary->name, 'kg' => $f->kg($board->takeKg(), 0)]) }}</h1>
  <x-yard-sum :of="$apiary" />
  <p class="sub">
    {{ __('Honey above the mauve line may come off. Honey below it stays.') }}
    @if ($board->unlooked > 0)
      {{ trans_choice(':count super not inspected yet.|:count supers not inspected yet.', $board->unlooked) }}
    @endif
  </p>
  @if ($board->unknown() !== [])
    <p class="sub"><b>{{ $page->firstLooks() }}</b></p>
  @endif
  @foreach ($board->warnings() as $row)
    <p class="caution">
      <b><a class="link" href="{{ route('winter.hive', [$apiary->slug, $row->code]) }}">{{ $row->code }}</a></b>
      {{ __('may run out of stores by :day.', ['day' => $f->dateOf($row->runsOut)]) }}
    </p>
  @endforeach
  @if ($bare !== null)
    <p class="empty">
      {{ __($bare->isEmpty() ? 'No colony lives on :hive: it needs nothing for winter.' : 'Hive :hive has no box here.', ['hive' => $bare->code]) }}
      <a class="link" href="{{ route('yards.yard', $apiary->slug) }}">{{ __('Add a hive') }}</a>
    </p>
  @endif
  @if ($board->rows === [])
    <p class="empty">
      {{ __('This yard has no hive with boxes.') }}
      <a class="link" href="{{ route('yards.yard', $apiary->slug) }}">{{ __('Add a hive') }}</a>
    </p>
  @else
    <x-drawing.elevation :of="$board->picture" :hive="$winter?->state->code" />
    <ul class="key">
      <li><x-swatch>
          <rect class="cap" width="14" height="12" />
        </x-swatch>{{ __('stores that stay') }}</li>
      <li>
        <x-swatch>
          <path class="mline" d="M0 6h14" />
        </x-swatch>{{ $page->needed() }}
      </li>
      <li><x-swatch>
          <path class="gap" d="M1 1h12v10h-12z" />
        </x-swatch>{{ __('short') }}</li>
    </ul>
    <x-drawing.wide :of="$page->columns()" />
    <p class="my-2">
      @if ($board->mustBeFed())
        <b>{{ $page->feeding() }}</b>
        {{ $board->feedFrom === null ? $page->until() : $page->coming() }}
      @elseif ($board->unknown() === [])
        {{ __('No hive has to be fed.') }}
      @endif
      @if ($board->spareKg() > 0.5)
        {{ $page->spare() }}
      @endif
    </p>
    @include('winter.table')
    @if ($winter !== null)
      @include('winter.whatif')
      @include('winter.log')
    @endif
  @endif
  <x-slot:why>
    @if ($winter !== null)
      @include('winter.why')
    @endif
    <p class="caution">
      {{ __('Never feed while honey supers are on. Feed in the evening and spill nothing: robbing.') }}
      {{ __('Take the queen excluder out before winter. For treatments follow the label.') }}
    </p>
  </x-slot:why>
</x-page>
