<x-page :title="__('Mend the plan')" stage="clear">
  <div class="hd">
    <h1>
      @if ($moving === [] && $another === [])
        {{ __('All visits can go as planned') }}
      @else
        {{ trans_choice('{1} :count visit cannot go as planned|[2,*] :count visits cannot go as planned', count($moving) + count($another)) }}
      @endif
    </h1>
    <span class="sub"><a href="{{ route('clear.rounds.index') }}">{{ __('Schedules') }}</a></span>
  </div>
  @if ($moving === [] && $another === [])
    <p class="empty">
      {{ __('No rain is known on a planned day, and no day was missed.') }}
      <a class="link" href="{{ route('clear.index') }}">{{ __('Clear') }}</a>
    </p>
  @endif
  @foreach ($another as $one)
    <p class="notice">
      {{ $words->another($one) }}
      <a class="link" href="{{ route('clear.plan', $one->clearing->id) }}">
        {{ __('Open :yard', ['yard' => $one->clearing->apiary->name]) }}</a>
    </p>
  @endforeach
  @if ($moving !== [])
    <p class="sub">
      {{ __('The nearest days that are dry, with time for the crew. Change a day where you know better.') }}
    </p>
    <x-form :action="route('clear.mend.update')" method="put" class="narrow">
      @foreach ($moving as $one)
        <fieldset class="blk">
          <legend>
            {{ $one->clearing->apiary->name }}:
            {{ trans_choice(':count super|:count supers', $one->clearing->items->count()) }},
            {{ $say->method($one->clearing->method) }}
          </legend>
          <p class="sub">
            {{ $say->term($one->mended->why) }}: {{ $f->weekday($one->mended->on) }}
            @if ($one->mended->first === null)
              · <b>{{ __('No dry day is known in the next two weeks.') }}</b>
            @endif
          </p>
          @can('manage')
            <x-check name="move[]" :value="$one->clearing->id" :on="$one->mended->first !== null">
              {{ __('move it') }}</x-check>
            <div class="row">
              @if ($one->mended->visit->boardsOn)
                <p>{{ __('The boards are on since :day.', ['day' => $f->weekday($one->clearing->first_on)]) }}</p>
              @else
                <x-field
                  :name="'first[' . $one->clearing->id . ']'"
                  type="date"
                  :label="$one->clearing->second_on ? __('New day, boards on') : __('New day')"
                  :value="$one->first()"
                />
              @endif
              @if ($one->clearing->second_on)
                <x-field
                  :name="'second[' . $one->clearing->id . ']'"
                  type="date"
                  :label="__('New day, supers in')"
                  :value="$one->second()"
                />
              @endif
            </div>
          @endcan
        </fieldset>
      @endforeach
      @can('manage')
        <div class="btns blk"><button class="btn go">{{ __('Move these visits') }}</button></div>
      @endcan
    </x-form>
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('No hive is opened in the rain.') }}</h2>
    <p>
      {{ __('Rain means a chance of 60 % or more on that day, by the forecast or by what you entered.') }}
      {{ __('Boards that are on come in after three nights at most, whatever the sky does.') }}
    </p>
  </x-slot:why>
</x-page>
