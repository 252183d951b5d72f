// The queue of this browser on pages: what was painted and could not be stored waits here, whichever page is open, and is
// sent when the server answers, or when its person has signed in again. What is left over is said on every page.
import { Queue } from './queue.js';
import { Store } from './store.js';

const RETRY_MS = 4000;
/** As an earlier version kept frames. */
const OLD = 'marjoram.frame.';

/** Where a browser keeps nothing, the page does, as long as it is open. */
class PageStore {
  constructor(who) {
    this.who = who;
    this.seq = 0;
  }

  async keep(tap) {
    this.seq += 1;
    return { ...tap, seq: this.seq };
  }

  async taps() {
    return [];
  }

  async change() {}

  async drop() {}

  async settle() {}
}

const bar = document.getElementById('kept');
const hearers = new Set();

export const listen = (hear) => hearers.add(hear);

function show(queue) {
  if (!bar) return;
  document.documentElement.dataset.kept = queue.taps.length;
  const { waiting, refused, signedOut, gone } = bar.dataset;
  const asking = queue.asking();
  const isPainter = document.getElementById('painter') !== null;
  const words = [
    queue.isSignedOut ? signedOut : '',
    queue.isGone ? gone : '',
    queue.isAway && queue.waiting().length > 0 && !isPainter ? waiting.replace(':n', queue.waiting().length) : '',
    asking.length > 0 ? refused.replace(':n', asking.length) : '',
  ].filter(Boolean);
  bar.hidden = words.length === 0;
  bar.querySelector('[data-says]').textContent = words.join(' ');
  bar.querySelector('[data-choose]').hidden = asking.length === 0 && !queue.isSignedOut;
  bar.querySelector('[data-choose] a').hidden = !queue.isSignedOut;
  for (const one of ['again', 'throw']) bar.querySelector(`[data-${one}]`).hidden = asking.length === 0;
  bar.querySelector('[data-reasons]').replaceChildren(
    ...asking.map((tap) => {
      const row = document.createElement('li');
      row.textContent = [tap.words, tap.message].filter(Boolean).join(': ');
      return row;
    }),
  );
}

async function open() {
  const who = JSON.parse(bar.dataset.who);
  const store = await Store.open(who).catch(() => new PageStore(who));
  const queue = new Queue(store, (what, tap) => {
    queue.isSignedOut = what === 'signed-out' || (queue.isSignedOut && what === 'kept');
    queue.isAway = what === 'away' || (queue.isAway && what === 'kept');
    queue.isGone = what === 'gone';
    show(queue);
    hearers.forEach((hear) => hear(what, tap));
    if (what === 'signed-out') setTimeout(() => queue.send(), 4 * RETRY_MS);
  });
  await queue.load();
  for (const key of Object.keys(localStorage).filter((one) => one.startsWith(OLD))) {
    const old = JSON.parse(localStorage.getItem(key));
    const [, box, slot] = old?.url?.match(/boxes\/(\w{26})\/frames\/(\d+)/) ?? [];
    if (box) {
      const data = { slot: Number(slot), ...old.faces, ...(old.day ? { seen_on: old.day } : {}) };
      await queue.put({ kind: 'frame', on: box, yard: '', hive: '', words: '', data, version: old.version ?? 0 });
    }
    localStorage.removeItem(key);
  }
  if (queue.waiting().length > 0) queue.soon(0);
  show(queue);
  return queue;
}

/** One for the page; null where nobody is signed in. */
export const queue = bar?.dataset.who ? open() : Promise.resolve(null);

queue.then((one) => {
  if (!one) return;
  window.addEventListener('online', () => one.send());
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible' && one.waiting().length > 0) one.send();
  });
  bar.querySelector('[data-again]').addEventListener('click', async () => {
    for (const tap of one.asking()) await one.again(tap, tap.theirs?.version);
    await one.send();
  });
  bar.querySelector('[data-throw]').addEventListener('click', async () => {
    for (const tap of one.asking()) await one.throwAway(tap);
  });
});
