// A frame is dragged by the mouse: onto a gap it goes there, onto another frame the two change places. What is done goes
// as the form "or put them somewhere else" would send it; touch and keys use that form.
import { onDrag } from './drag.js';

const form = () => document.querySelector('[data-putframes]');
const idOf = (frame) => frame.querySelector('input')?.value ?? '';

function targetAt(frame, x, y) {
  const under = document.elementsFromPoint(x, y).map((part) => part.closest('.frameslot'));
  const slot = under.find((one) => one && one !== frame);
  return slot ? { part: slot, sent: slot } : null;
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

onDrag({
  pick: (event) => (form() ? event.target.closest?.('label.frameslot') : null),
  targetAt,
  drop: send,
});
