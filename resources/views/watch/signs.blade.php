<section class="blk">
  <h2>{{ __('Signs') }}</h2>
  @if ($signs->isEmpty())
    <p class="sub">{{ __('No sign yet.') }}</p>
  @endif
  <table class="table">
    <tbody>
      @foreach ($signs as $sign)
        <tr>
          <td class="soft">{{ $f->moment($sign->seen_at, $zone) }}</td>
          <td>{{ $say->sign($sign->sign, $sign->result) }}</td>
          <td>
            @can('manage')
              <x-remove :action="route('watch.signs.destroy', $sign->id)" />
            @endcan
          </td>
        </tr>
      @endforeach
    </tbody>
  </table>
</section>
