// A box opened on its frames, a frame on its two faces, and what is said of the box as a whole.
import { judgedBy } from './field-words.js';
import { esc, frameStrip, glyph } from './field-draw.js';
import { asksToLook, boxOf, facesOf, hiveOf, standingOf } from './field-state.js';
import { button, go, head, kg, missing, path, thumb, verdictWords, worthALook } from './field-parts.js';

export function boxPath(slug, hive, box, slot) {
  const next = box.verdict?.look_next;
  return path(
    'yard',
    slug,
    hive.code,
    box.id,
    String(slot ?? (typeof next === 'number' ? next : Math.ceil(box.frames_fitted / 2))),
  );
}

/** Where the look is that would tell most: a frame, or the super's water. */
export const lookPath = (slug, hive, box) =>
  box.verdict.look_next === 'reading' ? path('yard', slug, hive.code, box.id, 'box') : boxPath(slug, hive, box);

/** Frames that were pulled; one said to be like another does not count. */
function pulled(app, box) {
  const today = app.today(app.route()[1]);
  const slots = Array.from({ length: box.frames_fitted }, (_, i) => i + 1);
  return slots.filter((slot) => !box.gap_slots.includes(slot) && facesOf(box, slot, today).seen).length;
}

/** Why, in figures, with the version of the rules that said so. */
export function why(app, box) {
  const it = box.verdict;
  const percent = (share) => Math.round(share * 100);
  const lines = [
    app.say('p-met', { p: percent(it.p_policy_met) }),
    it.capped_share === null
      ? app.say('no-honey')
      : app.say('capped', {
          p: percent(it.capped_share),
          low: percent(it.capped_range[0]),
          high: percent(it.capped_range[1]),
        }),
    app.say(it.water_read_pct === null ? 'water-presumed' : 'water-read', {
      r: (it.water_read_pct ?? 0).toFixed(1),
      w: it.water_pct.toFixed(1),
      low: it.water_range_pct[0].toFixed(1),
      high: it.water_range_pct[1].toFixed(1),
    }),
    app.say('seen-of', {
      n: pulled(app, box),
      of: box.frames_fitted - box.gaps,
    }),
  ];
  const told = [...it.reasons, ...it.cautions].map((one) => one.what);
  ['shake-failed', 'sealed', 'rest-unstated', 'no-refractometer', 'look-for-the-queen']
    .filter((one) => told.includes(one))
    .forEach((one) => lines.push(app.say(`why-${one}`)));
  return lines;
}

export function box(app, slug, code, id, slotText) {
  const sheet = app.sheet(slug);
  const it = sheet && boxOf(sheet, id);
  const inHive = sheet && hiveOf(sheet, code);
  if (!it || it.fresh || !inHive?.boxes.includes(it)) return missing(app, 'box-gone');
  const today = app.today(slug);
  const slot = Math.min(it.frames_fitted, Math.max(1, Number(slotText) || 1));
  const { side, tool } = app.brush;
  const next = typeof it.verdict.look_next === 'number' && asksToLook(it) ? it.verdict.look_next : null;
  const faces = facesOf(it, slot, today);
  const tenths = Math.round(faces[side][tool] * 10);
  const links = Array.from({ length: it.frames_fitted }, (_, i) => i + 1)
    .map(
      (one) =>
        `<a href="${boxPath(slug, inHive, it, one)}" ${one === slot ? 'aria-current="true"' : ''} aria-label="${esc(app.say('frame', { n: one }))}">${one}</a>`,
    )
    .join('');
  const status = it.gap_slots.includes(slot)
    ? esc(app.say('gap-here', { n: slot }))
    : it.super
      ? `${glyph(standingOf(it), 18)} ${esc(verdictWords(app, it))}, ${esc(kg(app, it))}`
      : esc(it.name);
  return `${head(app, path('yard', slug, code), esc(code), esc(it.name))}
    <div class="fs-strip">${frameStrip(it, today, { width: window.innerWidth - 32, open: slot, next })}<nav aria-label="${esc(app.say('frames'))}">${links}</nav></div>
    <div class="fs-sides" role="group" aria-label="${esc(app.say('faces'))}">
      ${['a', 'b'].map((one) => button('side', esc(app.say('face', { n: slot, side: one.toUpperCase() })), `data-side="${one}" aria-pressed="${one === side}" data-f="side-${one}"`)).join('')}</div>
    <canvas class="fs-face" id="face" tabindex="0" role="slider" aria-label="${esc(app.say('painted', { n: slot, side: side.toUpperCase(), what: app.say(`t-${tool}`) }))}"
      aria-valuemin="0" aria-valuemax="100" aria-valuenow="${Math.round(faces[side][tool] * 100)}" data-f="face"></canvas>
    <div class="fs-tenths" role="group" aria-label="${esc(app.say('tenths', { what: app.say(`t-${tool}`) }))}">
      ${[0, 2, 4, 6, 8, 10].map((one) => button('tenth', String(one), `data-tenth="${one}" aria-pressed="${faces.today && tenths === one}" data-f="tenth-${one}"`)).join('')}</div>
    <div class="fs-tools" role="group" aria-label="${esc(app.say('what-painted'))}">
      ${['capped', 'open', 'brood', 'pollen'].map((one) => button('tool', esc(app.say(`t-${one}`)), `data-tool="${one}" aria-pressed="${one === tool}" data-f="tool-${one}"`)).join('')}
      ${button('back', esc(app.say('undo')), 'data-f="undo"')}</div>
    <div class="fs-tools" role="group" aria-label="${esc(app.say('rest'))}">
      ${['empty', 'open'].map((one) => button('rest', esc(app.say(`rest-${one}`)), `data-rest="${one}" aria-pressed="${app.brush.rest === one}" data-f="rest-${one}"`)).join('')}</div>
    <p class="fs-status" role="status">${status}</p>
    <div class="fs-thumb"><a class="btn" href="${path('yard', slug, code, id, 'box')}" data-f="super">${esc(app.say('super'))}</a>
      ${nextStep(app, slug, sheet, inHive, it, slot)}</div>`;
}

/** The next frame; after the last, or when the super is settled, the next super or hive. */
function nextStep(app, slug, sheet, hive, it, slot) {
  if (app.brush.side === 'a') {
    return `<button type="button" class="fs-go" data-do="side" data-side="b" data-f="go">${esc(app.say('face', { n: slot, side: 'B' }))} <span aria-hidden="true">→</span></button>`;
  }
  const next = it.verdict.look_next;
  if (asksToLook(it) && typeof next === 'number' && next !== slot) {
    return go(boxPath(slug, hive, it, next), esc(app.say('frame-next', { n: next })), 'fs-a');
  }
  if (asksToLook(it) && next === 'reading') {
    return go(lookPath(slug, hive, it), esc(app.say('go-read-water')), 'fs-a');
  }
  const other =
    worthALook(sheet).find((one) => one.hive === hive && one.box !== it) ??
    worthALook(sheet).find((one) => one.box !== it);
  if (!asksToLook(it) && other) {
    return go(
      lookPath(slug, other.hive, other.box),
      esc(
        other.hive === hive
          ? app.say('next-box', { box: other.box.name })
          : app.say('next-hive', { hive: other.hive.code }),
      ),
      'fs-a',
    );
  }
  return slot < it.frames_fitted
    ? go(boxPath(slug, hive, it, slot + 1), esc(app.say('frame', { n: slot + 1 })), 'fs-a')
    : go(path('yard', slug, hive.code), esc(app.say('to-hive', { hive: hive.code })));
}

/** Of the super as a whole, today. */
export function saidToday(box, today) {
  const look = box.look?.on === today ? box.look : { shake: null, readings: [] };
  return {
    shake: box.taps && 'shake' in box.taps ? box.taps.shake : look.shake,
    readings: [...look.readings, ...(box.taps?.readings ?? [])],
  };
}

const verdictLines = (app, it, sheet) =>
  `<ul class="fs-why">${why(app, it)
    .map((line) => `<li>${esc(line)}</li>`)
    .join('')}</ul><p class="soft">${esc(sheet.policy_words)} ${esc(judgedBy(app, it))}</p>`;

const decisionForm = (app, id) => `<form data-decide><fieldset class="fs-set"><legend>${esc(app.say('decide'))}</legend>
      <label for="why">${esc(app.say('decide-why'))}</label><input id="why" name="note" maxlength="500" autocomplete="off">
      <button class="btn" name="choice" value="take">${esc(app.say('comes-off'))}</button>
      <button class="btn" name="choice" value="stay">${esc(app.say('stays'))}</button></fieldset></form>
    ${button('box-off', esc(app.say('take-off')), `data-box="${id}"`)}`;

/** What may be said of a super as a whole. */
export function wholeBox(app, slug, code, id) {
  const sheet = app.sheet(slug);
  const it = sheet && boxOf(sheet, id);
  if (!it || it.fresh) return missing(app, 'box-gone');
  const { shake, readings } = saidToday(it, app.today(slug));
  const shakes = ['passed', 'failed'].map((one) =>
    button(
      'shake',
      esc(app.say(`shake-${one}`)),
      `data-shake="${one}" aria-pressed="${shake === one}" data-f="${one}"`,
    ),
  );
  const status = `${glyph(standingOf(it), 18)} <b>${esc(verdictWords(app, it))}</b> ${esc(kg(app, it))}`;
  return `${head(app, boxPath(slug, { code }, it), esc(code), esc(it.name))}
    ${it.super ? `<p class="fs-status" role="status">${status}</p>${verdictLines(app, it, sheet)}` : ''}
    <div class="fs-halves">${button('alike', esc(app.say('alike')), 'data-f="alike"')}
      <a class="btn" href="${path('yard', slug, code, id, 'off')}" data-f="frames-off">${esc(app.say('frames-off'))}</a></div>
    <fieldset class="fs-set"><legend>${esc(app.say('shake'))}</legend>${shakes.join('')}</fieldset>
    <form data-reading><label for="water">${esc(app.say('water'))}</label>
      <input id="water" name="value" inputmode="decimal" autocomplete="off" data-f="water">
      <select name="scale" aria-label="${esc(app.say('scale'))}">
        <option value="water">%</option><option value="brix">°Brix</option><option value="nd">nD</option></select>
      <select name="cells" aria-label="${esc(app.say('cells'))}">
        <option value="">${esc(app.say('cells-mixed'))}</option><option value="open">${esc(app.say('cells-open'))}</option>
        <option value="capped">${esc(app.say('cells-capped'))}</option></select>
      <button class="btn">${esc(app.say('keep-water'))}</button></form>
    ${readings.length ? `<p class="soft">${esc(app.say('read-today', { values: readings.map((one) => one.value).join(', ') }))}</p>` : ''}
    ${it.super ? decisionForm(app, id) : ''}
    ${thumb(app, go(boxPath(slug, { code }, it), esc(app.say('to-frames'))))}`;
}
