// What a form of the field sheet keeps, and what is wrong with it before anything is kept.
import { find } from './field-find.js';
import { about, here } from './field-acts.js';
import { boxOf } from './field-state.js';
import { readLabel, smallPhoto } from './field-scan.js';

/** A number as people write it, with a comma or a point; null where it is none. */
const number = (text) => {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(value) ? null : value;
};

/** Ready for the next one, and drawn again. */
const done = (app, form) => {
  form.reset();
  document.activeElement?.blur();
  app.calm();
  app.render();
};

/** In kg, or null where it is none. */
function mass(app, input) {
  const value = number(input.value);
  return value === null ? null : value / app.index.mass.per_kg;
}

/** Of a hive on its scale: one reading more of its curve. */
async function weighed(app, form) {
  const kg = mass(app, form.elements.first);
  const { unit, per_kg: perKg } = app.index.mass;
  if (kg === null || kg < 5 || kg > 400)
    return app.trouble('weight-range', { least: Math.ceil(5 * perKg), most: Math.floor(400 * perKg), unit });
  const { hive, code } = form.dataset;
  const slug = app.route()[1];
  const words = app.say('tap-weight', { hive: code, kg: `${form.elements.first.value.trim()} ${unit}` });
  const kept = await app.keep({ kind: 'weigh', on: hive, yard: slug, hive: code, words, data: { kg, yard: slug } });
  return kept && done(app, form);
}

/** The stores that a weight comes to, as the core says; what it refuses is said before anything is kept. */
async function lifted(app, form) {
  const { how, first, second, bees } = form.elements;
  const isWhole = how.value === 'whole';
  const kgs = isWhole ? [mass(app, first)] : [mass(app, first), mass(app, second)];
  const frames = number(bees.value);
  if (kgs.includes(null) || frames === null) return app.trouble(isWhole ? 'heft-whole' : 'heft-sides');
  const { hive, code } = form.dataset;
  const slug = app.route()[1];
  const { boxes } = app.sheet(slug).hives.find((one) => one.id === hive);
  const answer = await app.judge.heft({
    how: how.value,
    readings: kgs.map((kg) => ({ kg })),
    boxes: boxes.filter((box) => !box.fresh).map((box) => ({ empty_mass_kg: box.kind.empty_mass_kg })),
    frames_of_bees: frames,
  });
  const { unit, per_kg: perKg } = app.index.mass;
  const shown = (kg) => `${Math.max(0, Math.round(kg * perKg))} ${unit}`;
  if (answer?.error) return refused(app, answer.error, shown);
  const words = answer
    ? app.say('tap-heft', {
        hive: code,
        stores: shown(answer.stores_kg),
        from: shown(answer.stores_kg - 1.2816 * answer.sd_kg),
        to: shown(answer.stores_kg + 1.2816 * answer.sd_kg),
      })
    : app.say('tap-weight', { hive: code, kg: shown(kgs.reduce((sum, kg) => sum + kg, 0)) });
  const data = { how: how.value, first_kg: kgs[0], second_kg: kgs[1] ?? null, frames_of_bees: frames };
  const kept = await app.keep({ kind: 'heft', on: hive, yard: slug, hive: code, words, data });
  if (kept) app.announce(words);
  return kept && done(app, form);
}

function refused(app, { sentence, figures }, shown) {
  const words = Object.entries(figures).map(([name, value]) => [name, name.endsWith('_kg') ? shown(value) : value]);
  return app.trouble(sentence, Object.fromEntries(words));
}

const RANGES = { water: [10, 30], brix: [58, 90], nd: [1.44, 1.52] };

export const forms = {
  find: (app, form) => find(app, form.elements.code.value),
  async note(app, form) {
    const text = form.elements.text.value.trim();
    if (text === '') return app.trouble('say-something');
    const { hive, code } = form.dataset;
    const words = app.say('tap-note', { hive: code, text });
    const kept = await app.keep({
      kind: 'note',
      on: hive,
      yard: app.route()[1],
      hive: code,
      words,
      data: { what: 'note', text },
    });
    return kept && done(app, form);
  },
  heft: (app, form) => (form.elements.how.value === 'scale' ? weighed(app, form) : lifted(app, form)),
  async board(app, form) {
    const { hive, code } = form.dataset;
    const slug = app.route()[1];
    const under = form.elements.under.value;
    const box = boxOf(app.sheet(slug), under);
    const words = app.say('tap-board', { hive: code, box: box.name });
    const kept = await app.keep({ kind: 'board-on', on: hive, yard: slug, hive: code, words, data: { under } });
    return kept && done(app, form);
  },
  async boxOn(app, form) {
    const { hive, code } = form.dataset;
    const kind = form.elements.kind.value;
    const data = { kind, role: 'super', put_on: form.elements.put_on.value, kindName: app.index.kinds[kind] };
    const words = app.say('tap-on', { hive: code, kind: data.kindName });
    const kept = await app.keep({ kind: 'box-on', on: hive, yard: app.route()[1], hive: code, words, data });
    return kept && done(app, form);
  },
  async reading(app, form) {
    const { box, id, code } = here(app);
    const scale = form.elements.scale.value;
    const value = number(form.elements.value.value);
    const [least, most] = RANGES[scale];
    if (value === null || value < least || value > most) return app.trouble('water-range', { least, most });
    const words = app.say('tap-water', { hive: code, box: box.name, value });
    const cells = form.elements.cells.value;
    const data = cells === '' ? { scale, value } : { scale, value, cells };
    const kept = await app.keep({ kind: 'reading', ...about(app, id), words, data });
    return kept && done(app, form);
  },
  async decide(app, form, submitter) {
    const { box, id, code } = here(app);
    const note = form.elements.note.value.trim();
    if (note === '') return app.trouble('decide-first');
    const choice = submitter?.value ?? 'take';
    const words = app.say('tap-decide', {
      hive: code,
      box: box.name,
      what: app.say(choice === 'take' ? 'comes-off' : 'stays'),
    });
    const data = { choice, note, was: box.decision?.id ?? null };
    const kept = await app.keep({ kind: 'decide', ...about(app, id), words, data });
    return kept && done(app, form);
  },
};

export async function pickFile(app, input) {
  const file = input.files?.[0];
  if (!file) return;
  try {
    if ('scan' in input.dataset) {
      const text = await readLabel(file);
      if (text === null) app.trouble('no-label');
      else if (!find(app, text)) app.trouble('code-unknown');
      return;
    }
    const jpeg = await smallPhoto(file);
    const { hive, code } = input.dataset;
    const words = app.say('tap-photo', { hive: code });
    await app.keep({ kind: 'photo', on: hive, yard: app.route()[1], hive: code, words, data: { jpeg, text: '' } });
  } catch {
    app.trouble('no-picture');
  } finally {
    input.value = '';
  }
}
