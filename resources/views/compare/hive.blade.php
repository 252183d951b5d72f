<div>
  <p class="lab">{{ __('Why: :hive', ['hive' => $hive->hive]) }}</p>
  <h2 class="say">
    @if ($hive->indexKg >= 0)
      {{ __(':kg per season above its neighbours.', ['kg' => $f->kg($hive->indexKg)]) }}
    @else
      {{ __(':kg per season below its neighbours.', ['kg' => $f->kg(-$hive->indexKg)]) }}
    @endif
  </h2>
</div>
<section>
  <dl>
    @foreach (array_reverse($hive->seasons, true) as $year => $one)
      <dt>{{ $year }}</dt>
      <dd>
        {{ $one->weighed ? '' : '~' }}{{ $f->kg($one->honey->kg) }} <span
          class="rng">{{ $f->kgRange($one->honey->kg, $one->honey->sdKg()) }}</span>
      </dd>
    @endforeach
  </dl>
</section>
<section>
  <h3>{{ __('Facts used') }}</h3>
  <ul class="facts">
    @foreach (array_reverse($hive->seasons, true) as $year => $one)
      <li>
        <span>{{ $year }}</span>
        <span>{{ $say->taken($one->supers, $one->frames) }}, {{ $one->queenWords() }}</span>
      </li>
    @endforeach
  </ul>
</section>
@if ($page->facts !== [])
  <section>
    <h3>{{ __('What happened') }}</h3>
    <ul class="facts">
      @foreach ($page->facts as $fact)
        <li>
          <span>{{ $f->date($fact->on) }}</span>
          <span>{{ $fact->words }}</span>
        </li>
      @endforeach
    </ul>
  </section>
@endif
