<div class="lookrow">
  @can('record')
    <label class="tick">
      <input
        type="checkbox"
        name="boxes[]"
        value="{{ $row->id }}"
        @checked(in_array($row->id, (array) old('boxes', []), true))
      />
      <span class="sr">{{ __('choose :hive, :box', ['hive' => $row->hive, 'box' => $row->name]) }}</span>
    </label>
  @endcan
  <x-verdict :of="$row->verdict" size="18" />
  <a
    href="{{ route('assess.hive', array_filter([$apiary->slug, $row->hive, 'box' => $row->id, 'slot' => $row->nextSlot])) }}#painter"><b>{{ $row->hive }}</b>
    {{ $row->name }}</a>
  <span>{{ $say->verdict($row->verdict) }}
    @if ($row->decided !== null)
      · <i>{{ $row->decided ? __('overruled: off') : __('your decision: stays') }}</i>
    @elseif ($row->isToLookAt())
      {{ $row->nextSlot === null ? __('by a water reading') : __('at frame :n', ['n' => $row->nextSlot]) }}
    @endif
  </span>
  <span class="num soft">~{{ $f->percent($row->cappedShare) }} {{ __('capped') }}</span>
  <span class="num">
    @if ($row->isToLookAt())
      ~{{ $f->kg($row->kgInDoubt) }} {{ __('of') }} {{ $f->kg($row->honey->kg) }}
    @else
      ~{{ $f->kg($row->honey->kg) }}
    @endif
  </span>
</div>
