// A day out on the phone: what is loaded, and in each yard what hands do with each box, from the top.
import { boxSection, esc } from './field-draw.js';
import { hiveColour } from './field-frames.js';
import { boxOf, rowsOf } from './field-state.js';
import { button, go, head, missing, path, thumb } from './field-parts.js';

const PX_PER_MM = 0.26;

/** The days of all yards that the phone holds, the soonest first, each with its yards in the order of the drive. */
export function daysOut(app) {
  const days = new Map();
  for (const [slug, sheet] of app.shown) {
    for (const day of sheet.days) {
      const known = days.get(day.on) ?? { ...day, yards: [] };
      known.yards.push({ slug, name: sheet.name, stop: day.stop, drive: day.drive, aim: day.aim });
      days.set(day.on, known);
    }
  }
  const inOrder = (a, b) => a.stop - b.stop;
  return [...days.values()]
    .map((day) => ({ ...day, yards: day.yards.toSorted(inOrder) }))
    .toSorted((a, b) => (a.on < b.on ? -1 : 1));
}

const counted = (items) => ({ n: items.filter((item) => item.done).length, of: items.length });

/** On the first page: what is to be loaded, and where the day goes. */
export const dayLinks = (app) =>
  daysOut(app)
    .map(
      (day) => `<li><a class="fs-row" href="${path('load', day.on)}" data-f="load-${day.on}"><b>${esc(day.label)}</b>
        <span>${esc(day.yards.map((yard) => yard.name).join(', '))} · ${esc(app.say('loaded-of', counted(day.load)))}</span></a></li>`,
    )
    .join('');

function loadRow(date, { thing, count, words, done }) {
  const label = `<b>${count}</b><span>${esc(words)}</span><i aria-hidden="true">${done ? '✓' : ''}</i>`;
  const data = `data-day="${esc(date)}" data-thing="${esc(thing)}" data-words="${esc(words)}" data-is="${done}"`;
  return `<li>${button('load', label, `${data} aria-pressed="${done}" data-f="load-${esc(thing)}"`)}</li>`;
}

/** The loading list of a day. */
export function load(app, date) {
  const day = daysOut(app).find((one) => one.on === date);
  if (!day) return missing(app, 'day-gone');
  const items = day.load.map((item) => loadRow(date, item)).join('');
  const stops = day.yards
    .map(
      (yard) =>
        `<li><a class="fs-row" href="${path('day', yard.slug)}"><b>${yard.stop}. ${esc(yard.name)}</b>
        <span>${esc(yard.aim)} · ${esc(yard.drive)}</span></a></li>`,
    )
    .join('');
  const first = day.yards[0];
  return `${head(app, '#/', esc(day.label), esc(app.say('to-load')))}
    <ul class="fs-load">${items}</ul><h2>${esc(app.say('stops'))}</h2><ol class="fs-list">${stops}</ol>
    ${thumb(app, go(path('day', first.slug), esc(first.name)))}`;
}

/** What a row's box looks like now; a board and what is gone have no drawing. */
function drawing(sheet, row, today) {
  const box = row.box && boxOf(sheet, row.box);
  if (!box || box.fresh)
    return row.what === 'placed' ? '<span class="fs-board" aria-hidden="true"></span>' : '<span></span>';
  const width = Math.ceil(box.kind.width_mm * PX_PER_MM);
  const height = Math.ceil(box.kind.height_mm * PX_PER_MM);
  return `<svg width="${width}" height="${height}" aria-hidden="true">${boxSection(box, today, 0, 0, PX_PER_MM)}</svg>`;
}

function workRow(app, sheet, hive, row, today) {
  const turn = row.n === null ? '' : `<b class="turn">${row.n}</b>`;
  const inside = `${drawing(sheet, row, today)}<span class="fs-words"><span>${turn} ${esc(row.words)}</span>`;
  if (!row.item) return `<li class="fs-work ${row.n === null ? 'fs-stays' : ''}">${inside}</span></li>`;
  const state = row.done ? `✓ ${app.say(`${row.what}-done`)}` : app.say(row.what);
  const data = `data-item="${row.item}" data-hive="${esc(hive.code)}" data-what="${row.what}" data-is="${row.done}"`;
  const is = `aria-pressed="${row.done}" data-f="${row.what}-${row.item}"`;
  return `<li>${button('tick', `${inside}<b>${esc(state)}</b></span>`, `${data} ${is}`, 'fs-work')}</li>`;
}

function workHive(app, sheet, hive, today) {
  const look = hive.look.length
    ? `<p class="caution">${esc(app.say('look-before', { boxes: hive.look.join(', ') }))}</p>`
    : '';
  const board = hive.has_no_board ? `<p class="caution">${esc(app.say('no-board'))}</p>` : '';
  const rows = hive.rows.map((row) => workRow(app, sheet, hive, row, today)).join('');
  return `<section><h2>${esc(hive.code)} ${hiveColour(sheet, hive.code)}</h2>${look}${board}<ol class="fs-hands">${rows}</ol></section>`;
}

/** What went wrong at a stop, by one tap; a sheet that was taken before this could be said has none. */
function wrongs(app, { on, clearing, wrong }) {
  if (!wrong?.length) return '';
  const taps = wrong.map(({ what, words, done }) => {
    const data = `data-clearing="${clearing}" data-what="${what}" data-words="${esc(words)}" data-is="${done}"`;
    return button(
      'trouble',
      `${done ? '✓ ' : ''}${esc(words)}`,
      `${data} aria-pressed="${done}" data-f="wrong-${on}-${what}"`,
    );
  });
  return `<h3>${esc(app.say('went-wrong'))}</h3><div class="btns">${taps.join('')}</div>`;
}

/** What is done in a yard, day by day. */
export function day(app, slug) {
  const sheet = app.sheet(slug);
  if (!sheet) return missing(app, 'yard-gone');
  const today = app.today(slug);
  const parts = sheet.days.map(
    (one) => `<h2>${esc(one.label)}: ${esc(one.aim)}</h2>${one.says.map((text) => `<p>${esc(text)}</p>`).join('')}
      <a class="btn fs-wide" href="${path('load', one.on)}">${esc(app.say('to-load'))} (${esc(app.say('loaded-of', counted(one.load)))})</a>
      ${one.hives.map((hive) => workHive(app, sheet, hive, today)).join('')}${wrongs(app, one)}`,
  );
  return `${head(app, path('yard', slug), esc(sheet.name), esc(app.say('day')))}
    ${parts.length ? `<p class="caution">${esc(app.say('lift-caution'))}</p>${parts.join('')}` : `<p>${esc(app.say('no-day'))}</p>`}`;
}

/** What is still to be ticked in a yard. */
export const openTicks = (sheet) => rowsOf(sheet).filter((row) => row.item && !row.done).length;

export const dayActions = {
  async tick(app, { item, hive, what, is }) {
    const done = is !== 'true';
    const words = app.say(done ? 'tap-tick' : 'tap-untick', { hive, what: app.say(what) });
    await app.keep({ kind: 'tick', on: item, yard: app.route()[1], hive, words, data: { what, done } });
  },
  async trouble(app, { clearing, what, words: said, is }) {
    const done = is !== 'true';
    const words = app.say(done ? 'tap-trouble' : 'tap-no-trouble', { what: said });
    await app.keep({ kind: 'trouble', on: clearing, yard: app.route()[1], hive: '', words, data: { what, done } });
  },
  async load(app, { day: date, thing, words: what, is }) {
    const done = is !== 'true';
    const words = app.say(done ? 'tap-load' : 'tap-unload', { what });
    const { id } = app.index.operation;
    await app.keep({ kind: 'load', on: id, yard: '', hive: '', words, data: { day: date, thing, done } });
  },
};
