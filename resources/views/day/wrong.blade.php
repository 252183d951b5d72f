@php($clearing = $stop->visits[0]->clearing)
<div class="btns noprint" role="group"
  aria-label="{{ __('What went wrong at :yard', ['yard' => $stop->apiary()->name]) }}"
>
  <span class="soft">{{ __('What went wrong') }}</span>
  @foreach ($trouble->choices() as $what => $words)
    <x-tick
      class="inline"
      :action="route('clear.trouble', $clearing->id)"
      :done="$stop->isNotedToday($what, $today)"
      :with="['what' => $what, 'back' => $sheet->date()]"
      :id="'wrong-' . $what . '-' . $clearing->id"
      :words="$words"
      :of="': ' . $stop->apiary()->name"
    />
  @endforeach
</div>
