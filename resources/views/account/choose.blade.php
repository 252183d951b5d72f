<fieldset>
  <legend>{{ $legend }}</legend>
  <div class="pick">
    @foreach ($choices as $one)
      <label>
        <input
          type="radio"
          name="{{ $name }}"
          value="{{ $one->value }}"
          @checked(old($name, $chosen) === $one->value)
        >
        <span>
          <b>{{ $one->sentence }}</b>
          @if ($one->isPresent)
            <span class="soft">{{ __('now') }}</span>
          @endif
          <br>
          <span class="sub" id="means-{{ $name }}-{{ $one->value }}">{{ $one->means }}</span>
        </span>
      </label>
    @endforeach
  </div>
</fieldset>
