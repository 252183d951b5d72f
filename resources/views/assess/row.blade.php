<div class="lookrow">
  @can('record')
    <label class="tick">
      <input
        type="checkbox"
        name="boxes[]"
        value="{{ $row->box }}"
        @checked(in_array($row->box, (array) old('boxes', []), true))
      />
      <span class="sr">{{ __('choose :hive, :box', ['hive' => $row->code, 'box' => $row->name]) }}</span>
    </label>
  @endcan
  <x-verdict :of="$row->verdict" size="18" />
  <a
    href="{{ route('assess.hive', array_filter([$apiary->slug, $row->code, 'box' => $row->box, 'slot' => $row->slot])) }}#painter"><b>{{ $row->code }}</b>
    {{ $row->name }}</a>
  <span>{{ $say->verdict($row->verdict) }}
    @if ($row->decided !== null)
      · <i>{{ $row->decided ? __('overruled: off') : __('overruled: stays') }}</i>
    @elseif ($row->isDoubtful())
      {{ $row->slot === null ? __('by a reading') : __('at frame :n', ['n' => $row->slot]) }}
    @endif
  </span>
  <span class="num soft">~{{ $f->percent($row->capped) }} {{ __('capped') }}</span>
  <span class="num">{{ $row->kg($f) }}</span>
</div>
