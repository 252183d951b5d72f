// A form that got no answer is sent again by itself, a few times; the key in it makes that harmless. Then the person
// is told, and sends it.
const WAITS_MS = [1000, 2000, 4000];
const tries = new WeakMap();
// Looked up each time: a swap puts another in its place.
const sign = () => document.getElementById('unanswered');

function say(words) {
  sign().textContent = words;
  sign().hidden = words === '';
}

function unanswered(event) {
  if ((event.detail.xhr?.status ?? 0) !== 0 && event.detail.xhr.status < 500) return;
  const form = event.detail.elt;
  const submitter = event.detail.requestConfig?.triggeringEvent?.submitter;
  if (submitter) submitter.disabled = false;
  const tried = tries.get(form) ?? 0;
  if (tried >= WAITS_MS.length) {
    tries.delete(form);
    say(sign().dataset.gaveUp);
    return;
  }
  tries.set(form, tried + 1);
  say(sign().dataset.trying);
  setTimeout(() => {
    if (form.isConnected) form.requestSubmit(submitter);
  }, WAITS_MS[tried]);
}

document.addEventListener('htmx:responseError', unanswered);
document.addEventListener('htmx:sendError', unanswered);
document.addEventListener('htmx:afterSwap', () => say(''));
