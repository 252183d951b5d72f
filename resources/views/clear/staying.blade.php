@if ($staying !== [])
  <details class="astable blk">
    <summary>
      {{ trans_choice('{1} :count super stays: why, and where to overrule it|[2,*] :count supers stay: why, and where to overrule it', count($staying)) }}
    </summary>
    <ul class="facts">
      @foreach ($staying as $one)
        <li>
          <b>{{ $one->hive->code }}</b>
          <span>
            <x-verdict :of="$one->box->verdict()" size="14" /> {{ $one->box->name() }}:
            @if ($one->box->comesOff())
              {{ __('ripe, and kept for winter') }}
            @elseif ($one->box->decision !== null && !$one->box->decision->comesOff)
              {{ __('stays by your decision') }}
            @else
              {{ mb_strtolower($say->verdict($one->box->verdict())) }}
            @endif
            @if ($one->box->ripeness->waitDays)
              ·
              @if ($one->box->ripeness->waitDays > 21)
                {{ __('more than three weeks at this pace') }}
              @else
                {{ trans_choice('~:count day|~:count days', $one->box->ripeness->waitDays) }}
              @endif
            @endif
            ·
            <a class="link"
              href="{{ route($one->box->comesOff() ? 'winter.hive' : 'assess.hive', [$apiary->slug, $one->hive->code]) }}"
            >
              {{ $one->box->comesOff() ? __('Winter share') : __('Assess') }}<span class="sr">
                {{ $one->hive->code }}
                {{ $one->box->name() }}</span></a>
          </span>
        </li>
      @endforeach
    </ul>
  </details>
@endif
