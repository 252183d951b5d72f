// Frames that are painted on a page, in the queue of this browser: one after the other, each under the version last seen.
import { listen, queue as opened } from './kept.js';

export class Outbox {
  /** tells: { waiting(n), saved(frame, shown), conflict(frame, theirs), refused(frame, message), away(), signedOut() } */
  constructor(day, find, tells) {
    this.day = day || null;
    this.find = find;
    this.tells = tells;
    this.queue = null;
    this.puts = 0;
    // What is painted is kept in the order in which it was painted.
    this.last = opened.then((queue) => {
      this.queue = queue;
    });
    listen((what, tap) => this.hear(what, tap));
  }

  put(frame) {
    this.puts += 1;
    this.tells.waiting(this.count());
    const { a, b } = structuredClone(frame.faces);
    const data = { slot: frame.slot, a, b, show: true, ...(this.day ? { seen_on: this.day } : {}) };
    const words = frame.words;
    this.last = this.last
      .then(() =>
        this.queue.replace({
          kind: 'frame',
          on: frame.box.id,
          yard: '',
          hive: '',
          words,
          data,
          version: frame.version ?? 0,
        }),
      )
      .catch((problem) => this.tells.refused(frame, String(problem.message ?? problem)))
      .finally(() => {
        this.puts -= 1;
        this.tells.waiting(this.count());
      });
  }

  /** What an earlier page could not send, of the frames of this page and its day. */
  async recover(take) {
    await this.last;
    for (const tap of this.queue.taps.filter((one) => this.isHere(one))) {
      const frame = this.find(tap.on, tap.data.slot);
      if (!frame) continue;
      take(frame, tap);
      if (tap.state !== 'waiting') this.hear('asked', tap);
    }
  }

  isHere(tap) {
    return tap.kind === 'frame' && (tap.data.seen_on ?? null) === this.day;
  }

  count() {
    return this.puts + (this.queue?.waiting() ?? []).filter((tap) => tap.kind === 'frame').length;
  }

  isEmpty() {
    return this.count() === 0;
  }

  /** Resolves when all is stored, or cannot be now. */
  async flush() {
    await this.last;
    await this.queue.send();
  }

  hear(what, tap) {
    if (what === 'away') this.tells.away();
    if (what === 'signed-out') this.tells.signedOut();
    const frame = tap?.kind === 'frame' && this.isHere(tap) ? this.find(tap.on, tap.data.slot) : null;
    if (!frame) return;
    if (what === 'done') {
      frame.version = tap.versions?.[tap.data.slot] ?? frame.version;
      this.tells.saved(frame, tap.shown);
      this.tells.waiting(this.count());
    }
    if (what === 'asked' && tap.state === 'conflict') this.tells.conflict(frame, tap.theirs);
    if (what === 'asked' && tap.state === 'refused') this.tells.refused(frame, tap.message);
  }

  /** A frame that another had painted meanwhile: theirs stays, or mine is stored over it. */
  async settle(frame, isMine) {
    await this.last;
    const asking = this.queue
      .asking()
      .filter((tap) => tap.kind === 'frame' && tap.on === frame.box.id && tap.data.slot === frame.slot);
    for (const tap of asking) {
      if (isMine) await this.queue.again(tap, tap.theirs?.version);
      else await this.queue.throwAway(tap);
    }
    this.tells.waiting(this.count());
  }
}
