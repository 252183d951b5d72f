<x-page :title="__('Read out') . ': ' . $apiary->name" :yard="$apiary->slug">
  <h1>{{ $apiary->name }}</h1>
  @if ($first)
    <p class="say" role="status">
      {{ __('Inspect hive :hive, :box, frame :n first.', [
          'hive' => $first->hive,
          'box' => $first->name(),
          'n' => $first->nextSlot() ?? '–',
      ]) }}
    </p>
  @endif
  <p class="btns">
    <a class="btn"
      href="{{ route('field.paper', [$apiary->slug, 'paper' => strtolower($f->preferences->paper)]) }}">{{ __('Sheet for paper (PDF)') }}</a>
    <a class="btn" href="{{ route('assess.notes') }}">{{ __('Short notes') }}</a>
    <a class="btn" href="{{ route('field') }}#/yard/{{ $apiary->slug }}">{{ __('On the phone') }}</a>
  </p>
  @if ($hives === [])
    <p class="empty">{{ __('This yard has no hive yet.') }}</p>
  @endif
  <div class="fs-large">
    @foreach ($hives as $code => $lines)
      <section>
        <h2>{{ $code }}</h2>
        <p>
          @forelse ($lines as $line)
            {{ $line }}
          @empty
            {{ __('No super.') }}
          @endforelse
        </p>
      </section>
    @endforeach
  </div>
</x-page>
