// The field sheet as it stands on this phone: what it holds and fetches, and what is kept of what is tapped.
import { Queue } from './queue.js';
import { Judge } from './field-judge.js';
import { Store, settleIn } from './store.js';
import { FORMAT, folded, isOf, isTapped, readable, question, standing, todayOf } from './field-state.js';
import { draw } from './field-page.js';
import { path } from './field-parts.js';

const SETTINGS = 'marjoram.field.settings';

const words = JSON.parse(document.getElementById('field').dataset.words);
const page = document.documentElement;

export class Field {
  constructor() {
    this.sheets = new Map();
    this.shown = new Map();
    this.index = null;
    this.brush = { side: 'a', tool: 'capped', sides: [], rest: null, wasToday: null };
    this.signedOut = false;
    this.isAway = false;
    this.opensOffline = true;
    this.format = FORMAT;
    this.settings = { theme: 'sun', left: false };
    try {
      Object.assign(this.settings, JSON.parse(localStorage.getItem(SETTINGS)));
    } catch {
      /* as they are */
    }
    this.dress();
    this.judge = new Judge(page.dataset.build, () => this.refresh());
  }

  say(key, values = {}) {
    return Object.entries(values).reduce(
      (text, [name, value]) => text.replaceAll(`:${name}`, value),
      words[key] ?? key,
    );
  }

  announce(text) {
    document.getElementById('announce').textContent = text;
  }

  /** What was not kept, or cannot be read, and why. */
  trouble(key, values = {}) {
    const place = document.getElementById('trouble');
    place.textContent = this.say(key, values);
    place.hidden = false;
  }

  calm() {
    document.getElementById('trouble').hidden = true;
  }

  dress() {
    page.dataset.theme = this.settings.theme;
    page.classList.toggle('left-handed', this.settings.left);
    localStorage.setItem(SETTINGS, JSON.stringify(this.settings));
  }

  held(slug) {
    return this.sheets.get(slug);
  }

  sheet(slug) {
    return this.shown.get(slug);
  }

  today(slug) {
    return todayOf(this.held(slug));
  }

  heldKb() {
    return Math.round([...this.sheets.values()].reduce((sum, held) => sum + held.bytes, 0) / 1024);
  }

  back() {
    return this.lastYard ? path('yard', this.lastYard) : '#/';
  }

  async open(who) {
    this.store = await Store.open(who);
    settleIn(who);
    this.queue = new Queue(this.store, (what) => this.hear(what));
    this.queue.fold = (tap, versions) =>
      [...this.sheets.values()].filter((held) => isOf(tap, held.slug)).map((held) => folded(held, tap, versions));
    await this.queue.load();
    this.sheets = new Map((await this.store.sheets()).map((held) => [held.slug, readable(held)]));
    const index = await this.store.index();
    this.index = index && { weighings: {}, ...index };
    await this.refresh();
  }

  hear(what) {
    if (what === 'done') return;
    if (what === 'away') this.isAway = true;
    if (what === 'signed-out') this.signedOut = true;
    if (what === 'gone') this.checkIn();
    if (what === 'sent') {
      this.isAway = this.signedOut = false;
      if (this.queue.waiting().length === 0) this.freshen();
    }
    this.refresh();
  }

  /** Who it is, which yards there are, and the sheets of those that come along. */
  async checkIn() {
    let response;
    try {
      response = await fetch('/field/yards', { headers: { Accept: 'application/json' } });
    } catch {
      this.isAway = true;
      return this.refresh();
    }
    this.isAway = false;
    const index = response.ok && !response.redirected ? await response.json().catch(() => null) : null;
    if (!index) {
      this.signedOut = response.status === 401;
      // A membership that ended takes along what it had put here.
      if (response.redirected || response.status === 403) await this.leave();
      return this.refresh();
    }
    this.signedOut = false;
    await this.become(index);
    this.queue.soon(0);
    if (!this.reads(index)) return this.refresh();
    this.index = index;
    await this.store.setIndex(index);
    for (const gone of [...this.sheets.keys()].filter((slug) => !index.yards.some((yard) => yard.slug === slug))) {
      this.sheets.delete(gone);
      await this.store.letGo(gone);
    }
    for (const yard of index.yards.filter((one) => one.soon || this.held(one.slug))) await this.fetch(yard.slug);
    return this.refresh();
  }

  /** What a newer Marjoram says is not held by older scripts: what they hold stays until they are taken over. */
  reads({ format }) {
    if (format === this.format) return true;
    this.trouble('newer');
    return false;
  }

  /** Another person, or another operation: each has a database of its own. */
  async become(index) {
    const who = { user: index.who.id, operation: index.operation.id, name: index.who.name };
    if (this.store && (this.store.who.user !== who.user || this.store.who.operation !== who.operation)) {
      const isOver = this.store.who.user !== who.user || !index.memberships.includes(this.store.who.operation);
      if (isOver) await this.leave();
      this.store = null;
    }
    if (!this.store) await this.open(who);
  }

  async leave() {
    await this.store?.wipe();
    this.store = null;
    this.queue = null;
    this.sheets.clear();
    this.shown.clear();
    this.index = null;
  }

  async freshen() {
    for (const slug of this.sheets.keys()) await this.fetch(slug);
    await this.refresh();
  }

  /** A sheet that was asked for before a tap was taken is older than it: the next one is waited for. */
  async fetch(slug) {
    const { taken } = this.queue;
    const known = this.sheets.get(slug);
    const headers = { Accept: 'application/json', ...(known?.tag ? { 'If-None-Match': known.tag } : {}) };
    try {
      const response = await fetch(`/field/yards/${encodeURIComponent(slug)}`, { headers, cache: 'no-store' });
      if (response.status === 304) {
        known.checkedAt = Date.now();
        return true;
      }
      if (!response.ok || response.redirected) return false;
      const text = await response.text();
      if (this.queue.taken !== taken || this.queue.sending) return false;
      const sheet = JSON.parse(text);
      if (!this.reads(sheet)) return false;
      const now = Date.now();
      const tag = response.headers.get('ETag');
      const held = { slug, sheet, takenAt: now, checkedAt: now, bytes: text.length, tag };
      await this.store.hold(held);
      this.sheets.set(slug, held);
      return true;
    } catch (problem) {
      if (problem.name === 'QuotaExceededError') this.announce(this.say('full'));
      return false;
    }
  }

  /** Resolves when what is held and tapped by now is drawn: one after the other, or an older one came last. */
  refresh() {
    this.isStale = true;
    this.refreshing ??= this.refreshAll().finally(() => {
      this.refreshing = null;
    });
    return this.refreshing;
  }

  async refreshAll() {
    while (this.isStale) {
      this.isStale = false;
      if (this.queue) await this.layOver();
      this.render();
    }
  }

  /** The sheets with what was tapped on them, judged where something was. */
  async layOver() {
    for (const [slug, held] of this.sheets) {
      const sheet = standing(held, this.queue.taps);
      for (const hive of sheet.hives.filter(isTapped)) await this.judgeHive(held, sheet, hive);
      this.shown.set(slug, sheet);
    }
    for (const slug of [...this.shown.keys()].filter((one) => !this.sheets.has(one))) this.shown.delete(slug);
  }

  async judgeHive(held, sheet, hive) {
    const judged = await this.judge.hive(question(sheet, hive, held));
    hive.boxes.forEach((box) => {
      const verdict = judged?.get(box.id);
      if (verdict) Object.assign(box, { verdict, judgedHere: true });
    });
  }

  /** Kept on the disk first, then shown as kept. Where it cannot be kept, that is said and nothing is shown. */
  async keep(tap) {
    if (!this.index.may_record) {
      this.announce(this.say('may-not'));
      return null;
    }
    try {
      const kept = await this.queue.put(tap);
      await this.refresh();
      return kept;
    } catch (problem) {
      const why = problem.name === 'QuotaExceededError' ? 'full' : 'cannot-keep';
      this.trouble(why);
      this.announce(this.say(why));
      return null;
    }
  }

  route() {
    return window.location.hash.replace(/^#\/?/, '').split('/').map(decodeURIComponent);
  }

  render() {
    draw(this);
  }
}
