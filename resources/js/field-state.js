// What a tap does to the sheet that the phone holds, before the server has it. What a box then is worth is the core's
// to say; nothing of that is here.
/** The form of sheets that these scripts read; YardSheets::FORMAT. */
export const FORMAT = 2;

const LAYERS = ['capped', 'open', 'brood', 'pollen'];

export const emptyFace = () => ({ capped: 0, open: 0, brood: 0, pollen: 0 });
/** As it is painted first: nothing is said of its rest. */
export const freshFace = () => ({ ...emptyFace(), open: null });
const copy = (face) => Object.fromEntries(LAYERS.map((layer) => [layer, face[layer]]));

/** Seconds since 1970 where the yard is: what counts is how long ago the sheet was taken, not this phone's clock. */
export const nowOf = (held) => held.sheet.now + (Date.now() - held.takenAt) / 1000;

export function todayOf(held) {
  const local = new Date((nowOf(held) + held.sheet.zone_offset_s) * 1000);
  return local.toISOString().slice(0, 10);
}

/** One that was taken along by earlier scripts, and cannot be fetched again where there is no network. */
export function readable(held) {
  const { sheet } = held;
  if (sheet.format === FORMAT) return held;
  const marks = { today: '', given: [], colours: {} };
  const hives = sheet.hives.map((hive) => ({
    ...hive,
    boxes: hive.boxes.map((box) => ({ frame_mark: `${hive.code} ${box.super ? '' : 'B'}${box.number}/`, ...box })),
  }));
  return { ...held, tag: null, sheet: { days: [], wet: [], marks, ...sheet, hives, format: FORMAT } };
}

export const allBoxes = (sheet) => sheet.hives.flatMap((hive) => hive.boxes);
export const boxOf = (sheet, id) => allBoxes(sheet).find((box) => box.id === id);
export const hiveOf = (sheet, code) => sheet.hives.find((hive) => hive.code === code);

const tapsOf = (box) => {
  box.taps ??= {};
  return box.taps;
};

/** The frames seen today, as painted, by slot: stored ones and tapped ones. */
export function paintedToday(box, today) {
  const frames = new Map();
  if (box.look?.on === today) box.painted.forEach((frame) => !frame.gone && frames.set(frame.slot, frame));
  (box.taps?.frames ?? []).forEach((frame) => frames.set(frame.slot, { ...frames.get(frame.slot), ...frame }));
  return frames;
}

/** A frame left a slot, or a wet one came into it: what was seen there is no longer there. */
function moveFrame(box, slot, isGap) {
  const taps = tapsOf(box);
  const isElsewhere = (frame) => frame.slot !== slot;
  if (taps.frames) taps.frames = taps.frames.filter(isElsewhere);
  box.painted = box.painted.map((frame) => (isElsewhere(frame) ? frame : { ...frame, gone: true }));
  taps.moved = [...(taps.moved ?? []).filter(isElsewhere), { slot }];
  setGap(box, slot, isGap);
}

function setGap(box, slot, isGap) {
  const others = box.gap_slots.filter((one) => one !== slot);
  box.gap_slots = isGap ? [...others, slot] : others;
  box.gaps = box.gap_slots.length;
}

function setFrame(box, frame) {
  const taps = tapsOf(box);
  // Where something is painted, there is a frame.
  if (taps.moved) taps.moved = taps.moved.filter((one) => one.slot !== frame.slot);
  setGap(box, frame.slot, false);
  const before = (taps.frames ?? []).find((one) => one.slot === frame.slot);
  const others = (taps.frames ?? []).filter((one) => one !== before);
  taps.frames = [...others, { version: before?.version, ...frame }];
}

const changes = {
  frame(sheet, tap) {
    const box = boxOf(sheet, tap.on);
    if (!box) return;
    setFrame(box, { slot: tap.data.slot, a: tap.data.a, b: tap.data.b, glanced: false });
    box.decision = null;
  },
  alike(sheet, tap, today) {
    const box = boxOf(sheet, tap.on);
    if (!box) return;
    const seen = paintedToday(box, today);
    const model = seen.get(tap.data.slot);
    if (!model) return;
    for (let slot = 1; slot <= box.frames_fitted; slot += 1) {
      const frame = seen.get(slot);
      const isFree = (!frame || frame.glanced) && !box.gap_slots.includes(slot);
      if (slot !== tap.data.slot && isFree) {
        setFrame(box, { slot, a: copy(model.a), b: copy(model.b), glanced: true });
      }
    }
    box.decision = null;
  },
  shake(sheet, tap) {
    const box = boxOf(sheet, tap.on);
    if (!box) return;
    tapsOf(box).shake = tap.data.shake;
    box.decision = null;
  },
  reading(sheet, tap) {
    const box = boxOf(sheet, tap.on);
    if (!box) return;
    const { scale, value, temperature_c, offset, cells } = tap.data;
    const taps = tapsOf(box);
    taps.readings = [...(taps.readings ?? []), { scale, value, temperature_c, offset: offset ?? 0, of: cells ?? null }];
    box.decision = null;
  },
  decide(sheet, tap) {
    const box = boxOf(sheet, tap.on);
    if (box) box.decision = { id: tap.id, choice: tap.data.choice, note: tap.data.note };
  },
  'box-on'(sheet, tap) {
    const hive = sheet.hives.find((one) => one.id === tap.on);
    hive?.boxes.push({ id: tap.id, fresh: true, super: true, name: tap.data.name, kindName: tap.data.kindName });
  },
  'box-off'(sheet, tap) {
    sheet.hives.forEach((hive) => {
      hive.boxes = hive.boxes.filter((box) => box.id !== tap.on);
    });
  },
  'board-on'(sheet, tap) {
    const hive = sheet.hives.find((one) => one.id === tap.on);
    if (hive) hive.boards = [...(hive.boards ?? []), tap.data.under];
  },
  excluder(sheet, tap) {
    const hive = sheet.hives.find((one) => one.id === tap.on);
    if (hive) hive.excluder = tap.data.excluder;
  },
  tick(sheet, tap) {
    rowsOf(sheet)
      .filter((row) => row.item === tap.on && row.what === tap.data.what)
      .forEach((row) => {
        row.done = tap.data.done;
      });
  },
  trouble(sheet, tap) {
    const wrong = sheet.days.filter((day) => day.clearing === tap.on).flatMap((day) => day.wrong ?? []);
    wrong
      .filter((one) => one.what === tap.data.what)
      .forEach((one) => {
        one.done = tap.data.done;
      });
  },
  load(sheet, tap) {
    const day = sheet.days.find((one) => one.on === tap.data.day);
    const item = day?.load.find((one) => one.thing === tap.data.thing);
    if (item) item.done = tap.data.done;
  },
  'frame-off'(sheet, tap, today) {
    const box = boxOf(sheet, tap.on);
    if (!box) return;
    const { slot, mark } = tap.data;
    moveFrame(box, slot, true);
    const given = givenToday(sheet, today);
    sheet.marks = { ...sheet.marks, today, given: [...given, { box: tap.on, slot, mark }] };
  },
  'frame-back'(sheet, tap) {
    const frame = sheet.wet.find((one) => one.id === tap.data.frame);
    if (!frame) return;
    sheet.wet = sheet.wet.filter((one) => one !== frame);
    const box = boxOf(sheet, frame.box);
    if (box && frame.slot) moveFrame(box, frame.slot, false);
  },
};

/** What hands do on all days that are planned, box by box. */
export const rowsOf = (sheet) => sheet.days.flatMap((day) => day.hives).flatMap((hive) => hive.rows);

/** Marks that were given today: they are numbered on. */
export const givenToday = (sheet, today) => (sheet.marks.today === today ? sheet.marks.given : []);

/** What is loaded for a day is the same in all its yards. */
export const isOf = (tap, slug) => tap.yard === slug || tap.kind === 'load';

/** The sheet with a tap on it; the one given stays as it is only where it was copied before. */
export function apply(sheet, tap, today) {
  changes[tap.kind]?.(sheet, tap, today);
  return sheet;
}

/** The sheet as it stands on the phone: as it was taken, with all that was tapped since. */
export function standing(held, taps) {
  const today = todayOf(held);
  const sheet = structuredClone(held.sheet);
  taps.filter((tap) => isOf(tap, held.slug) && tap.state !== 'refused').forEach((tap) => apply(sheet, tap, today));
  return sheet;
}

/** What the core is asked of a hive. */
export function question(sheet, hive, held) {
  const { policy, can_rearrange, dry_room, flow, flow_ended, eye } = sheet;
  return {
    now: nowOf(held),
    today: todayOf(held),
    policy,
    can_rearrange,
    dry_room,
    flow,
    flow_ended,
    eye,
    excluder: hive.excluder,
    boxes: hive.boxes
      .filter((box) => !box.fresh)
      .map(
        ({ id, super: isSuper, kind, frames_fitted, drawn_at, comb, empty_since, gaps, last_season, look, taps }) => ({
          id,
          super: isSuper,
          kind,
          frames_fitted,
          drawn_at,
          comb,
          empty_since,
          gaps,
          last_season,
          look,
          taps: taps ?? {},
        }),
      ),
  };
}

export const isTapped = (hive) => hive.boxes.some((box) => box.taps && Object.keys(box.taps).length > 0);

/** The faces that are shown of a slot: seen today, seen before, or presumed. */
export function facesOf(box, slot, today) {
  const painted = paintedToday(box, today).get(slot);
  if (painted) return { a: painted.a, b: painted.b, seen: !painted.glanced, glanced: painted.glanced, today: true };
  const isMoved = box.taps?.moved?.some((one) => one.slot === slot);
  if (isMoved) return { a: emptyFace(), b: emptyFace(), seen: true, glanced: false, today: false };
  const before = box.look?.frames.find((frame) => frame.slot === slot);
  if (before) return { a: before.a, b: before.b, seen: !before.glanced, glanced: before.glanced, today: false };
  const guess = box.verdict.slots.find((one) => one.slot === slot);
  const capped = box.super ? (guess?.weight ?? 0) * (guess?.capped_share ?? 0) : 0.25;
  const face = box.super
    ? { ...emptyFace(), capped, open: Math.max(0, (guess?.weight ?? 0) - capped) }
    : { capped, open: 0.05, brood: 0.35, pollen: 0.05 };
  return { a: face, b: face, seen: false, glanced: false, today: false };
}

/** What stands of a super: a person's decision, else what was judged. */
export function standingOf(box) {
  if (!box.super || box.fresh) return null;
  const { verdict } = box.verdict;
  const comesOff = verdict === 'take' || verdict === 'take-and-dry';
  if (!box.decision) return verdict;
  if (box.decision.choice === 'take') return comesOff ? verdict : 'take';
  return 'leave';
}

/** Whether one more look decides: a frame, or a reading. */
export const asksToLook = (box) => ['look', 'read-water'].includes(standingOf(box));

/** A sheet once the server has a tap: it is part of it from then on, and no longer what the server sent. */
export function folded(held, tap, versions) {
  apply(held.sheet, tap, todayOf(held));
  held.tag = null;
  for (const hive of held.sheet.hives) {
    const frames = hive.boxes.find((box) => box.id === tap.on)?.taps?.frames ?? [];
    for (const frame of frames) frame.version = versions[frame.slot] ?? frame.version;
  }
  return held;
}
