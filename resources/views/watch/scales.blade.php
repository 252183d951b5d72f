<x-page :title="__('Scales') . ': ' . $apiary->name" stage="watch" :yard="$apiary->slug">
  <div class="hd">
    <h1>{{ __('Scales of :yard', ['yard' => $apiary->name]) }}</h1>
    <a class="link" href="{{ route('watch.yard', $apiary->slug) }}">{{ __('To the flow') }}</a>
  </div>
  @if ($errors->has('file'))
    <p class="err" role="alert">{{ $errors->first('file') }}</p>
  @endif
  @if ($scales->isEmpty())
    <p class="empty">
      {{ __('No scale yet. A scale under an average hive shows the flow of the whole yard. A second scale is a check.') }}
    </p>
  @endif
  @foreach ($scales as $scale)
    <section class="blk" id="s-{{ $scale->id }}">
      <div class="hd">
        <h2>{{ $scale->name }}: {{ $scale->hive->code }}</h2>
        <span
          class="sub">{{ $scale->heard_at ? __('last heard :when', ['when' => $f->moment($scale->heard_at, $zone)]) : __('has not sent yet') }}</span>
      </div>
      @if (abs((int) $scale->clock_skew_s) >= 120)
        <p class="caution">
          {{ __('Its clock is :min off. Its times were corrected by that, up to two days.', ['min' => $f->minutes(abs($scale->clock_skew_s) / 60)]) }}
        </p>
      @endif
      @if (session('secret') !== null && session('secret')[0] === $scale->id)
        <p role="status">{{ __('Its secret, shown only once:') }} <code>{{ session('secret')[1] }}</code></p>
        <p class="sub">
          {{ __('The scale sends to :address, with the secret as a bearer token.', ['address' => route('scales.readings', $scale->id)]) }}
        </p>
      @endif
      @can('manage')
        <x-choose-file
          :action="route('watch.scales.park', $scale->id)"
          :id="'file-' . $scale->id"
          :label="__('File of readings (CSV)')"
          accept=".csv,.txt,.tsv,text/csv,text/plain"
          :words="__('Show a preview')"
        />
        <div class="btns">
          <x-form :action="route('watch.scales.secret', $scale->id)" method="put">
            <x-hidden :of="['version' => $scale->version]" />
            <button
              class="btn">{{ $scale->token_hash === null ? __('Connect the scale') : __('A new secret; the old one ends') }}</button>
          </x-form>
          <x-remove :action="route('watch.scales.destroy', $scale->id)" />
        </div>
      @endcan
      @if ($imports->has($scale->id))
        <table class="table">
          <caption class="sub">{{ __('Files read in') }}</caption>
          <tbody>
            @foreach ($imports->get($scale->id) as $import)
              <tr>
                <td>{{ $import->file_name }}</td>
                <td class="num">{{ $import->readings }}</td>
                <td>{{ $f->date($import->first_at) }} – {{ $f->date($import->last_at) }}</td>
                <td>
                  @can('manage')
                    <x-remove :action="route('watch.imports.destroy', $import->id)" />
                  @endcan
                </td>
              </tr>
            @endforeach
          </tbody>
        </table>
      @endif
    </section>
  @endforeach
  @can('manage')
    <section class="blk">
      <h2>{{ __('Another scale') }}</h2>
      @if ($hives === [])
        <p class="sub">{{ __('Set up a hive first.') }}</p>
      @else
        <x-form :action="route('watch.scales.store', $apiary->slug)" class="row">
          <x-field
            name="name"
            :label="__('Name')"
            maxlength="40"
            required
          />
          <x-field name="hive" :label="__('Under hive')" :options="$hives" />
          <button class="btn go">{{ __('Add the scale') }}</button>
        </x-form>
      @endif
    </section>
  @endcan
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('One scale shows the yard\'s flow') }}</h2>
    <p>
      {{ __('Any columns and separators: you see a preview first, and can remove the file later.') }}
    </p>
    <p>
      {{ __('Readings may come twice, late or in any order. Boxes put on or taken off are not counted as gains.') }}
    </p>
    <p class="caution">{{ __('Cables in grass: keep smoker and mower away.') }}</p>
  </x-slot:why>
</x-page>
