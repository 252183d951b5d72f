// A visit dragged to another day goes there, with its boards as many nights before; the form below does the same.
const form = document.querySelector('[data-move]');

function fill(visit, shift) {
  const days = [...form.elements.last.options].map((option) => option.value);
  const last = days[Number(visit.dataset.last) + shift];
  const first = days[Number(visit.dataset.first) + shift];
  if (!last || (visit.dataset.method === 'escape-board' && !first)) return false;
  form.elements.yard.value = visit.dataset.yard;
  form.elements.part.value = visit.dataset.part;
  form.elements.method.value = visit.dataset.method;
  form.elements.last.value = last;
  form.elements.first.value = visit.dataset.method === 'escape-board' ? first : '';
  return true;
}

document.addEventListener('pointerdown', (event) => {
  const visit = event.target.closest('.visit');
  if (!visit || !form) return;
  const svg = visit.closest('svg');
  const from = event.clientX;
  const perDay = (Number(svg.dataset.wide) / Number(svg.dataset.view)) * svg.getBoundingClientRect().width;
  const shiftOf = (at) => Math.round((at.clientX - from) / perDay);
  // Listened for on the whole page: a link in a drawing does not hold on to the pointer everywhere.
  const done = new AbortController();
  const move = (at) => visit.setAttribute('transform', `translate(${shiftOf(at) * Number(svg.dataset.wide)} 0)`);
  const drop = (at) => {
    done.abort();
    const shift = at.type === 'pointerup' ? shiftOf(at) : 0;
    if (fill(visit, shift) && shift !== 0) form.requestSubmit();
    else visit.removeAttribute('transform');
  };
  window.addEventListener('pointermove', move, { signal: done.signal });
  window.addEventListener('pointerup', drop, { signal: done.signal });
  window.addEventListener('pointercancel', drop, { signal: done.signal });
  event.preventDefault();
});

// A visit is a link, and a link would be dragged away by the browser itself.
document.addEventListener('dragstart', (event) => {
  if (event.target.closest?.('.visit')) event.preventDefault();
});

// A yard chosen by hand moves as a whole.
form?.elements.yard.addEventListener('change', () => {
  form.elements.part.value = '';
});

// By keyboard: Enter on a visit fills the form; the arrows move it by a day.
document.addEventListener('keydown', (event) => {
  const visit = event.target.closest?.('.visit');
  if (!visit || !form) return;
  const shift = { ArrowLeft: -1, ArrowRight: 1, Enter: 0 }[event.key];
  if (shift === undefined) return;
  event.preventDefault();
  if (fill(visit, shift) && shift !== 0) form.requestSubmit();
  else form.elements.last.focus();
});
