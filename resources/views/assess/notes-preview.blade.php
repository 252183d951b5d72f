<section class="blk" id="preview" aria-live="polite">
  <h2 id="preview-said">
    @if ($preview->isEmpty())
      {{ __('Your notes are drawn here.') }}
    @elseif ($preview->errors !== [])
      {{ trans_choice('{1} :count word cannot be read|[2,*] :count words cannot be read', count($preview->errors)) }}
    @else
      {{ trans_choice('{1} :count line is understood|[2,*] :count lines are understood', count($preview->lines)) }}
    @endif
  </h2>
  @foreach ($preview->errors as $error)
    @php([$before, $word, $after] = $preview->around($error))
    <p class="unread">
      <span class="soft">{{ $error->line }}</span>
      <code>{{ $before }}<mark>{{ $word === '' ? '?' : $word }}</mark>{{ $after }}</code><br>
      {{ __($error->sentence, ['word' => $error->word]) }}
    </p>
  @endforeach
  <ul class="noted-lines">
    @foreach ($preview->lines as $line)
      <li>
        @if ($line->picture)
          <x-drawing.picture :of="$line->picture" />
        @endif
        <div>
          <b>{{ $line->name() }}</b>
          <ul>
            @foreach ($line->says as $says)
              <li>{{ $says }}</li>
            @endforeach
          </ul>
        </div>
      </li>
    @endforeach
  </ul>
</section>
