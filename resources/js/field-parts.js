// Pieces that the views share.
import { keptWords } from './field-words.js';
import { esc } from './field-draw.js';
import { asksToLook, standingOf } from './field-state.js';

export const path = (...parts) => `#/${parts.map(encodeURIComponent).join('/')}`;

export const supers = (hive) => hive.boxes.filter((box) => box.super);
export const toLook = (hive) => supers(hive).filter((box) => asksToLook(box));

/** Supers to look at, the look worth most first. */
export function worthALook(sheet) {
  return sheet.hives
    .flatMap((hive) => toLook(hive).map((box) => ({ hive, box })))
    .sort((a, b) => b.box.verdict.kg_a_minute - a.box.verdict.kg_a_minute);
}

export const button = (act, label, more = '', kind = '') =>
  `<button type="button" class="btn ${kind}" data-do="${act}" ${more}>${label}</button>`;

export const head = (app, back, title, sub = '') => `<header class="fs-head">
  <a class="fs-back" href="${back}" aria-label="${esc(app.say('back'))}">‹</a>
  <h1>${title} <span class="fs-sub">${sub}</span></h1>
  <a class="fs-kept" href="#/kept">${keptWords(app)}</a></header>`;

/** The bar at the thumb: one thing that comes next, and what stands beside it. */
export const thumb = (app, next, beside = '') => `<div class="fs-thumb">${beside}${next}</div>`;

export const go = (href, label, kind = '') =>
  `<a class="fs-go ${kind}" href="${href}" data-f="go">${label} <span aria-hidden="true">→</span></a>`;

export function kg(app, box) {
  const { honey_kg: mean, honey_range_kg: range } = box.verdict;
  const shown = (value) => Math.max(0, Math.round(value * app.index.mass.per_kg));
  const { unit } = app.index.mass;
  return `~${shown(mean)} ${unit} (${shown(range[0])} – ${shown(range[1])})`;
}

export const verdictWords = (app, box) => {
  const verdict = standingOf(box);
  const days = verdict === 'wait' && box.verdict.wait_days ? ` ${app.say('days', { n: box.verdict.wait_days })}` : '';
  return app.say(`v-${verdict}`) + days;
};

export const lookWords = (app, box) => {
  const next = box.verdict.look_next;
  if (next === 'reading') return app.say('read-water');
  return next === null ? '' : app.say('look-frame', { n: next });
};

export function missing(app, which) {
  return `${head(app, '#/', esc(app.say('not-here')))}<p class="fs-say">${esc(app.say(which))}</p>${thumb(app, go('#/', esc(app.say('yards'))))}`;
}
