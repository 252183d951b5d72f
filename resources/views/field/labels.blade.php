<x-page :title="__('Labels')">
  <h1>{{ __('Labels') }}</h1>
  <p class="sub">
    {{ __('A phone’s camera reads the code and opens the field sheet of that hive, box or frame. You can also type the code.') }}
  </p>
  @if ($isNothing)
    <p class="notice" role="status">{{ __('No hive, box or bucket needs a label yet.') }}</p>
  @endif
  <form class="noted" method="get" action="{{ route('field.labels.sheet') }}">
    <x-field name="kind" :label="__('Labels for')" :options="$kinds" />
    <x-field
      name="yard"
      :label="__('Yard')"
      :options="$yards"
      :hint="__('buckets: the same for all yards')"
    />
    <x-field name="paper" :label="__('Label paper')" :options="$papers" />
    <div class="btns"><button class="btn go">{{ __('Create the sheet (PDF)') }}</button></div>
  </form>
  <p class="sub">
    {{ __('The code holds the address of this page. Open the page at an address your phones can reach.') }}</p>
</x-page>
