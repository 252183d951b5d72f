// What the field sheet says of itself: what is kept, what judges, how long ago, and what another had in mind.

export function ago(app, then) {
  const minutes = Math.max(0, Math.round((Date.now() - then) / 60000));
  if (minutes < 60) return app.say('minutes-ago', { n: minutes });
  return minutes < 2880
    ? app.say('hours-ago', { n: Math.round(minutes / 60) })
    : app.say('days-ago', { n: Math.round(minutes / 1440) });
}

export function coreWords(app) {
  if (app.judge.failed) return app.say('core-failed');
  return app.judge.version ? app.say('core-ready', { version: app.judge.version }) : app.say('core-loading');
}

export function judgedBy(app, box) {
  return box.judgedHere
    ? app.say('judged-here', { version: app.judge.version })
    : box.taps
      ? app.say('judged-later')
      : '';
}

export function keptWords(app) {
  if (!app.queue) return '';
  const waiting = app.queue.waiting().length;
  const asking = app.queue.asking().length;
  const net = app.isAway
    ? `<span>${app.say('no-network')}</span>`
    : app.signedOut
      ? `<span>${app.say('signed-out-short')}</span>`
      : '';
  const kept = waiting ? `<b>${app.say('n-kept', { n: waiting })}</b>` : `<span>${app.say('all-sent')}</span>`;
  return `${net}${asking ? `<b class="fs-ask">${app.say('n-asked', { n: asking })}</b>` : kept}`;
}

export function facesWords(app, { a, b }) {
  const percent = (face) => `${Math.round((face?.capped ?? 0) * 100)} %`;
  return app.say('faces-are', { a: percent(a), b: percent(b) });
}

export function theirWords(app, tap) {
  const { by, at, ...theirs } = tap.theirs ?? {};
  const words = (one) => (one.a ? facesWords(app, one) : (one.choice ?? one.shake ?? '–'));
  const [value, mine] = [words(theirs), words(tap.data)];
  return app.say('conflict', { by: by ?? '?', when: at ? new Date(at).toLocaleString() : '', theirs: value, mine });
}
