// What stands on the page: the view of its address, drawn again without taking anything out of hands that type.
import { actions } from './field-acts.js';
import { mountFace } from './field-painter.js';
import { label } from './field-find.js';
import { letGo, lookThrough } from './field-camera.js';
import { showTimer } from './field-timer.js';
import { keptWords } from './field-words.js';
import * as views from './field-views.js';
import * as boxes from './field-box.js';
import * as days from './field-day.js';
import * as frames from './field-frames.js';

const root = document.getElementById('field');
const page = document.documentElement;

function view(app) {
  const [where, slug, code, id, what] = app.route();
  if (where === 'kept' && app.queue) return views.kept(app);
  if (!app.index || !app.queue) return '';
  if (where === 'q') return label(app);
  if (where === 'scan') return views.scan(app);
  if (where === 'yard' && slug) {
    app.lastYard = slug;
    if (!code) return views.yard(app, slug);
    if (!id) return views.hive(app, slug, code);
    if (what === 'off') return frames.off(app, slug, code, id);
    return what === 'box' ? boxes.wholeBox(app, slug, code, id) : boxes.box(app, slug, code, id, what);
  }
  const others = { list: views.list, signs: views.signs, day: days.day, load: days.load, back: frames.back };
  return others[where] && slug ? others[where](app, slug) : views.yards(app);
}

function begin(app) {
  const why = app.signedOut ? 'begin-sign-in' : app.isAway ? 'begin-away' : 'begin';
  return `<div data-begin><h1>${app.say('title')}</h1><p class="fs-say" role="status">${app.say(why)}</p>
    <a class="fs-go" href="/field/in">${app.say('sign-in')} <span aria-hidden="true">→</span></a></div>`;
}

/** Nothing is drawn again under the hands of somebody who types. */
function isTyping() {
  const at = document.activeElement;
  return root.contains(at) && at.matches('input:not([type="file"]), textarea, select');
}

/** Where it was; on a new page where the work is. */
function setFocus(name, isNew) {
  const same = name ? root.querySelector(`[data-f="${name}"]`) : null;
  (same ?? (isNew ? root.querySelector('#face, .fs-go') : null))?.focus({ preventScroll: true });
}

function mount(app) {
  const [, slug, , id, slot] = app.route();
  if (document.getElementById('face')) {
    mountFace(app, {
      sheet: app.sheet(slug),
      id,
      slot: Number(slot) || 1,
      today: app.today(slug),
      onDrag: (share) =>
        (root.querySelector('.fs-status').textContent =
          `${app.say(`t-${app.brush.tool}`)} ${Math.round(share * 100)} %`),
      onDone: (faces) => actions.painted(app, faces),
    });
  }
  const camera = document.getElementById('camera');
  if (camera) lookThrough(app, camera);
  else letGo();
  showTimer(app);
}

export function draw(app) {
  const html = view(app);
  if (html === '') {
    if (!app.index && !root.querySelector('[data-begin]')) root.innerHTML = begin(app);
    return;
  }
  const isNew = app.drawnFor !== window.location.hash;
  if (!isNew && isTyping()) {
    root.querySelectorAll('.fs-kept').forEach((one) => {
      one.innerHTML = keptWords(app);
    });
    return;
  }
  const focus = document.activeElement?.dataset?.f;
  const wasOpen = !isNew && root.querySelector('details')?.open;
  app.drawnFor = window.location.hash;
  root.innerHTML = html;
  if (wasOpen) root.querySelector('details').open = true;
  mount(app);
  if (isNew) {
    window.scrollTo(0, 0);
    app.calm();
  }
  setFocus(focus, isNew);
  page.dataset.drawn = String(Number(page.dataset.drawn ?? 0) + 1);
}
