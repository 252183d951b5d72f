<x-page :title="__('Drives')" stage="clear">
  <div class="hd">
    <h1>{{ __('Drives') }}</h1>
    <span class="sub"><a href="{{ route('clear.rounds.index') }}">{{ __('schedules') }}</a></span>
  </div>
  <p class="sub">
    {{ __('Drive times, one way.') }}
    {{ __('Marjoram calculates an empty field from the places\' coordinates.') }}
    {{ $how }}
  </p>
  @if ($yards->isEmpty())
    <p class="empty">
      {{ __('No yard yet.') }}
      <a class="link" href="{{ route('yards.index') }}">{{ __('Set up the first') }}</a>
    </p>
  @else
    <nav class="tabs" aria-label="{{ __('From') }}">
      <a href="{{ route('clear.drives') }}"
        @if ($from === null) aria-current="true" @endif>{{ __('Honey room') }}</a>
      @foreach ($yards as $yard)
        <a href="{{ route('clear.drives', ['from' => $yard->slug]) }}"
          @if ($yard->is($from)) aria-current="true" @endif
        >{{ $yard->name }}</a>
      @endforeach
    </nav>
    @cannot('manage')
      <h2>{{ __('From :place to', ['place' => $from->name ?? __('the honey room')]) }}</h2>
      <dl class="two">
        @foreach ($rows as $row)
          <dt>{{ $row->name }}</dt>
          <dd>
            @if ($row->own === null)
              <i>~{{ $f->minutes($row->calculated) }}</i>
            @else
              {{ $f->minutes($row->own) }}
            @endif
          </dd>
        @endforeach
      </dl>
    @else
      <x-form :action="route('clear.drives.update')" method="put" class="narrow">
        <x-hidden :of="['from' => $from->slug ?? $home]" />
        <h2>{{ __('From :place to', ['place' => $from->name ?? __('the honey room')]) }}</h2>
        @foreach ($rows as $row)
          <x-field
            :name="'minutes[' . $row->key . ']'"
            :id="'to-' . $row->key"
            type="number"
            min="0"
            max="1440"
            step="any"
            :label="__(':place, minutes', ['place' => $row->name])"
            :value="$row->own"
            :hint="$row->hint($f)"
          />
        @endforeach
        <div class="btns"><button class="btn go">{{ __('Save these drives') }}</button>
        </div>
      </x-form>
    @endcannot
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Good drive times make good schedules') }}</h2>
    <p>{{ __('Both directions count the same. If the way through a third place is shorter, the schedule uses it.') }}
    </p>
  </x-slot:why>
</x-page>
