// The field sheet: what the phone holds is shown at once, with or without a network; what is tapped is kept, then sent.
import { Field } from './field-app.js';
import { actions } from './field-acts.js';
import { forms, pickFile } from './field-forms.js';
import { known } from './store.js';

const EVERY_MS = 300000;

const page = document.documentElement;

const app = new Field();
window.marjoramField = app;

// Keys and taps come faster than a phone writes: each waits for the one before it.
let last = Promise.resolve();
let waiting = 0;
const inTurn = (act) => {
  waiting += 1;
  last = last
    .then(act)
    .catch((problem) => console.error(problem))
    .then(() => {
      waiting -= 1;
    });
};
/** What was tapped before belongs to the page it was tapped on; only then the link leads on. */
const followInTurn = (event, link) => {
  event.preventDefault();
  inTurn(async () => {
    window.location.hash = link.getAttribute('href');
    await new Promise((gone) => setTimeout(gone));
  });
};
/** Resolves when all that was tapped is kept and drawn. */
app.idle = () => last;

document.addEventListener('click', (event) => {
  const link = event.target.closest('a[href^="#/"]');
  if (link && waiting > 0) followInTurn(event, link);
  const pressed = event.target.closest('[data-do]');
  if (!pressed) return;
  event.preventDefault();
  const { do: name, ...data } = pressed.dataset;
  inTurn(() => actions[name]?.(app, data));
});
document.addEventListener('submit', (event) => {
  const form = event.target;
  const kind = Object.keys(forms).find((one) => one in form.dataset);
  if (!kind) return;
  event.preventDefault();
  inTurn(() => forms[kind](app, form, event.submitter));
});
document.addEventListener('change', (event) => {
  if (event.target.matches('[type=file]')) inTurn(() => pickFile(app, event.target));
});
document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || !document.getElementById('face')) return;
  if (event.target.closest('input, textarea, select')) return;
  const isButton = event.target.closest('button, a') !== null;
  const key = event.key;
  if ('0123456789f'.includes(key)) inTurn(() => actions.tenth(app, { tenth: key === 'f' ? 10 : Number(key) }));
  else if ('cobp'.includes(key))
    inTurn(() => actions.tool(app, { tool: { c: 'capped', o: 'open', b: 'brood', p: 'pollen' }[key] }));
  else if (key === 'u') inTurn(() => actions.back(app));
  else if (key === 'w') inTurn(() => actions.alike(app));
  else if (key === 'Enter' && !isButton) inTurn(() => actions.next(app));
  else if (key === 'ArrowDown' || key === 'ArrowUp')
    inTurn(() => actions.nudge(app, { by: key === 'ArrowDown' ? 0.05 : -0.05 }));
  else return;
  event.preventDefault();
});
window.addEventListener('hashchange', () => {
  app.brush = { ...app.brush, side: 'a', sides: [], wasToday: null };
  app.render();
});
window.addEventListener('online', () => app.checkIn());
window.addEventListener('resize', () => app.render());
document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'visible') app.checkIn();
});
setInterval(() => {
  if (document.visibilityState === 'visible') app.checkIn();
}, EVERY_MS);

async function register() {
  if (!('serviceWorker' in navigator)) throw new Error('no service worker');
  const registration = await navigator.serviceWorker.register('/field-worker.js', {
    scope: '/',
    updateViaCache: 'none',
  });
  const offer = (worker) => {
    const button = document.getElementById('update');
    button.hidden = false;
    button.onclick = () => worker.postMessage('take-over');
  };
  if (registration.waiting && navigator.serviceWorker.controller) offer(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const worker = registration.installing;
    worker.addEventListener('statechange', () => {
      if (worker.state === 'installed' && navigator.serviceWorker.controller) offer(worker);
    });
  });
  let hadOne = navigator.serviceWorker.controller !== null;
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    if (hadOne) window.location.reload();
    hadOne = true;
  });
}

async function begin() {
  const who = known();
  try {
    if (who) await app.open(who);
  } catch (problem) {
    console.warn(problem);
    app.trouble('cannot-keep');
  }
  app.render();
  page.dataset.ready = '1';
  navigator.storage?.persist?.();
  register().catch(() => {
    app.opensOffline = false;
    app.render();
  });
  await app.checkIn();
  page.dataset.checked = '1';
}

begin();
