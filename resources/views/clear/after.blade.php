@if ($after->isNotEmpty())
  <section class="blk" id="after">
    <h2>{{ __('After the harvest') }}</h2>
    <ul class="facts">
      @foreach ($after as $one)
        <li>
          <span>{{ $f->day($one->due_on) }}</span>
          <span><b>{{ $one->apiary->name }}</b>: {{ $one->words() }}
            @can('record')
              <x-form :action="route('clear.follow-up', $one->id)" method="put" class="inline">
                <x-hidden :of="['done' => 1]" />
                <button class="btn small">
                  {{ __('done') }}<span class="sr">: {{ $one->apiary->name }}, {{ $one->words() }}</span>
                </button>
              </x-form>
            @endcan
          </span>
        </li>
      @endforeach
    </ul>
  </section>
@endif
