@props(['of'])
<p class="sub" data-yard-sum>
  <b>{{ $sum->words($of) }}</b>
  {{ __('What stays:') }} <a class="link" href="{{ route('account.policy') }}">{{ $sum->rule($of) }}</a>
</p>
