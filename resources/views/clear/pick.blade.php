<fieldset class="blk">
  <legend>{{ __('Supers that come off') }} <x-term of="lifting index" /></legend>
  <div class="pick">
    @foreach ($clearing->supers() as $one)
      <label>
        <input
          type="checkbox"
          name="boxes[]"
          value="{{ $one->id }}"
          @checked(old('boxes') === null || in_array($one->id, (array) old('boxes'), true))
        />
        <span>
          <b>{{ $one->hive }}</b> {{ $one->name() }} <x-verdict :of="$one->verdict()" size="14" /><br />
          <span class="sub">~{{ $f->kg($one->grossKg, 0) }},
            {{ $say->lift($clearing->lift($one)) }}</span>
        </span>
      </label>
    @endforeach
  </div>
</fieldset>
<fieldset class="blk">
  <legend>{{ __('How') }}</legend>
  <div class="pick">
    @foreach ($clearing->compared->methods as $one)
      <label>
        <input
          type="radio"
          name="method"
          value="{{ $one->method->value }}"
          @checked(old('method', $chosen?->method->value) === $one->method->value)
          @disabled(!$one->feasible())
        />
        <span>
          <b><x-method :of="$one->method" /></b><br />
          <span class="sub">
            @if ($one->feasible())
              @if ($one->rest())
                {{ __('Boards for :hives; :rest for the others.', ['hives' => implode(', ', $one->hives), 'rest' => $say->method($one->rest()->method)]) }}
              @endif
              {{ $f->weekdays($one->visits) }}; {{ $f->minutes($one->personMinutes) }};
              @if ($one->method->value === 'by-frame')
                {{ trans_choice(':count frame|:count frames', $clearing->coming->frames()) }};
              @endif
              {{ __('~:n bees per super', ['n' => $f->nearest($one->beesLeftPerSuper, 5)]) }};
              {{ __('robbing: :risk', ['risk' => $say->term($one->robbingRisk())]) }}
            @else
              <i>{{ $say->statement($one->refusal) }}</i>
            @endif
          </span>
        </span>
      </label>
    @endforeach
  </div>
</fieldset>
