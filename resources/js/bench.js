// On the wall of the honey room: a run counts down by the clock of the server's word, what another person taps is seen
// within three seconds, and the screen may stay on. Everything is looked up again each time: a swap puts others in place.
const ASK_MS = 2000;
const two = (n) => String(n).padStart(2, '0');

function tick() {
  for (const timer of document.querySelectorAll('[data-ends]')) {
    const left = Number(timer.dataset.ends) - Math.floor(Date.now() / 1000);
    const [minutes, seconds] = [two(Math.floor(Math.abs(left) / 60)), two(Math.abs(left) % 60)];
    timer.textContent = left > 0 ? `${minutes}:${seconds}` : `${timer.dataset.over} +${minutes}:${seconds}`;
    timer.classList.toggle('over', left <= 0);
  }
}
tick();
setInterval(tick, 1000);

// What is being typed is never taken away: the page waits until it is sent.
let typed = false;
document.addEventListener('input', () => {
  typed = true;
});
document.addEventListener('submit', () => {
  typed = false;
});

async function ask() {
  const known = document.querySelector('[data-known]');
  if (!known || typed || document.hidden || document.activeElement?.matches('main input, main select')) return;
  const answer = await fetch(known.dataset.known, { headers: { 'X-Requested-With': 'XMLHttpRequest' } }).catch(
    () => null,
  );
  if (answer?.status !== 200 || typed) return;
  await window.htmx.ajax('GET', location.href, {
    source: document.body,
    target: '#work',
    select: '#work',
    swap: 'outerHTML show:none',
  });
}
setInterval(ask, ASK_MS);

// Let go by the browser whenever the page is hidden: taken again when it is seen.
let lock = null;

function showWake() {
  for (const button of document.querySelectorAll('[data-wake]')) {
    button.hidden = !('wakeLock' in navigator);
    button.setAttribute('aria-pressed', String(lock !== null));
  }
}

async function stay(on) {
  if (!on) await lock?.release();
  lock = on ? await navigator.wakeLock.request('screen').catch(() => null) : null;
  showWake();
}

document.addEventListener('click', (event) => {
  if (event.target.closest('[data-wake]')) stay(lock === null);
});
document.addEventListener('visibilitychange', () => {
  if (lock !== null && document.visibilityState === 'visible') stay(true);
});
document.addEventListener('htmx:afterSwap', () => {
  showWake();
  tick();
});
showWake();
