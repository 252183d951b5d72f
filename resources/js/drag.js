const FAR_PX = 6;

/**
 * Something is dragged by the mouse and dropped on a part that lights up under it. Touch scrolls, and uses a form.
 *
 * pick(event): what is dragged, or null. targetAt(picked, x, y): null, or the part to light up and what drop gets of it
 * ({ part, sent }). drop(picked, sent): it was let go there.
 */
export function onDrag({ pick, targetAt, drop }) {
  document.addEventListener('pointerdown', (event) => {
    const picked = event.button === 0 && event.pointerType !== 'touch' ? pick(event) : null;
    if (!picked) return;
    const from = { x: event.clientX, y: event.clientY };
    const done = new AbortController();
    let lit = null;
    let dragged = false;
    const light = (part) => {
      lit?.classList.remove('droptarget');
      lit = part;
      lit?.classList.add('droptarget');
    };
    const move = (at) => {
      const [dx, dy] = [at.clientX - from.x, at.clientY - from.y];
      dragged ||= Math.hypot(dx, dy) > FAR_PX;
      if (!dragged) return;
      picked.style.transform = `translate(${dx}px, ${dy}px)`;
      picked.classList.add('lifted');
      light(targetAt(picked, at.clientX, at.clientY)?.part ?? null);
    };
    const end = (at) => {
      done.abort();
      light(null);
      picked.classList.remove('lifted');
      picked.style.transform = '';
      if (!dragged) return;
      // The click that ends a drag opens and chooses nothing.
      const ended = new AbortController();
      window.addEventListener('click', (click) => click.preventDefault(), { capture: true, signal: ended.signal });
      setTimeout(() => ended.abort(), 50);
      const target = at.type === 'pointerup' ? targetAt(picked, at.clientX, at.clientY) : null;
      if (target) drop(picked, target.sent);
    };
    window.addEventListener('pointermove', move, { signal: done.signal });
    window.addEventListener('pointerup', end, { signal: done.signal });
    window.addEventListener('pointercancel', end, { signal: done.signal });
  });
}
