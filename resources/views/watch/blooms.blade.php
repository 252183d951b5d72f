<section class="blk" id="blooms">
  <h2>{{ __('What flowers when') }}</h2>
  @if ($usual === [] && $page->watched->blooms->isEmpty())
    <p class="sub">
      {{ __('After a season or two, this list shows when each bloom usually begins and what the scale gained.') }}</p>
  @endif
  <ul class="facts">
    @foreach ($usual as $one)
      <li>
        <span>{{ $one->plant }}</span>
        <span>
          {{ $one->begins($f) }}
          {{ $one->here ? __('here') : __('at your other yards') }},
          {{ trans_choice('{1} :count season|[2,*] :count seasons', $one->seasons) }}
          @if ($one->keptKg !== null)
            · {{ __('the scale gained :kg', ['kg' => $f->kg($one->keptKg)]) }}
          @endif
        </span>
      </li>
    @endforeach
  </ul>
  @if ($page->watched->blooms->isNotEmpty())
    <table class="table">
      <caption class="sub">{{ __('Season :year', ['year' => $page->window()->season]) }}</caption>
      <tbody>
        @foreach ($page->watched->blooms as $bloom)
          <tr>
            <td>{{ $bloom->plant }}</td>
            <td>{{ $bloom->began_on ? $f->day($bloom->began_on) : '?' }} –
              {{ $bloom->ended_on ? $f->day($bloom->ended_on) : '' }}</td>
            <td class="soft">{{ $bloom->note }}</td>
            <td>
              @can('manage')
                <x-remove :action="route('watch.blooms.destroy', $bloom->id)" />
              @endcan
            </td>
          </tr>
        @endforeach
      </tbody>
    </table>
  @endif
</section>
