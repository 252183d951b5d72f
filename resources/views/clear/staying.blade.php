@if ($staying !== [])
  <details class="astable blk">
    <summary>
      {{ trans_choice('{1} :count super stays: why, and where to decide|[2,*] :count supers stay: why, and where to decide', count($staying)) }}
    </summary>
    <ul class="facts">
      @foreach ($staying as $one)
        <li>
          <b>{{ $one->hive }}</b>
          <span>
            <x-verdict :of="$one->verdict()" size="14" /> {{ $one->name() }}:
            @if ($one->comesOff())
              {{ __('ripe, left for winter') }}
            @elseif ($one->decision !== null && !$one->decision->comesOff)
              {{ __('stays by your decision') }}
            @else
              {{ mb_strtolower($say->verdict($one->verdict())) }}
            @endif
            @if ($one->ripeness->waitDays)
              ·
              @if ($one->ripeness->waitDays > 21)
                {{ __('more than three weeks at this pace') }}
              @else
                {{ trans_choice('~:count day|~:count days', $one->ripeness->waitDays) }}
              @endif
            @endif
            ·
            <a class="link"
              href="{{ route($one->comesOff() ? 'winter.hive' : 'assess.hive', [$apiary->slug, $one->hive]) }}"
            >
              {{ $one->comesOff() ? __('Winter') : __('Assess') }}<span class="sr">
                {{ $one->hive }}
                {{ $one->name() }}</span></a>
          </span>
        </li>
      @endforeach
    </ul>
  </details>
@endif
