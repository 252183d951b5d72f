// A frame is dragged by the mouse: onto a gap it goes there, onto another frame the two change places. What is done goes
// as the form "or put them somewhere else" would send it; touch and keys use that form.
const FAR_PX = 6;

const hint = document.querySelector('[data-mousehint]');
if (hint) hint.hidden = !window.matchMedia('(pointer: fine)').matches;

const form = () => document.querySelector('[data-putframes]');
const idOf = (frame) => frame.querySelector('input')?.value ?? '';

function targetAt(frame, x, y) {
  const under = document.elementsFromPoint(x, y).map((part) => part.closest('.frameslot'));
  return under.find((slot) => slot && slot !== frame) ?? null;
}

function send(frame, target) {
  const sheet = form();
  const other = idOf(target);
  sheet.elements.to.value = other === '' ? target.dataset.gap : 'swap';
  for (const id of other === '' ? [idOf(frame)] : [idOf(frame), other]) {
    const field = document.createElement('input');
    Object.assign(field, { type: 'hidden', name: 'f[]', value: id });
    sheet.append(field);
  }
  sheet.requestSubmit();
}

document.addEventListener('pointerdown', (event) => {
  const frame = event.target.closest?.('label.frameslot');
  if (!frame || !form() || event.button !== 0 || event.pointerType === 'touch') return;
  const from = { x: event.clientX, y: event.clientY };
  const done = new AbortController();
  let lit = null;
  let dragged = false;
  const light = (slot) => {
    lit?.classList.remove('droptarget');
    lit = slot;
    lit?.classList.add('droptarget');
  };
  const move = (at) => {
    const [dx, dy] = [at.clientX - from.x, at.clientY - from.y];
    dragged ||= Math.hypot(dx, dy) > FAR_PX;
    if (!dragged) return;
    frame.style.transform = `translate(${dx}px, ${dy}px)`;
    frame.classList.add('lifted');
    light(targetAt(frame, at.clientX, at.clientY));
  };
  const drop = (at) => {
    done.abort();
    light(null);
    frame.classList.remove('lifted');
    frame.style.transform = '';
    if (!dragged) return;
    // The click that ends a drag chooses nothing.
    const ended = new AbortController();
    window.addEventListener('click', (click) => click.preventDefault(), { capture: true, signal: ended.signal });
    setTimeout(() => ended.abort(), 50);
    const target = at.type === 'pointerup' ? targetAt(frame, at.clientX, at.clientY) : null;
    if (target) send(frame, target);
  };
  window.addEventListener('pointermove', move, { signal: done.signal });
  window.addEventListener('pointerup', drop, { signal: done.signal });
  window.addEventListener('pointercancel', drop, { signal: done.signal });
});
