<x-page :title="__('Account and units')">
  <h1>{{ __('Account and units') }}</h1>
  <div class="cols2">
    <div>
      <section class="blk">
        <h2>{{ __('You') }}</h2>
        <x-form :action="route('account.update')" method="put" class="narrow">
          <x-field
            name="name"
            :label="__('Name')"
            :value="$person->name"
            required
          />
          <x-field
            name="system"
            :label="__('Units')"
            :value="$f->preferences->system"
            :options="$choose->systems()"
          />
          <x-field
            name="theme"
            :label="__('Theme')"
            :value="$f->preferences->theme"
            :options="[
                'light' => __('light: paper and ink'),
                'dark' => __('dark: evening and honey room'),
                'sun' => __('sun: black on white for the field'),
            ]"
          />
          <x-field
            name="paper"
            :label="__('Paper')"
            :value="$f->preferences->paper"
            :options="['A4' => 'A4', 'letter' => 'Letter']"
          />
          <div class="btns"><button class="btn go">{{ __('Save') }}</button>
          </div>
        </x-form>
      </section>
      <section class="blk">
        <h2>{{ __('Password') }}</h2>
        <x-form :action="route('account.password')" method="put" class="narrow">
          <x-field
            name="current_password"
            type="password"
            :label="__('Current password')"
            required
            autocomplete="current-password"
          />
          <x-new-password :is-change="true" />
          <div class="btns"><button class="btn">{{ __('Change the password') }}</button>
          </div>
        </x-form>
      </section>
      @include('account.tokens')
      <a class="btn small" href="{{ route('leave.show') }}">{{ __('Delete my account') }}</a>
    </div>
    <div>
      <section class="blk">
        <h2>{{ __('Operation') }}</h2>
        @if ($mine->count() > 1)
          <x-form :action="route('account.switch')" method="put" class="row">
            <x-field
              name="operation"
              :label="__('Operation')"
              :value="$operation->id"
              :options="$mine->mapWithKeys(fn($one) => [$one->operation_id => $one->operation->name])->all()"
            />
            <button class="btn">{{ __('Switch') }}</button>
          </x-form>
        @endif
        <p class="mt-2"><a class="btn small" href="{{ route('start.show') }}">{{ __('Begin another operation') }}</a>
        </p>
        @can('own')
          <x-form :action="route('account.operation')" method="put" class="narrow">
            <x-field
              name="name"
              id="op-name"
              :label="__('Name of the operation')"
              :value="$operation->name"
              required
            />
            <x-field
              name="time_zone"
              :label="__('Time zone')"
              :value="$operation->time_zone"
              :options="$choose->timeZones()"
            />
            <h3>{{ __('Crew and boards') }}</h3>
            <div class="row">
              <x-field
                name="crew"
                type="number"
                min="1"
                max="20"
                :label="__('People')"
                :value="$operation->crew"
              />
              <x-field
                name="extractor"
                type="number"
                min="2"
                max="120"
                :label="__('Frames in the extractor')"
                :value="$operation->extractor"
              />
              <x-field
                name="escape_boards"
                type="number"
                min="0"
                :label="__('Escape boards')"
                :value="$operation->kit->escapeBoards"
              />
              <x-field
                name="fume_boards"
                type="number"
                min="0"
                :label="__('Fume boards')"
                :value="$operation->kit->fumeBoards"
              />
            </div>
            <label class="check">
              <input
                type="checkbox"
                name="blower"
                value="1"
                @checked($operation->kit->blower)
              > {{ __('a blower') }}</label>
            <h3>{{ __('Honey room') }}</h3>
            <x-place
              id="honey-room"
              :label="__('Honey room\'s town')"
              :latitude="$operation->latitude"
              :longitude="$operation->longitude"
            />
            <p class="sub">{{ __('Without a longitude, drives start from the middle of your yards.') }}</p>
            <label class="check">
              <input
                type="checkbox"
                name="dry_room"
                value="1"
                @checked($operation->dry_room)
              > {{ __('drying room') }}</label>
            <h3>{{ __('Demo') }}</h3>
            <x-field
              name="demo_today"
              type="date"
              :label="__('Demo\'s today')"
              :value="$operation->demo_today?->format('Y-m-d')"
              :hint="__('for the demo; leave empty for the real day')"
            />
            <div class="btns"><button class="btn go">{{ __('Save the operation') }}</button>
            </div>
          </x-form>
        @else
          <p>{{ $operation->name }}</p>
        @endcan
      </section>
      @include('account.members')
    </div>
  </div>
</x-page>
