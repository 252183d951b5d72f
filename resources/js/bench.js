// On the wall of the honey room: a run counts down by the clock of the server's word, and the screen may stay on.
const two = (n) => String(n).padStart(2, '0');

function tick() {
  for (const timer of document.querySelectorAll('[data-ends]')) {
    const left = Number(timer.dataset.ends) - Math.floor(Date.now() / 1000);
    timer.textContent =
      left > 0
        ? `${two(Math.floor(left / 60))}:${two(left % 60)}`
        : `${timer.dataset.over} +${two(Math.floor(-left / 60))}:${two(-left % 60)}`;
    timer.classList.toggle('over', left <= 0);
  }
}
tick();
setInterval(tick, 1000);

// Let go by the browser whenever the page is hidden: taken again when it is seen.
const button = document.querySelector('[data-wake]');
let lock = null;

async function stay() {
  try {
    lock = await navigator.wakeLock.request('screen');
    button.setAttribute('aria-pressed', 'true');
  } catch {
    button.setAttribute('aria-pressed', 'false');
  }
}

if (button && 'wakeLock' in navigator) {
  button.hidden = false;
  button.setAttribute('aria-pressed', 'false');
  button.addEventListener('click', async () => {
    if (lock === null) return stay();
    await lock.release();
    lock = null;
    button.setAttribute('aria-pressed', 'false');
  });
  document.addEventListener('visibilitychange', () => {
    if (lock !== null && document.visibilityState === 'visible') stay();
  });
}
