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
  <span>
    @if ($row->decided !== null)
      {{ $say->verdict($row->verdict) }} ·
      <i>{{ $row->decided ? __('overruled: off') : __('your decision: stays') }}</i>
    @elseif ($row->nextSlot !== null)
      {{ __('Inspect frame :n', ['n' => $row->nextSlot]) }}
    @else
      {{ $say->verdict($row->verdict) }}
    @endif
  </span>
  <span class="num soft">
    {{ $row->isFresh ? __('not inspected') : '~' . $f->percent($row->cappedShare) . ' ' . __('capped') }}</span>
  <span class="num">
    @if ($row->isFresh)
      –
    @elseif ($row->isToLookAt())
      ~{{ $f->kg($row->kgInDoubt) }} {{ __('of') }} {{ $f->kg($row->honey->kg) }}
    @else
      ~{{ $f->kg($row->honey->kg) }}
    @endif
  </span>
</div>
