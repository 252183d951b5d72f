<div>
  <p class="lab">{{ __('Do next') }}</p>
  <h2 class="say"><x-mark :glyph="$first->glyph" size="22" />{{ $desk->said($first) }}
  </h2>
</div>
<p>
  {{ $first->detail }}
  @if ($first->kg)
    ~{{ $f->kg($first->kg, 0) }}
  @endif
  · {{ $f->weekday($first->startsOn($today)) }}
</p>
<div class="btns"><a class="btn go" href="{{ $first->href }}">{{ __('Open this task') }}</a>
</div>
<section class="then">
  <h3>{{ __('Then') }}</h3>
  <ol>
    @foreach (array_slice($tasks, 1, 10) as $task)
      <li>
        <x-mark :glyph="$task->glyph" size="16" />
        <a href="{{ $task->href }}">{{ $desk->said($task) }}</a>
        <span class="soft">{{ $f->day($task->startsOn($today)) }}</span>
      </li>
    @endforeach
  </ol>
</section>
