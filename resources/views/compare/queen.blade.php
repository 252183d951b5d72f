<x-page :title="$queen->code" stage="compare" :yard="$queen->yard">
  <div class="hd">
    <h1>{{ __('Queen :code', ['code' => $queen->code]) }}</h1>
    <span class="sub">
      {{ __('line :line, of :year', ['line' => $queen->line, 'year' => $queen->year]) }} ·
      {{ $queen->hive === null ? __('heads no colony now') : $queen->hive . ', ' . $queen->yardName }}
    </span>
  </div>
  @include('compare.tabs')
  <section class="blk">
    <h2>{{ __('Her seasons') }}</h2>
    @if ($seasons->isEmpty())
      <p class="empty">{{ __('No season of her own yet. The estimate comes from her relatives.') }}</p>
    @else
      <x-table :head="[__('Season'), __('Hive'), $f->massUnit(), __('How'), __('What happened to it')]" num="3">
        @foreach ($seasons as $crop)
          <tr>
            <th scope="row">{{ $crop->season }}</th>
            <td>{{ $crop->hive }}, {{ $crop->yard }}</td>
            <td class="num">{{ $f->kg($crop->honey->kg) }}</td>
            <td>{{ $crop->how() }}</td>
            <td>
              {{ $crop->happened() }}
            </td>
          </tr>
        @endforeach
      </x-table>
    @endif
  </section>
  <div class="cols2">
    <section class="blk">
      <h2>{{ __('Her daughters') }}</h2>
      @if ($daughters->isEmpty())
        <p class="sub">{{ __('Not known.') }}</p>
      @endif
      <ul class="facts">
        @foreach ($daughters as $one)
          <li>
            <span><a class="link" href="{{ route('compare.queen', $one->id) }}">{{ $one->code }}</a></span>
            <span>
              {{ $one->hive ?? __('gone') }}
              @if ($one->merit !== null && $page->isRanked())
                · {{ $f->kg($page->kg($one->merit->merit)) }} <span class="rng">{{ $page->range($one) }}</span>
              @endif
            </span>
          </li>
        @endforeach
      </ul>
    </section>
    <section class="blk">
      <h2>{{ __('What happened') }}</h2>
      @if ($facts->isEmpty())
        <p class="sub">{{ __('No note.') }}</p>
      @endif
      <ul class="facts">
        @foreach ($facts as $fact)
          <li><span>{{ $f->date($fact->happened_on) }}</span><span>{{ $fact->words() }} {{ $fact->hive?->code }}
              {{ $fact->note }}</span></li>
        @endforeach
      </ul>
    </section>
  </div>
  @can('manage')
    <section class="blk">
      <h2>{{ __('Plan for this queen') }}</h2>
      <x-form :action="route('compare.mark', $queen->id)" method="put" class="row">
        <x-field
          name="mark"
          :label="__('Mark')"
          :value="$queen->mark?->mark->value"
          :options="$marks"
        />
        <x-field
          name="daughters"
          type="number"
          min="0"
          max="200"
          :label="__('Daughters to raise')"
          :value="$queen->mark?->daughters ?? 0"
        />
        <x-field
          name="reason"
          :label="__('Why')"
          :value="$queen->mark?->reason"
          maxlength="200"
        />
        <button class="btn go">{{ __('Save the plan') }}</button>
      </x-form>
      @if ($queen->mark)
        <x-remove :action="route('compare.unmark', $queen->mark->id)" />
      @endif
    </section>
    <section class="blk">
      <h2>{{ __('Her mother') }}</h2>
      <x-form :action="route('compare.mother', $queen->id)" method="put" class="row">
        <x-hidden :of="['version' => $record->version]" />
        <x-field
          name="mother"
          :label="__('Mother')"
          :value="$record->mother_id"
          :options="$mothers->prepend(__('not known'), '')->all()"
        />
        <button class="btn">{{ __('Save the mother') }}</button>
      </x-form>
    </section>
  @endcan
  <x-slot:why>
    <p class="lab">{{ __('Why: :queen', ['queen' => $queen->code]) }}</p>
    @if ($queen->merit === null || !$page->isRanked())
      <h2 class="say">{{ __('Too little is known of her.') }}</h2>
    @else
      <h2 class="say">{{ __('Advice: :advice.', ['advice' => __($queen->merit->advice->value)]) }}</h2>
      <dl>
        <dt>{{ __('Compared with her yard') }}</dt>
        <dd>{{ $f->kg($page->kg($queen->merit->merit)) }} <span class="rng">{{ $page->range($queen) }}</span></dd>
        <dt>{{ __('Chance of less than the yard') }}</dt>
        <dd>{{ $page->chance($queen->merit->pBelow) }}</dd>
        <dt>{{ __('Chance of the best tenth') }}</dt>
        <dd>{{ $page->chance($queen->merit->pTop) }}</dd>
        <dt>{{ __('Based on') }}</dt>
        <dd>
          {{ trans_choice('{0} no season of her own|{1} :count season of her own|[2,*] :count seasons of her own', $queen->merit->records) }},
          {{ trans_choice('{0} no seasons of daughters|{1} :count season of daughters|[2,*] :count seasons of daughters', $queen->merit->daughters) }}
        </dd>
      </dl>
    @endif
    @if ($queen->mark)
      <p>
        <b>{{ ucfirst($queen->mark->mark->words()) }}</b>{{ $queen->mark->reason === '' ? '' : ': ' . $queen->mark->reason }}
      </p>
    @endif
  </x-slot:why>
</x-page>
