// Frames one by one: each that comes off is given its mark, and a wet one is read by it when it comes back.
import { boxPath } from './field-box.js';
import { esc } from './field-draw.js';
import { facesWords } from './field-words.js';
import { boxOf, facesOf, givenToday, hiveOf } from './field-state.js';
import { button, go, head, missing, path, thumb } from './field-parts.js';

const disc = (colour) => (colour ? `<i class="fs-pin ${esc(colour)}" aria-hidden="true"></i>` : '');

/** A mark as it is on the top bar: the colour as a pin, and in words. */
export const pin = (mark) => `${disc(mark.match(/ (white|yellow|red|green|blue) \d+$/)?.[1])}<b>${esc(mark)}</b>`;

/** The colour that goes onto a hive's frames and boxes; nothing where none is given. */
export function hiveColour(sheet, code) {
  const colour = sheet.marks.colours[code] ?? '';
  return colour === '' ? '' : `${disc(colour)}<span class="soft">${esc(colour)}</span>`;
}

/** What is written on the next frame of a box. */
export function nextMark(sheet, hive, box, slot, today) {
  const colour = sheet.marks.colours[hive.code] ?? '';
  const number = givenToday(sheet, today).length + 1;
  const home = `${box.frame_mark}${slot}`;
  return colour === '' ? { mark: home } : { mark: `${home} ${colour} ${number}`, colour, number };
}

function offRow(app, sheet, box, slot, today) {
  const given = givenToday(sheet, today).findLast((one) => one.box === box.id && one.slot === slot);
  if (box.gap_slots.includes(slot)) {
    const waits = app.queue
      .waiting()
      .find((tap) => tap.kind === 'frame-off' && tap.on === box.id && tap.data.slot === slot);
    const back = waits
      ? button('unsay', esc(app.say('not-off')), `data-seq="${waits.seq}" data-f="not-off-${slot}"`)
      : '';
    const words = given ? pin(given.mark) : esc(app.say('gap'));
    return `<li class="fs-out"><span>${esc(app.say('frame', { n: slot }))}: ${words}</span>${back}</li>`;
  }
  const faces = facesOf(box, slot, today);
  const name = app.say('frame', { n: slot });
  if (faces.a.brood + faces.b.brood > 0) {
    return `<li class="fs-out"><span>${esc(name)}: ${esc(app.say('brood-stays'))}</span></li>`;
  }
  const ripe = box.verdict.slots.find((one) => one.slot === slot)?.ripe;
  const seen = faces.seen ? facesWords(app, faces) : app.say('not-seen');
  const words = `<b>${esc(name)}</b><span>${esc(app.say(ripe ? 'ripe' : 'not-ripe'))}, ${esc(seen)}</span>`;
  return `<li>${button('frame-off', words, `data-slot="${slot}" data-f="off-${slot}"`)}</li>`;
}

/** The frames of a super, each to be tapped when it is out. */
export function off(app, slug, code, id) {
  const sheet = app.sheet(slug);
  const hive = sheet && hiveOf(sheet, code);
  const box = sheet && boxOf(sheet, id);
  if (!hive || !box || box.fresh) return missing(app, 'box-gone');
  const today = app.today(slug);
  const rows = Array.from({ length: box.frames_fitted }, (_, i) => offRow(app, sheet, box, i + 1, today)).join('');
  const queen = hive.excluder ? '' : `<p class="caution">${esc(app.say('why-look-for-the-queen'))}</p>`;
  return `${head(app, path('yard', slug, code, id, 'box'), esc(code), esc(box.name))}
    <p class="fs-say">${esc(app.say('off-how'))}</p>${queen}
    <ul class="fs-frames">${rows}</ul>
    ${thumb(app, go(path('yard', slug, code), esc(app.say('to-hive', { hive: code }))), `<a class="btn" href="${boxPath(slug, hive, box)}">${esc(app.say('frames'))}</a>`)}`;
}

/** Wet frames that belong into a yard, by the hives as they stand. */
export function back(app, slug) {
  const sheet = app.sheet(slug);
  if (!sheet) return missing(app, 'yard-gone');
  const at = (code) => sheet.hives.findIndex((hive) => hive.code === code);
  const frames = sheet.wet.toSorted((a, b) => at(a.hive) - at(b.hive) || (a.slot ?? 99) - (b.slot ?? 99));
  const row = (one) => {
    const home = one.slot
      ? app.say('home-is', { hive: one.hive, box: one.name, n: one.slot })
      : app.say('no-gap', { box: one.name });
    const act = one.slot
      ? button(
          'frame-back',
          esc(app.say('is-back')),
          `data-frame="${one.id}" data-f="back-${one.id}" aria-label="${esc(app.say('is-back'))}: ${esc(one.mark)}"`,
        )
      : '';
    return `<li id="wet-${one.id}"><span class="fs-words"><span class="fs-mark">${pin(one.mark)}</span><span>${esc(home)}</span></span>${act}</li>`;
  };
  return `${head(app, path('yard', slug), esc(sheet.name), esc(app.say('back-title')))}
    ${frames.length ? `<p class="caution">${esc(app.say('wet-caution'))}</p><ul class="fs-wet">${frames.map(row).join('')}</ul>` : `<p>${esc(app.say('none-wet'))}</p>`}
    ${thumb(app, go(path('yard', slug), esc(sheet.name)))}`;
}

/** The yard where a wet frame of this mark belongs; null where the phone knows of none. */
export function yardOfMark(app, text) {
  const wanted = text.trim().toLowerCase();
  if (wanted.length < 3) return null;
  for (const [slug, sheet] of app.shown) {
    if (sheet.wet.some((one) => one.mark.toLowerCase().endsWith(wanted))) return slug;
  }
  return null;
}

export const frameActions = {
  async 'frame-off'(app, { slot: text }) {
    const [, slug, code, id] = app.route();
    const sheet = app.sheet(slug);
    const box = boxOf(sheet, id);
    const slot = Number(text);
    const { mark, colour, number } = nextMark(sheet, hiveOf(sheet, code), box, slot, app.today(slug));
    const data = { yard: slug, slot, mark, colour, number };
    const words = app.say('tap-frame-off', { mark });
    const kept = await app.keep({ kind: 'frame-off', on: id, yard: slug, hive: code, words, data });
    if (kept) app.announce(app.say('write-mark', { mark }));
  },
  /** It was tapped by mistake, and is not sent yet. */
  async unsay(app, { seq }) {
    const tap = app.queue.at(seq);
    if (!tap || tap.state !== 'waiting' || !(await app.queue.takeBack(tap))) app.announce(app.say('sent-already'));
    await app.refresh();
  },
  async 'frame-back'(app, { frame: id }) {
    const slug = app.route()[1];
    const frame = app.sheet(slug).wet.find((one) => one.id === id);
    if (!frame) return;
    const words = app.say('tap-frame-back', { mark: frame.mark });
    const data = { frame: id };
    await app.keep({ kind: 'frame-back', on: frame.lot, yard: slug, hive: frame.hive, words, data });
  },
};
