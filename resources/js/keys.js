// Keys of every page, and the drawing of a yard as it is chosen. Works without: everything has a link or a button.
const typing = (target) => target.closest('input, select, textarea, [contenteditable], dialog');

const click = (selector) => document.querySelector(selector)?.click();

const actions = {
  '/': () => document.getElementById('find')?.focus(),
  '?': () => document.getElementById('keys')?.showModal(),
  u: () => click('[data-undo]'),
  j: () => toHive(1),
  k: () => toHive(-1),
};
// Links that a page names its own keys for.
for (const key of '+-[]') actions[key] = () => click(`a[data-press="${key}"]`);
for (const stage of '123456') actions[stage] = () => click(`.stages a[data-key="${stage}"]`);

document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented || typing(event.target)) return;
  if (!Object.hasOwn(actions, event.key)) return;
  actions[event.key]();
  event.preventDefault();
});

function toHive(step) {
  const links = [...document.querySelectorAll('a.hivecode')];
  if (links.length === 0) return;
  const at = links.findIndex((link) => link.getAttribute('aria-current') === 'true');
  const to = links[at === -1 ? (step > 0 ? 0 : links.length - 1) : (at + step + links.length) % links.length];
  window.location = to.getAttribute('href');
}

document
  .querySelector('[data-keys-open]')
  ?.addEventListener('click', () => document.getElementById('keys').showModal());

// A form that was refused is shown on its page again: the address is that page's, so that it can be opened once more.
const address = document.querySelector('meta[name="address"]')?.content;
if (address && address !== location.pathname + location.search) {
  history.replaceState(history.state, '', address + location.hash);
}

// A form sent once stays sent: the button says so, and the key in the form makes a second sending harmless.
document.addEventListener('submit', (event) => {
  const button = event.submitter;
  if (button && event.target.method === 'post')
    setTimeout(() => {
      button.disabled = true;
    }, 0);
});
// After a swap the focus goes back to the button that was pressed.
document.addEventListener('htmx:afterSettle', (event) => {
  const id = event.detail.requestConfig?.triggeringEvent?.submitter?.id;
  if (id) document.getElementById(id)?.focus({ preventScroll: true });
});
// Crockford's 32 letters and figures, as keys of writes are made of them.
const freshKey = () =>
  '01' +
  Array.from(crypto.getRandomValues(new Uint8Array(24)), (byte) => '0123456789abcdefghjkmnpqrstvwxyz'[byte % 32]).join(
    '',
  );

// Gone back to, a page's buttons work again; what it sends then is a new write, though it be the same once more.
window.addEventListener('pageshow', (event) => {
  document.querySelectorAll('button[disabled]').forEach((button) => {
    button.disabled = false;
  });
  if (!event.persisted) return;
  document.querySelectorAll('input[name="_key"]').forEach((input) => {
    input.value = freshKey();
  });
});

const draw = document.querySelector('[data-draw]');
if (draw) {
  const svg = draw.querySelector('[data-draw-picture]');
  const number = (name) => Math.max(0, Math.min(60, parseInt(draw.querySelector(`[name="${name}"]`).value, 10) || 0));
  const height = { deep: 30, brood: 34, medium: 20, shallow: 17, super: 20 };
  const tall = (name) => {
    const kind = draw.querySelector(`[name="${name}"]`).value;
    return Object.entries(height).find(([word]) => kind.includes(word))?.[1] ?? 22;
  };
  const rect = (x, y, w, h, cls) =>
    `<rect class="${cls}" x="${x.toFixed(1)}" y="${y.toFixed(1)}" width="${w.toFixed(1)}" height="${h.toFixed(1)}"/>`;
  const paint = () => {
    const hives = number('hives');
    const stack = number('brood_boxes') * tall('brood_kind') + number('supers') * tall('super_kind') + 14;
    const pitch = 260 / Math.max(3, hives);
    const scale = Math.min(1, 140 / stack, pitch / 58);
    let out = '<path class="gnd" d="M0 160H260"/>';
    for (let i = 0; i < hives; i += 1) {
      const width = 48 * scale;
      const x = (i + 0.5) * pitch - width / 2;
      let y = 160 - 12 * scale;
      out += `<path class="leg2" d="M${x + 6} ${y}V160M${x + width - 6} ${y}V160"/>`;
      for (let b = 0; b < number('brood_boxes') + number('supers'); b += 1) {
        const h = tall(b < number('brood_boxes') ? 'brood_kind' : 'super_kind') * scale;
        y -= h;
        out +=
          rect(x, y, width, h, 'bxo') +
          (b < number('brood_boxes') ? rect(x + 2, y + h * 0.45, width - 4, h * 0.5, 'brd') : '');
      }
      out += `<path class="lid" d="M${x - 2} ${y - 1}h${width + 4}"/>`;
    }
    svg.innerHTML = out;
  };
  draw.addEventListener('input', paint);
  paint();
}

// Who begins is asked for nothing that the browser knows.
const zone = document.querySelector('[data-own-zone]');
const ownZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
if (zone && [...zone.options].some((option) => option.value === ownZone)) zone.value = ownZone;

document.documentElement.dataset.keys = 'ready';

document.addEventListener('click', (event) => {
  if (event.target.closest('[data-print]')) window.print();
});
