@props(['of'])
@php($isWrong = $errors->hasAny(['date', 'min', 'max', 'rain', 'sun', 'forecast']))
<details class="astable" id="weather" @if ($isWrong) open @endif>
  <summary>
    {{ __('the days ahead') }}
    @if ($of->fetched === null)
      <b>({{ __('no forecast; average climate used') }})</b>
    @elseif ($of->isStale())
      <b>({{ __('old forecast, of :day', ['day' => $f->day($of->fetched)]) }})</b>
    @endif
  </summary>
  <x-scroll :label="__('the days ahead')">
    <x-table :head="[__('Day'), __('Lowest'), __('Highest'), __('Rain'), __('Sun'), __('From')]" num="2 3 4 5">
      @foreach ($of->days as $one)
        <tr>
          <td>{{ $f->weekday($one->date) }}</td>
          <td class="num">{{ $f->celsius($one->min_c) }}</td>
          <td class="num">{{ $f->celsius($one->max_c) }}</td>
          <td class="num">{{ $f->percent($one->rain_p) }}</td>
          <td class="num">{{ $f->percent($one->sun) }}</td>
          <td>
            @if ($one->isOwn())
              {{ __('own entry') }}
              @can('manage')
                <x-remove :action="route('clear.weather.destroy', $one->id)" :of="$f->weekday($one->date)" />
              @endcan
            @else
              {{ __('forecast of :day', ['day' => $f->day($one->updated_at)]) }}
            @endif
          </td>
        </tr>
      @endforeach
    </x-table>
  </x-scroll>
  @error('forecast')
    <p class="err danger">{{ $message }}</p>
  @enderror
  @can('manage')
    <x-form :action="route('clear.forecast')"><button class="btn">{{ __('Fetch all forecasts') }}</button></x-form>
    <x-enter-weather :yard="$of->apiary->slug" />
  @endcan
</details>
