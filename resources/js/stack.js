// A box is dragged to a hive, within its stack or into store; Shift with an arrow and Delete do the same. What is done
// goes as the form of the box in hand would send it.
import { onDrag } from './drag.js';

const work = () => document.querySelector('[data-work]');
const form = () => document.querySelector('[data-put]');
const hiveOf = (link) => link.closest('svg.hive');
const boxesOf = (hive) => [...hive.querySelectorAll('a[data-box]')];

function send(link, { hive = '', under = '', step = '', off = false }) {
  const sheet = form();
  sheet.action = sheet.action.replace(/boxes\/\w+\/\w+$/, `boxes/${link.dataset.box}/${off ? 'off' : 'move'}`);
  sheet.elements.hive.value = hive;
  sheet.elements.under.value = under;
  sheet.elements.step.value = step;
  sheet.dataset.moved = link.dataset.box;
  sheet.requestSubmit();
}

// How many boxes of a hive stand below a height of the screen; the one that is dragged does not count.
function below(hive, y, link) {
  const middle = (box) => {
    const at = box.getBoundingClientRect();
    return at.top + at.height / 2;
  };
  return boxesOf(hive).filter((box) => box !== link && middle(box) > y).length;
}

function hiveAt(x, y) {
  return [...work().querySelectorAll('svg.hive')].find((hive) => {
    const at = hive.getBoundingClientRect();
    return x >= at.left && x < at.right && y >= at.top - 60 && y <= at.bottom;
  });
}

function isOver(part, x, y) {
  const at = part.getBoundingClientRect();
  return x >= at.left && x < at.right && y >= at.top && y < at.bottom;
}

function targetAt(link, x, y) {
  const hive = hiveAt(x, y);
  if (hive) return { part: hive, sent: { hive: hive.dataset.hive, under: String(below(hive, y, link)) } };
  const store = work().querySelector('[data-store]');
  return hiveOf(link) && isOver(store, x, y) ? { part: store, sent: { off: true } } : null;
}

onDrag({
  pick: (event) => {
    const link = event.target.closest?.('[data-work] a[data-box]');
    if (!link || !form()) return null;
    event.preventDefault();
    link.focus();
    return link;
  },
  targetAt,
  drop: send,
});

// A box is a link, and a link would be dragged away by the browser itself.
document.addEventListener('dragstart', (event) => {
  if (event.target.closest?.('[data-work] a[data-box]')) event.preventDefault();
});

function byKey(link, key) {
  const hive = hiveOf(link);
  if (key === 'Delete') return hive ? { off: true } : null;
  const hives = [...work().querySelectorAll('svg.hive')];
  if (key === 'ArrowUp' || key === 'ArrowDown') {
    return hive ? { hive: hive.dataset.hive, step: key === 'ArrowUp' ? 'up' : 'down' } : null;
  }
  const to = hive ? hives[hives.indexOf(hive) + (key === 'ArrowRight' ? 1 : -1)] : hives[0];
  return to ? { hive: to.dataset.hive } : null;
}

// Before the arrows that go from box to box without moving any.
document.addEventListener(
  'keydown',
  (event) => {
    const link = event.target.closest?.('[data-work] a[data-box]');
    const arrow = event.shiftKey && event.key.startsWith('Arrow');
    if (!link || !form() || !(arrow || event.key === 'Delete')) return;
    event.preventDefault();
    event.stopPropagation();
    const sent = byKey(link, event.key);
    if (sent) send(link, sent);
  },
  true,
);

// The form's address is read when a page is swapped in; where it goes is known when a box is put.
document.addEventListener('htmx:configRequest', (event) => {
  if (event.detail.elt.matches?.('[data-put]')) event.detail.path = event.detail.elt.action;
});

document.addEventListener('htmx:afterSettle', (event) => {
  const moved = event.detail.requestConfig?.elt?.dataset?.moved;
  if (moved) document.querySelector(`[data-work] a[data-box="${moved}"]`)?.focus();
});
