// Frames that were painted wait here until they are stored, one after the other, each under the version last seen.
// What cannot be sent stays in the browser and is sent when the server answers again, here or on another page.
import { ulid } from './ulid.js';

const KEPT = 'marjoram.frame.';
const PAUSE_MS = 350;
const RETRY_MS = 3000;

export class Outbox {
  /** tells: { waiting(n), saved(frame, answer), conflict(frame, theirs), refused(frame, message), away() } */
  constructor(day, tells) {
    this.day = day;
    this.tells = tells;
    this.frames = new Map();
    this.sending = null;
    this.timer = null;
  }

  put(frame) {
    frame.stamp = (frame.stamp ?? 0) + 1;
    frame.key = ulid();
    this.keep(frame);
  }

  /** With its key: what was stored, but whose answer never came, is answered again and not stored twice. */
  keep(frame) {
    this.frames.set(frame.url, frame);
    this.store(frame);
    this.tells.waiting(this.frames.size);
    this.soon(PAUSE_MS);
  }

  store({ url, faces, version, key }) {
    localStorage.setItem(KEPT + url, JSON.stringify({ url, faces, version, key, day: this.day }));
  }

  soon(ms) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.pump(), ms);
  }

  /** What an earlier page could not send; those of this page are handed over to be shown. */
  recover(take) {
    for (const key of Object.keys(localStorage).filter((one) => one.startsWith(KEPT))) {
      const kept = JSON.parse(localStorage.getItem(key));
      if (kept?.url && kept.day === this.day) this.keep(Object.assign(take(kept) ?? kept, { key: kept.key ?? ulid() }));
    }
  }

  isEmpty() {
    return this.frames.size === 0 && this.sending === null;
  }

  /** Resolves when all is stored, or cannot be now. */
  async flush() {
    clearTimeout(this.timer);
    await this.pump();
  }

  pump() {
    this.sending ??= this.sendAll().finally(() => {
      this.sending = null;
    });
    return this.sending;
  }

  async sendAll() {
    for (;;) {
      const [frame] = this.frames.values();
      if (!frame) return;
      if (!(await this.send(frame))) {
        this.tells.away();
        this.soon(RETRY_MS);
        return;
      }
    }
  }

  /** Whether it was answered for good. */
  async send(frame) {
    const { stamp } = frame;
    try {
      // As it is sent now, under the version known by now.
      this.store(frame);
      const response = await fetch(frame.url, {
        method: 'PUT',
        body: JSON.stringify({ ...frame.faces, version: frame.version, seen_on: this.day }),
        keepalive: true,
        headers: {
          'Content-Type': 'application/json',
          Accept: 'application/json',
          'Idempotency-Key': frame.key,
          'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]').content,
        },
      });
      if (response.status >= 500) return false;
      const answer = await response.json();
      if (response.status === 409) {
        frame.version = answer.theirs.version;
        this.forget(frame);
        this.tells.conflict(frame, { a: answer.theirs.a, b: answer.theirs.b });
      } else if (!response.ok) {
        this.forget(frame);
        this.tells.refused(frame, answer.message);
      } else {
        frame.version = answer.version;
        // Painted on meanwhile, it is sent once more.
        if (frame.stamp === stamp) this.forget(frame);
        this.tells.saved(frame, answer);
      }
      return true;
    } catch {
      return false;
    }
  }

  forget(frame) {
    this.frames.delete(frame.url);
    localStorage.removeItem(KEPT + frame.url);
    this.tells.waiting(this.frames.size);
  }
}
