// The frames of a hive, the one that is open among them, and the parts of the page that follow it.
const IDLE_MS = 700;

export class HiveFrames {
  constructor(root, outbox) {
    this.root = root;
    this.outbox = outbox;
    this.boxes = JSON.parse(root.dataset.boxes);
    this.all = this.boxes.flatMap((box) =>
      box.frames.map((frame) => {
        const words = `${root.dataset.hive} ${box.title}, ${frame.slot}`;
        return Object.assign(frame, { box, words, painted: { a: frame.seen, b: frame.seen } });
      }),
    );
    this.at = Math.max(
      0,
      this.all.findIndex((one) => one.box.id === root.dataset.box && one.slot === Number(root.dataset.slot)),
    );
    this.timer = null;
    this.isFresh = true;
  }

  get open() {
    return this.all[this.at];
  }

  byPlace(box, slot) {
    return this.all.find((frame) => frame.box.id.toLowerCase() === box.toLowerCase() && frame.slot === slot);
  }

  next() {
    return this.all[this.at + 1] ?? null;
  }

  /** The frame that tells most of the super so many below (above zero) or above. */
  atSuper(step) {
    const box = this.boxes[this.boxes.indexOf(this.open.box) + step];
    return box ? box.frames[box.opens - 1] : null;
  }

  address(frame) {
    const url = new URL(frame.box.page);
    url.searchParams.set('slot', frame.slot);
    url.hash = 'painter';
    return url.href;
  }

  /** Another frame is open; what stands around the painter follows when the hands rest. */
  go(frame) {
    this.at = this.all.indexOf(frame);
    history.replaceState(history.state, '', this.address(frame));
    this.heads();
    this.isFresh = false;
    this.around().forEach((part) => {
      part.inert = true;
    });
    this.later();
  }

  heads() {
    const { box, slot } = this.open;
    const words = JSON.parse(this.root.dataset.words);
    this.root.querySelector('.painter-head h2').innerHTML = '';
    const of = document.createElement('span');
    of.className = 'soft';
    of.textContent = ` ${words.of.replace(':n', box.frames.length)}`;
    this.root.querySelector('.painter-head h2').append(`${box.title}, ${words.frame.replace(':n', slot)}`, of);
    const nav = this.root.querySelector('.slots');
    nav.replaceChildren(...box.frames.map((frame) => this.link(frame, words)));
  }

  link(frame, words) {
    const link = document.createElement('a');
    link.href = this.address(frame);
    link.textContent = frame.slot;
    link.classList.toggle('unseen', !frame.seen);
    link.classList.toggle('alike', frame.alike);
    if (frame === this.open) link.setAttribute('aria-current', 'true');
    const how = frame.alike ? words.alike : frame.seen ? '' : words.unseen;
    link.setAttribute('aria-label', [words.Frame.replace(':n', frame.slot), how].filter(Boolean).join(', '));
    return link;
  }

  around() {
    return [...document.querySelectorAll('[data-around]')];
  }

  later() {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.refresh(), IDLE_MS);
  }

  /** Fetches what belongs to the open frame, once all that was painted is stored. */
  async refresh() {
    clearTimeout(this.timer);
    const { open } = this;
    await this.outbox.flush();
    if (this.isFresh || open !== this.open || !this.outbox.isEmpty()) return;
    const response = await fetch(this.address(open).replace('#painter', ''), { headers: { Accept: 'text/html' } });
    if (!response.ok || open !== this.open) return;
    const page = new DOMParser().parseFromString(await response.text(), 'text/html');
    this.around().forEach((part) => {
      const fresh = page.querySelector(`[data-around="${part.dataset.around}"]`);
      if (fresh) part.replaceWith(document.adoptNode(fresh));
    });
    this.isFresh = true;
    this.around().forEach((part) => window.htmx?.process(part));
    document.dispatchEvent(new Event('around:fresh'));
  }
}
