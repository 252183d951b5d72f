// What a phone shows after random taps is what a calculation of its own says of each slot, and does not change by what of
// them was sent, nor by what is refused. Prints how many states it compared.
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';

const [state, file, rounds] = process.argv.slice(2);
const { apply, boxOf, facesOf, givenToday, paintedToday, rowsOf, standing, todayOf } = await import(pathToFileURL(state));
const sheet = JSON.parse(readFileSync(file, 'utf8'));
const held = (of) => ({ slug: sheet.slug, sheet: of, takenAt: Date.now() });
const today = todayOf(held(sheet));

let seed = 20261126;
const random = () => {
  seed = (seed * 1103515245 + 12345) % 2147483648;
  return seed / 2147483648;
};
const one = (list) => list[Math.floor(random() * list.length)];
// Few, so that taps meet.
const boxes = sheet.hives
  .flatMap((hive) => hive.boxes)
  .filter((box) => box.super)
  .slice(0, 2);
const face = () => ({ capped: Math.round(100 * random()) / 100, open: 0, brood: 0, pollen: 0 });

const makers = [
  () => ({ kind: 'frame', on: one(boxes).id, data: { slot: 1 + Math.floor(random() * 5), a: face(), b: face() } }),
  () => ({ kind: 'alike', on: one(boxes).id, data: { slot: 1 + Math.floor(random() * 5) } }),
  () => ({ kind: 'shake', on: one(boxes).id, data: { shake: one(['passed', 'failed', null]) } }),
  () => ({ kind: 'reading', on: one(boxes).id, data: { scale: 'water', value: 17 + random() } }),
  () => ({ kind: 'frame-off', on: one(boxes).id, data: { slot: 1 + Math.floor(random() * 5), mark: `m${random()}` } }),
  () => ({ kind: 'frame-back', on: 'lot', data: { frame: one(sheet.wet).id } }),
  () => ({ kind: 'tick', on: one(rowsOf(sheet).filter((row) => row.item)).item, data: { what: 'placed', done: random() < 0.5 } }),
  () => ({ kind: 'load', on: 'operation', data: { day: one(sheet.days).on, thing: 'smoker', done: random() < 0.5 } }),
  () => ({ kind: 'excluder', on: one(sheet.hives).id, data: { excluder: random() < 0.5 } }),
  () => ({ kind: 'decide', on: one(boxes).id, data: { choice: one(['take', 'stay']), note: 'so' } }),
  () => ({ kind: 'board-on', on: one(sheet.hives).id, data: { under: one(boxes).id } }),
];

/** What a person sees of a sheet, and what the core is asked by. */
const seen = (of) => ({
  boxes: boxes.map(({ id }) => {
    const box = boxOf(of, id);
    const slots = Array.from({ length: box.frames_fitted }, (_, i) => facesOf(box, i + 1, today));
    const painted = [...paintedToday(box, today).keys()].toSorted((a, b) => a - b);
    const { shake, readings, moved } = box.taps ?? {};
    const gone = (moved ?? []).map((frame) => frame.slot).toSorted((a, b) => a - b);
    return [id, box.gaps, box.gap_slots.toSorted((a, b) => a - b), slots, painted, shake, readings, gone, box.decision];
  }),
  hives: of.hives.map((hive) => [hive.code, hive.excluder, hive.boards]),
  wet: of.wet.map((frame) => frame.id),
  given: givenToday(of, today),
  rows: rowsOf(of).map((row) => [row.item, row.done]),
  load: of.days.map((day) => day.load),
});

/** The slots of the supers by a calculation of its own: what stands in each, and whether it was painted today. */
class Slots {
  constructor() {
    this.of = new Map(
      boxes.map((box) => [
        box.id,
        Array.from({ length: box.frames_fitted }, (_, i) => ({ gap: box.gap_slots.includes(i + 1), face: null, glanced: false })),
      ]),
    );
    this.out = new Map(sheet.wet.map((frame) => [frame.id, frame]));
    this.given = givenToday(sheet, today).length;
  }

  take({ kind, on, data }) {
    const slots = this.of.get(on);
    if (kind === 'frame') slots[data.slot - 1] = { gap: false, face: data.a.capped, glanced: false };
    if (kind === 'alike') {
      const model = slots[data.slot - 1].face;
      if (model === null) return;
      slots.forEach((slot, i) => {
        const isFree = !slot.gap && (slot.face === null || slot.glanced);
        if (i !== data.slot - 1 && isFree) slots[i] = { gap: false, face: model, glanced: true };
      });
    }
    if (kind === 'frame-off') {
      slots[data.slot - 1] = { gap: true, face: null, glanced: false };
      this.given += 1;
    }
    if (kind === 'frame-back' && this.out.has(data.frame)) {
      const { box, slot } = this.out.get(data.frame);
      this.out.delete(data.frame);
      if (slot) this.of.get(box)[slot - 1] = { gap: false, face: null, glanced: false };
    }
  }

  check(of, words) {
    for (const [id, slots] of this.of) {
      const box = boxOf(of, id);
      const gaps = slots.flatMap((slot, i) => (slot.gap ? [i + 1] : []));
      assert.deepEqual(box.gap_slots.toSorted((a, b) => a - b), gaps, `${words}: gaps`);
      assert.equal(box.gaps, gaps.length, words);
      const painted = paintedToday(box, today);
      slots.forEach(({ face: capped, glanced }, i) => {
        const frame = painted.get(i + 1);
        assert.equal(frame?.a.capped ?? null, capped, `${words}: box ${box.name}, slot ${i + 1}`);
        if (frame) assert.equal(frame.glanced, glanced, words);
      });
    }
    assert.deepEqual(of.wet.map((frame) => frame.id), [...this.out.keys()], words);
    assert.equal(givenToday(of, today).length, this.given, words);
  }
}

let compared = 0;
const untouched = JSON.stringify(sheet);
for (let round = 0; round < Number(rounds); round += 1) {
  const taps = Array.from({ length: 25 }, (_, i) => {
    const tap = { id: `t${round}-${i}`, state: 'waiting', ...one(makers)() };
    return { yard: tap.kind === 'load' ? '' : sheet.slug, ...tap };
  });
  const slots = new Slots();
  const sent = structuredClone(sheet);
  const all = seen(standing(held(sheet), taps));
  for (const [k, tap] of taps.entries()) {
    slots.take(tap);
    slots.check(standing(held(sheet), taps.slice(0, k + 1)), `round ${round}, ${k + 1}: ${tap.kind}`);
    apply(sent, tap, today);
    assert.deepEqual(seen(standing(held(sent), taps.slice(k + 1))), all, `round ${round}, ${k + 1} sent: ${tap.kind}`);
    compared += 1;
  }
  const refused = taps.map((tap) => ({ ...tap, state: 'refused' }));
  assert.deepEqual(seen(standing(held(sheet), refused)), seen(sheet), 'What is refused is not shown as done.');
}
assert.equal(JSON.stringify(sheet), untouched, 'What is held stays as it came.');
console.log(compared);
