// What else is noted of a hive: words, the queen, a photograph, its weight, boxes and boards put on.
import { esc } from './field-draw.js';
import { rowsOf, standingOf } from './field-state.js';
import { button, supers } from './field-parts.js';

/** Which hive a form or a button is about. */
const of = (hive) => `data-hive="${hive.id}" data-code="${esc(hive.code)}"`;

export const moreOf = (
  app,
  sheet,
  it,
) => `<details class="fs-more" data-f="more"><summary>${esc(app.say('more-hive'))}</summary>
      <form data-note ${of(it)}><label for="note">${esc(app.say('note'))}</label>
        <textarea id="note" name="text" maxlength="500" rows="2"></textarea><button class="btn">${esc(app.say('keep-note'))}</button></form>
      <div class="fs-two">${button('queen', esc(app.say('queen-seen')), of(it))}
        <label class="btn fs-file">${esc(app.say('photo'))}<input type="file" accept="image/*" capture="environment" data-photo ${of(it)}></label></div>
      ${weighForm(app, it)}
      <form data-box-on ${of(it)}><label for="kind">${esc(app.say('put-on'))}</label>
        <select id="kind" name="kind">${kindChoices(app, it)}</select>
        <select name="put_on" aria-label="${esc(app.say('put-on-how'))}">${Object.entries(app.index.put_on)
          .map(([key, words]) => `<option value="${key}" ${key === 'empty' ? 'selected' : ''}>${esc(words)}</option>`)
          .join('')}</select>
        <button class="btn">${esc(app.say('put-on'))}</button></form>
      ${boardForm(app, sheet, it)}
      ${button('excluder', esc(app.say(it.excluder ? 'excluder-out' : 'excluder-in')), `${of(it)} data-is="${it.excluder}"`)}</details>`;

/** Set on a scale, or lifted at its sides: what it weighs, and the stores that it comes to. */
function weighForm(app, hive) {
  const ways = Object.entries(app.index.weighings).map(
    ([key, words]) =>
      `<option value="${key}" ${key === 'both-sides' && !hive.scale ? 'selected' : ''}>${esc(words)}</option>`,
  );
  const scale = `<option value="scale" ${hive.scale ? 'selected' : ''}>${esc(app.say('on-its-scale'))}</option>`;
  const { unit } = app.index.mass;
  const field = (name, label) =>
    `<label for="${name}">${esc(label)}</label><input id="${name}" name="${name}" inputmode="decimal" autocomplete="off">`;
  return `<form data-heft ${of(hive)}>
    <label for="how">${esc(app.say('weight'))}</label><select id="how" name="how">${scale}${ways.join('')}</select>
    ${field('first', app.say('reading', { unit }))}
    <div class="fs-more-heft">${field('second', app.say('second-reading', { unit }))}${field('bees', app.say('frames-of-bees'))}</div>
    <button class="btn">${esc(app.say('keep-weight'))}</button></form>`;
}

/** Under which super an escape board went on; not where something of the hive is on a clearing already. */
function boardForm(app, sheet, hive) {
  if (hive.boards?.length) return `<p>${esc(app.say('board-noted'))}</p>`;
  const isOn = new Set(
    rowsOf(sheet)
      .filter((row) => row.fate === 'off' || row.fate === 'above')
      .map((row) => row.box),
  );
  const boxes = supers(hive).filter((box) => !box.fresh);
  if (boxes.length === 0 || boxes.some((box) => isOn.has(box.id))) return '';
  const comesOff = (box) => ['take', 'take-and-dry'].includes(standingOf(box));
  // Under all that comes off from the top, as far as that goes.
  const stays = boxes.findLastIndex((box) => !comesOff(box));
  const usual = boxes[Math.min(stays + 1, boxes.length - 1)];
  const choices = boxes.map(
    (box) => `<option value="${box.id}" ${box === usual ? 'selected' : ''}>${esc(box.name)}</option>`,
  );
  const queen = hive.excluder ? '' : `<p class="caution">${esc(app.say('why-look-for-the-queen'))}</p>`;
  return `<form data-board ${of(hive)}><label for="under">${esc(app.say('board-under'))}</label>
    <select id="under" name="under">${choices.join('')}</select><button class="btn">${esc(app.say('placed'))}</button></form>${queen}`;
}

function kindChoices(app, hive) {
  const usual = supers(hive).find((box) => box.kind)?.kind.key;
  return Object.entries(app.index.kinds)
    .map(([key, name]) => `<option value="${esc(key)}" ${key === usual ? 'selected' : ''}>${esc(name)}</option>`)
    .join('');
}
