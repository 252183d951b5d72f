// What a browser keeps: sheets of yards, and everything tapped or painted that is not sent yet. It is on the disk before
// it is shown as kept.
import { openDB } from './idb.js';

const WHO = 'marjoram.field.who';
const PREFIX = 'marjoram-field-';
const STRICT = { durability: 'strict' };

const nameOf = (who) => `${PREFIX}${who.user}-${who.operation}`;

/** The field sheet of this browser is this person's from now on. */
export function settleIn(who) {
  localStorage.setItem(WHO, JSON.stringify(who));
}

/** Whose sheets this phone holds; null where nobody's. */
export function known() {
  try {
    return JSON.parse(localStorage.getItem(WHO));
  } catch {
    return null;
  }
}

export class Store {
  constructor(db, who) {
    this.db = db;
    this.who = who;
  }

  static async open(who) {
    const db = await openDB(nameOf(who), 1, {
      upgrade(made) {
        made.createObjectStore('sheets', { keyPath: 'slug' });
        made.createObjectStore('meta');
        made.createObjectStore('taps', { keyPath: 'seq', autoIncrement: true }).createIndex('id', 'id', {
          unique: true,
        });
      },
    });
    return new Store(db, who);
  }

  /** Resolves when it is on the disk; throws where it cannot be. */
  async keep(tap) {
    const tx = this.db.transaction('taps', 'readwrite', STRICT);
    const seq = await tx.store.add(tap);
    await tx.done;
    return { ...tap, seq };
  }

  taps() {
    return this.db.getAll('taps');
  }

  async change(tap) {
    const tx = this.db.transaction('taps', 'readwrite', STRICT);
    await tx.store.put(tap);
    await tx.done;
  }

  async drop(tap) {
    const tx = this.db.transaction('taps', 'readwrite', STRICT);
    await tx.store.delete(tap.seq);
    await tx.done;
  }

  /** A tap that the server has is part of the sheet from then on: both in one. */
  async settle(tap, changed, later) {
    const tx = this.db.transaction(['taps', 'sheets'], 'readwrite', STRICT);
    tx.objectStore('taps').delete(tap.seq);
    for (const other of later) tx.objectStore('taps').put(other);
    for (const held of changed) tx.objectStore('sheets').put(held);
    await tx.done;
  }

  sheets() {
    return this.db.getAll('sheets');
  }

  async hold(held) {
    await this.db.put('sheets', held);
  }

  async letGo(slug) {
    await this.db.delete('sheets', slug);
  }

  index() {
    return this.db.get('meta', 'index');
  }

  async setIndex(index) {
    await this.db.put('meta', index, 'index');
  }

  /** What was read is gone; what was tapped and never sent stays until its own person throws it away. */
  async wipe() {
    await this.db.clear('sheets');
    await this.db.clear('meta');
    if ((await this.db.count('taps')) === 0) {
      this.db.close();
      indexedDB.deleteDatabase(nameOf(this.who));
    }
    localStorage.removeItem(WHO);
  }
}
