// The robbing test's timer: it goes on through a reload, and on another page of the same yard.
const say = (name, words) => {
  const output = document.querySelector(`[data-timer-says="${name}"]`);
  if (output && output.textContent !== words) output.textContent = words;
};

for (const button of document.querySelectorAll('[data-timer]')) {
  const name = button.dataset.timer;
  const read = () => {
    try {
      return Number(localStorage.getItem(name)) || 0;
    } catch {
      return Number(button.dataset.until) || 0;
    }
  };
  const tick = () => {
    const until = read();
    if (until === 0) return;
    const left = Math.ceil((until - Date.now()) / 60000);
    const when = new Date(until).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
    if (left < -60) localStorage.removeItem(name);
    else if (left <= 0) say(name, button.dataset.done);
    else say(name, button.dataset.running.replace(':left', `${left} min`).replace(':when', when));
  };
  button.hidden = false;
  button.addEventListener('click', () => {
    const until = Date.now() + 60000 * Number(button.dataset.minutes);
    button.dataset.until = String(until);
    try {
      localStorage.setItem(name, String(until));
    } catch {
      // Where nothing may be kept it runs as long as the page.
    }
    tick();
  });
  tick();
  setInterval(tick, 5000);
}

// In the hand the chart is wider than the screen: it opens where today is.
for (const pan of document.querySelectorAll('[data-pan]')) {
  const today = pan.querySelector('.thread');
  if (today === null || pan.scrollWidth <= pan.clientWidth) continue;
  const box = pan.getBoundingClientRect();
  pan.scrollLeft = today.getBoundingClientRect().left - box.left - 0.75 * pan.clientWidth;
}
