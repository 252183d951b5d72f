// Asks the core, which runs in a worker. Until it is there, or where a browser cannot, the last verdict stands.
export class Judge {
  constructor(build, tells) {
    this.tells = tells;
    this.version = null;
    this.failed = false;
    this.asked = new Map();
    this.known = new Map();
    this.count = 0;
    try {
      this.worker = new Worker(`/build/core-worker.js?${build}`, { type: 'module' });
      this.worker.onmessage = ({ data }) => this.hear(data);
      this.worker.onerror = () => this.fail();
    } catch {
      this.fail();
    }
  }

  fail() {
    this.failed = true;
    this.tells();
  }

  hear(data) {
    if (data.ready) {
      this.version = data.ready;
      this.tells();
    } else if (data.failed) {
      this.fail();
    } else {
      this.asked.get(data.id)?.(JSON.parse(data.answer));
      this.asked.delete(data.id);
    }
  }

  /** Resolves to what an entry point of the core answers. */
  ask(door, question) {
    this.count += 1;
    const id = this.count;
    return new Promise((resolve) => {
      this.asked.set(id, resolve);
      this.worker.postMessage({ id, door, question: JSON.stringify(question) });
    });
  }

  /** The boxes of a hive as the core judges them, by id; null where it cannot now. */
  async hive(question) {
    if (!this.version) return null;
    const { now, ...rest } = question;
    const key = JSON.stringify(rest);
    if (!this.known.has(key)) {
      const answer = await this.ask('hive', { now, ...rest });
      this.known.set(key, answer.boxes ? new Map(answer.boxes.map((box) => [box.id, box])) : null);
    }
    return this.known.get(key);
  }

  /** A hive's stores by its weight, or what is wrong with it; null where it cannot be said now. */
  async heft(question) {
    return this.version ? this.ask('heft', question) : null;
  }
}
