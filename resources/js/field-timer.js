// The clock of the robbing test; it goes on when the page is left or dies.
const KEY = 'marjoram.field.timer';
const MINUTES = 15;

export const timerSince = () => Number(localStorage.getItem(KEY)) || null;

export function startTimer() {
  localStorage.setItem(KEY, String(Date.now()));
}

/** Shows the time that is left, each second, as long as the clock is on the page. */
export function showTimer(app) {
  const clock = document.querySelector('[data-clock]');
  const since = timerSince();
  if (!clock || !since) return;
  const left = MINUTES * 60 - Math.round((Date.now() - since) / 1000);
  if (left <= 0) {
    clock.textContent = app.say('timer-done');
    localStorage.removeItem(KEY);
    app.announce(app.say('timer-done'));
    return;
  }
  clock.textContent = `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`;
  setTimeout(() => showTimer(app), 1000);
}
