// Sends what was tapped on the field sheet and painted on pages, in its order, by batches, each answered by itself. Sent
// twice it is done once: the server knows each by its id. What another changed meanwhile waits for its person; what is
// refused stays with its reason.
import { ulid } from './ulid.js';

const BATCH = 25;
// Of photographs: a batch goes through a thin network.
const MOST_LETTERS = 1500000;
const RETRY_MS = 4000;

const cookie = (name) => decodeURIComponent(document.cookie.match(new RegExp(`(?:^|; )${name}=([^;]*)`))?.[1] ?? '');

/** What two taps must share for the later one to wait for the earlier one's question. */
export const about = ({ kind, on, data: { slot, frame, day, thing, what } }) =>
  [kind, on, slot, frame, day, thing, what].filter((part) => part !== undefined).join(' ');

export class Queue {
  /** tells(what, tap): 'kept', 'sent', 'done', 'asked', 'away', 'signed-out', 'gone', 'full' */
  constructor(store, tells) {
    this.store = store;
    this.tells = tells;
    this.taps = [];
    this.sending = null;
    this.timer = null;
    this.most = BATCH;
    /** Rises with each tap that the server took: a sheet asked for before is older than it. */
    this.taken = 0;
    /** Of frames, as this browser left them. */
    this.versions = new Map();
    /** What is on its way, or got no answer: the server may have it already. */
    this.sent = new Set();
  }

  async load() {
    this.taps = await this.store.taps();
  }

  waiting() {
    return this.taps.filter((tap) => tap.state === 'waiting');
  }

  /** By its place in the queue, as a button names it. */
  at(seq) {
    return this.taps.find((tap) => tap.seq === Number(seq));
  }

  asking() {
    return this.taps.filter((tap) => tap.state !== 'waiting');
  }

  /** The newest of the same thing that the server has never seen: it may still be changed. */
  unsent(like) {
    const same = about(like);
    return this.waiting().findLast((tap) => about(tap) === same && !this.sent.has(tap.id));
  }

  /** As put, but the newest of the same thing is changed while it has not been sent. */
  async replace(given) {
    const before = this.unsent(given);
    if (!before) return this.put(given);
    const next = { ...before, data: given.data, words: given.words, at: Date.now() };
    this.taps = this.taps.map((tap) => (tap === before ? next : tap));
    await this.store.change(next);
    this.tells('kept');
    this.soon(300);
    return next;
  }

  /** Resolves once it is on the disk. */
  async put({ kind, on, yard, hive, words, data, version }) {
    const tap = { id: ulid(), kind, on, yard, hive, words, data, at: Date.now(), state: 'waiting' };
    // What this phone made of the frame a moment ago may not be on the page yet.
    if (version !== undefined) tap.version = Math.max(version, this.versions.get(about(tap)) ?? 0);
    const kept = await this.store.keep(tap);
    this.taps.push(kept);
    // What was on its way may have been stored while this one was written down.
    const known = this.versions.get(about(kept)) ?? 0;
    if (kept.version < known) {
      kept.version = known;
      await this.store.change(kept);
    }
    this.tells('kept');
    this.soon(300);
    return kept;
  }

  /** The newest of it, not sent yet, is thrown away: as if it had not been tapped. */
  async takeBack(tap) {
    if (this.sending || !this.taps.includes(tap)) return false;
    this.taps = this.taps.filter((one) => one !== tap);
    await this.store.drop(tap);
    this.tells('kept');
    return true;
  }

  async throwAway(tap) {
    this.taps = this.taps.filter((one) => one !== tap);
    await this.store.drop(tap);
    this.tells('asked');
  }

  /** Sent once more, under what is stored now. */
  async again(tap, version) {
    const next = { ...tap, id: ulid(), state: 'waiting', message: '', theirs: null };
    if (version !== undefined) next.version = version;
    if (tap.kind === 'shake') next.data = { ...tap.data, was: tap.theirs?.shake ?? null };
    if (tap.kind === 'decide') delete next.data.was;
    this.taps = this.taps.map((one) => (one === tap ? next : one));
    await this.store.change(next);
    this.tells('asked');
    this.soon(0);
  }

  soon(ms) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.send(), ms);
  }

  send() {
    clearTimeout(this.timer);
    this.sending ??= this.sendAll().finally(() => {
      this.sending = null;
    });
    return this.sending;
  }

  next() {
    const asked = new Set(this.asking().map(about));
    const batch = [];
    let letters = 0;
    for (const tap of this.waiting().filter((one) => !asked.has(about(one)))) {
      letters += tap.data.jpeg?.length ?? 0;
      if (batch.length === this.most || (batch.length > 0 && letters > MOST_LETTERS)) break;
      batch.push(tap);
    }
    return batch;
  }

  async sendAll() {
    for (let batch = this.next(); batch.length > 0; batch = this.next()) {
      const answers = await this.post(batch);
      if (!answers) return;
      for (const answer of answers) await this.take(answer);
      this.tells('sent');
      if (answers.some((answer) => answer.state === 'later')) {
        this.soon(RETRY_MS);
        return;
      }
    }
  }

  /** Null where it could not be sent now. */
  async post(batch, isAgain = false) {
    let response;
    batch.forEach((tap) => this.sent.add(tap.id));
    try {
      response = await fetch('/field/taps', {
        method: 'POST',
        headers: {
          'Content-Type': 'application/json',
          Accept: 'application/json',
          'X-XSRF-TOKEN': cookie('XSRF-TOKEN'),
        },
        body: JSON.stringify({
          sent_at: Date.now(),
          operation: this.store.who.operation,
          taps: batch.map(({ id, kind, on, at, data, version }) => ({ id, kind, on, at, data, version })),
        }),
      });
    } catch {
      return this.away('away');
    }
    if (response.status === 401) return this.away('signed-out');
    if (response.status === 403) return this.away('gone');
    // A page that was kept for long has an old token: any answer brings a new one.
    if (response.status === 419 && !isAgain) {
      const fresh = await fetch('/field/yards', { headers: { Accept: 'application/json' } }).catch(() => null);
      if (!fresh) return this.away('away');
      return fresh.status === 401 ? this.away('signed-out') : this.post(batch, true);
    }
    if (response.status === 429 || response.status >= 500) return this.away('away');
    const answer = await response.json().catch(() => null);
    if (!response.ok) return this.refusedWhole(batch, answer);
    this.most = BATCH;
    return answer?.answers ?? this.away(response.redirected ? 'gone' : 'away');
  }

  /** One of them is to blame: each is sent by itself until it is found. */
  refusedWhole(batch, answer) {
    if (batch.length === 1) return [{ id: batch[0].id, state: 'refused', message: answer?.message ?? '' }];
    this.most = 1;
    return this.post(batch.slice(0, 1));
  }

  away(why) {
    this.tells(why);
    if (why === 'away') this.soon(RETRY_MS);
    return null;
  }

  async take({ id, state, message, theirs, versions, shown }) {
    const tap = this.taps.find((one) => one.id === id);
    if (!tap || state === 'later') return;
    if (state === 'kept') {
      await this.settle(tap, versions);
      this.tells('done', { ...tap, versions, shown });
      return;
    }
    Object.assign(tap, { state, message, theirs });
    await this.store.change(tap);
    this.tells('asked', tap);
  }

  async settle(tap, versions) {
    this.taken += 1;
    for (const [slot, version] of Object.entries(versions ?? {})) this.versions.set(`frame ${tap.on} ${slot}`, version);
    const later = [];
    for (const other of this.taps) {
      const version = other.kind === 'frame' && other.on === tap.on ? versions?.[other.data.slot] : undefined;
      if (other !== tap && version !== undefined) {
        other.version = version;
        later.push(other);
      }
    }
    this.taps = this.taps.filter((one) => one !== tap);
    await this.store.settle(tap, this.fold?.(tap, versions ?? {}) ?? [], later);
  }
}
