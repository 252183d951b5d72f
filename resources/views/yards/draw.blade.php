<div class="plus" data-draw>
  <div>
    <div class="row">
      <x-field
        name="name"
        :label="__('Name of the yard')"
        maxlength="80"
        required
      />
      <x-field
        name="letter"
        :label="__('Letter of the hives')"
        maxlength="3"
        :hint="__('E gives E1, E2 …')"
        required
      />
    </div>
    <x-place id="yard" :label="__('A town near it')" />
    <div class="row">
      <x-field
        name="hives"
        type="number"
        min="0"
        max="60"
        :label="__('Hives')"
        value="3"
        required
      />
      <x-field
        name="brood_boxes"
        type="number"
        min="1"
        max="3"
        :label="__('Brood boxes each')"
        value="1"
        required
      />
      <x-field
        name="supers"
        type="number"
        min="0"
        max="8"
        :label="__('Supers each')"
        value="1"
        required
      />
    </div>
    <div class="row">
      <x-field
        name="brood_kind"
        :label="__('Brood box')"
        value="langstroth-deep-10"
        :options="$kindNames"
      />
      <x-field
        name="super_kind"
        :label="__('Super')"
        value="langstroth-medium-10"
        :options="$kindNames"
      />
    </div>
    <label class="check">
      <input type="checkbox" name="heather" value="1">
      {{ __('heather honey (up to 23 % water by the Codex)') }}</label>
  </div>
  <div><svg
      class="chart"
      data-draw-picture
      viewBox="0 0 260 170"
      role="img"
      aria-label="{{ __('Preview of the yard') }}"
    >
      <path class="gnd" d="M0 160H260" />
    </svg>
  </div>
</div>
