@props(['stage'])
<table class="table">
  <thead>
    <tr>
      <th>{{ __('Yard') }}</th>
      <th><span class="sr">{{ __('Drawing') }}</span></th>
      <th>{{ __('Flow') }}</th>
      <th class="num">{{ __('Ripe') }}</th>
      <th class="num">{{ __('To inspect') }}</th>
      <th class="num">{{ __('To come off') }}</th>
      <th class="num">{{ __('To feed') }}</th>
    </tr>
  </thead>
  <tbody>
    @foreach ($summary->yards as $one)
      <tr>
        <td><a href="{{ route("$stage.yard", $one->slug) }}">{{ $one->name }}</a></td>
        <td><x-drawing.picture :of="$one->miniature" /></td>
        <td>{{ $one->flow->sentence }}</td>
        <td class="num">~{{ $f->kg($one->ripeKg, 0) }}</td>
        <td class="num">{{ $one->look }}</td>
        <td class="num">{{ $one->coming }}</td>
        <td class="num">{{ $one->toFeed }}</td>
      </tr>
    @endforeach
  </tbody>
</table>
