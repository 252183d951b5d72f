<x-page :title="__('Labels')">
  <h1>{{ __('Labels') }}</h1>
  <p class="sub">
    {{ __('A phone’s camera reads the code and opens the field sheet of what it sticks on. The code below it can be typed.') }}
  </p>
  @if ($isNothing)
    <p class="notice" role="status">{{ __('There is nothing to make a label for yet.') }}</p>
  @endif
  <form class="noted" method="get" action="{{ route('field.labels.sheet') }}">
    <x-field name="kind" :label="__('What they stick on')" :options="$kinds" />
    <x-field
      name="yard"
      :label="__('Of which yard')"
      :options="$yards"
      :hint="__('Buckets: of the honey room, whatever the yard')"
    />
    <x-field name="paper" :label="__('Label paper')" :options="$papers" />
    <div class="btns"><button class="btn go">{{ __('Make the sheet (PDF)') }}</button></div>
  </form>
  <p class="sub">
    {{ __('The address in the code is the one this page was opened at: open it where your phones reach it.') }}</p>
</x-page>
