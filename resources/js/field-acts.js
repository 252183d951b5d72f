// What a button, a key or a form of the field sheet does.
import { draft, withLayer, withRest } from './field-painter.js';
import { boxOf, paintedToday } from './field-state.js';
import { startTimer, showTimer } from './field-timer.js';
import { boxPath, saidToday } from './field-box.js';
import { dayActions } from './field-day.js';
import { frameActions } from './field-frames.js';
import { path } from './field-parts.js';

/** The yard, hive, box and slot that are open. */
export function here(app) {
  const [, slug, code, id, slot] = app.route();
  const sheet = app.sheet(slug);
  return {
    slug,
    code,
    id,
    slot: Number(slot) || 1,
    sheet,
    box: sheet && boxOf(sheet, id),
    today: sheet && app.today(slug),
  };
}

const percent = (share) => Math.round(share * 100);

async function paint(app, { slug, code, id, slot, box, today }, faces) {
  const painted = paintedToday(box, today).get(slot);
  // Of a frame that nobody painted today there is none stored to be changed.
  const version = painted && !painted.glanced ? (painted.version ?? 0) : 0;
  const before = draft(box, slot, today);
  // Whether it was painted when it was opened: the first stroke on one face does not make the other one seen.
  app.brush.wasToday ??= before.isToday;
  const words = app.say('tap-frame', {
    hive: code,
    box: box.name,
    n: slot,
    a: percent(faces.a.capped),
    b: percent(faces.b.capped),
  });
  const tap = { kind: 'frame', on: id, yard: slug, hive: code, words, data: { slot, a: faces.a, b: faces.b }, version };
  const kept = await app.keep(tap);
  if (kept) app.undo = [...(app.undo ?? []).slice(-50), { kept, before }];
  return kept;
}

/** As it stands after what was tapped before, though the page was not drawn again. */
export const about = (app, id) => ({ on: id, yard: app.route()[1], hive: app.route()[2] });

export const actions = {
  ...dayActions,
  ...frameActions,
  async fetch(app, { slug }) {
    app.announce((await app.fetch(slug)) ? app.say('fetched') : app.say('not-fetched'));
    await app.refresh();
  },
  async 'let-go'(app, { slug }) {
    if (app.queue.taps.some((tap) => tap.yard === slug)) {
      app.announce(app.say('not-let-go'));
      return;
    }
    app.sheets.delete(slug);
    await app.store.letGo(slug);
    await app.refresh();
  },
  theme(app, { shade }) {
    app.settings.theme = shade;
    app.dress();
    app.render();
  },
  left(app) {
    app.settings.left = !app.settings.left;
    app.dress();
    app.render();
  },
  side(app, { side }) {
    app.brush.side = side;
    app.render();
  },
  tool(app, { tool }) {
    app.brush.tool = tool;
    app.render();
  },
  async tenth(app, { tenth }) {
    const at = here(app);
    if (!at.box) return;
    const { side, sides, tool } = app.brush;
    const shown = window.location.hash;
    const kept = await paint(app, at, withLayer(at.box, at.slot, at.today, app.brush, Number(tenth) / 10));
    if (!kept) return;
    app.brush.sides = [...sides, side];
    // Whoever went on meanwhile is not led back.
    if (window.location.hash !== shown) return;
    // One tenth a face, and the other face has its turn; then the next frame. Other layers stay where they are.
    if (tool !== 'capped') app.render();
    else if (side === 'a') actions.side(app, { side: 'b' });
    else if (at.slot < at.box.frames_fitted)
      window.location.hash = boxPath(at.slug, { code: at.code }, at.box, at.slot + 1);
    else app.render();
    if (side === 'b' && tool === 'capped') await new Promise((drawn) => setTimeout(drawn));
  },
  /** Said once, it holds for what is painted next too. */
  async rest(app, { rest }) {
    const at = here(app);
    app.brush.rest = app.brush.rest === rest ? null : rest;
    const faces = app.brush.rest && at.box ? withRest(at.box, at.slot, at.today, rest) : null;
    if (faces) await paint(app, at, faces);
    else app.render();
  },
  async painted(app, faces) {
    const at = here(app);
    app.brush.sides = [...app.brush.sides, app.brush.side];
    await paint(app, at, faces);
  },
  async nudge(app, { by }) {
    const at = here(app);
    if (!at.box) return;
    const { side, tool } = app.brush;
    const now = draft(at.box, at.slot, at.today)[side][tool];
    await paint(app, at, withLayer(at.box, at.slot, at.today, { ...app.brush, sides: [side] }, now + by));
  },
  next() {
    document.querySelector('.fs-go')?.click();
  },
  /** What was just painted as it was before: not sent, it is thrown away; sent, it is painted as it was. */
  async back(app) {
    const last = app.undo?.pop();
    if (!last) return;
    const tap = app.queue.taps.find((one) => one.id === last.kept.id && one.state === 'waiting');
    if (!(tap && (await app.queue.takeBack(tap)))) {
      const { kind, on, yard, hive, words, data } = last.kept;
      const sheet = app.sheet(yard);
      const version = paintedToday(boxOf(sheet, on), app.today(yard)).get(data.slot)?.version ?? 0;
      const was = { slot: data.slot, a: last.before.a, b: last.before.b };
      await app.keep({ kind, on, yard, hive, words, data: was, version });
    }
    const at = { code: last.kept.hive };
    const box = boxOf(app.sheet(last.kept.yard), last.kept.on);
    window.location.hash = boxPath(last.kept.yard, at, box, last.kept.data.slot);
    await app.refresh();
  },
  async alike(app) {
    const { slug, code, id, box, today } = here(app);
    const seen = [...paintedToday(box, today).values()].filter((frame) => !frame.glanced);
    const model = seen[seen.length - 1];
    if (!model) {
      app.announce(app.say('paint-first'));
      return;
    }
    const words = app.say('tap-alike', { hive: code, box: box.name, n: model.slot });
    await app.keep({ kind: 'alike', on: id, yard: slug, hive: code, words, data: { slot: model.slot } });
  },
  async shake(app, { shake }) {
    const { box, id, code, today } = here(app);
    const was = saidToday(box, today).shake;
    const words = app.say('tap-shake', { hive: code, box: box.name, what: app.say(`shake-${shake}`) });
    await app.keep({ kind: 'shake', ...about(app, id), words, data: { shake: was === shake ? null : shake, was } });
  },
  async queen(app, { hive, code }) {
    const words = app.say('tap-queen', { hive: code });
    await app.keep({
      kind: 'note',
      on: hive,
      yard: app.route()[1],
      hive: code,
      words,
      data: { what: 'queen-seen', text: '' },
    });
  },
  async excluder(app, { hive, code, is }) {
    const excluder = is !== 'true';
    const words = app.say(excluder ? 'tap-excluder-in' : 'tap-excluder-out', { hive: code });
    await app.keep({ kind: 'excluder', on: hive, yard: app.route()[1], hive: code, words, data: { excluder } });
  },
  async 'box-off'(app, { box: id }) {
    const { slug, code, box } = here(app);
    const words = app.say('tap-off', { hive: code, box: box.name });
    if (await app.keep({ kind: 'box-off', on: id, yard: slug, hive: code, words, data: {} })) {
      window.location.hash = path('yard', slug, code);
    }
  },
  async sign(app, { seen, slug }) {
    const words = app.say('tap-sign', { what: app.index.signs[seen] });
    const { id } = app.sheet(slug);
    if (await app.keep({ kind: 'sign', on: id, yard: slug, hive: '', words, data: { seen, yard: slug } })) {
      app.announce(app.say('noted'));
    }
  },
  timer(app) {
    startTimer();
    showTimer(app);
  },
  speak(app) {
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(document.getElementById('read-out').innerText));
    app.announce('');
  },
  send: (app) => app.queue.send(),
  async mine(app, { seq }) {
    const tap = app.queue.at(seq);
    await app.queue.again(tap, tap.theirs?.version);
    await app.queue.send();
  },
  async theirs(app, { seq }) {
    await app.queue.throwAway(app.queue.at(seq));
    await app.freshen();
  },
  async again(app, { seq }) {
    await app.queue.again(app.queue.at(seq));
    await app.queue.send();
  },
  async throw(app, { seq }) {
    await app.queue.throwAway(app.queue.at(seq));
    await app.refresh();
  },
};
