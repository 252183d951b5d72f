@if ($weights->isNotEmpty())
  <section class="blk">
    <h2>{{ __('Weights read by hand') }}</h2>
    <table class="table">
      <tbody>
        @foreach ($weights as $weight)
          <tr>
            <td class="soft">{{ $f->moment($weight->at, $zone) }}</td>
            <td>{{ $page->code($weight->hive_id ?? '') }}</td>
            <td class="num">{{ $f->kg($weight->kg, 2) }}</td>
            <td>
              @can('manage')
                <x-remove :action="route('watch.weights.destroy', $weight->id)" />
              @endcan
            </td>
          </tr>
        @endforeach
      </tbody>
    </table>
  </section>
@endif
