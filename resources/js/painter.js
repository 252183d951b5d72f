// The frame painter: drag downwards on a face to set the edge of what is painted. Honey lies on top, as bees fill.
// All frames of the hive are on the page: keys typed ahead go to the frame that they were meant for.
import { ORDER, drawFace, edgeOf, setLayer, setRest, shareAt } from './face.js';
import { HiveFrames } from './hiveframes.js';
import { Outbox } from './outbox.js';

const root = document.getElementById('painter');
const live = root?.querySelector('[data-live]');

if (live) {
  const words = JSON.parse(root.dataset.words);
  const status = root.querySelector('[data-status]');
  const question = root.querySelector('[data-conflict]');
  const panels = Object.fromEntries(
    [...root.querySelectorAll('[data-face]')].map((panel) => [panel.dataset.face, panel]),
  );
  const history = [];
  let tool = 'capped';
  // What is said of the rest of each face that is painted from now on: open, empty, or nothing.
  let rest = null;
  let side = 'a';

  const say = (faces) => ['a', 'b'].map((name) => `${name.toUpperCase()} ${percent(faces[name].capped)}`).join(', ');
  const percent = (share) => `${Math.round(share * 100)} %`;

  const outbox = new Outbox(root.dataset.day, (box, slot) => frames.byPlace(box, slot), {
    waiting: (n) => {
      root.dataset.waiting = n;
      status.textContent = n === 0 ? words.saved : words.saving.replace(':n', n);
    },
    away: () => {
      status.textContent = words.kept;
    },
    signedOut: () => {
      status.textContent = words.signedOut;
    },
    refused: (frame, message) => {
      status.textContent = frame === frames.open ? message : `${words.frame.replace(':n', frame.slot)}: ${message}`;
    },
    conflict: (frame, theirs) => {
      frame.theirs = { a: theirs.a, b: theirs.b };
      frame.version = theirs.version ?? frame.version;
      ask();
      if (frame !== frames.open) status.textContent = words.elsewhere.replace(':n', frame.slot ?? '?');
    },
    saved: (frame, shown) => {
      frame.seen = true;
      frame.alike = false;
      frames.heads();
      if (frame.box !== frames.open.box || !frames.isFresh) return;
      if (shown?.html) document.getElementById('why-box').innerHTML = shown.html;
      if (shown?.line) document.getElementById('line-box').innerHTML = shown.line;
    },
  });
  const frames = new HiveFrames(root, outbox);

  live.hidden = false;
  outbox.recover((frame, tap) => {
    Object.assign(frame, { faces: { a: tap.data.a, b: tap.data.b }, painted: { a: true, b: true } });
    if (frame === frames.open) redraw();
  });

  function ask() {
    const { theirs, faces } = frames.open;
    question.hidden = !theirs;
    if (theirs) status.textContent = words.conflict.replace(':theirs', say(theirs)).replace(':mine', say(faces));
  }

  function draw(name) {
    const panel = panels[name];
    const canvas = panel.querySelector('canvas');
    const { faces, painted, box } = frames.open;
    drawFace(canvas, faces[name], {
      width: Math.round(panel.clientWidth),
      ratio: box.ratio,
      seen: painted[name],
      tool,
    });
    describe(faces[name], canvas, panel);
    panel.classList.toggle('on', name === side);
  }

  function describe(face, canvas, panel) {
    const empty = Math.max(0, 1 - ORDER.reduce((sum, what) => sum + face[what], 0));
    canvas.setAttribute('aria-valuenow', Math.round(face[tool] * 100));
    canvas.setAttribute('aria-valuetext', `${tool} ${percent(face[tool])}`);
    panel.querySelectorAll('[data-share]').forEach((cell) => {
      const share = cell.dataset.share === 'empty' ? empty : face[cell.dataset.share];
      const isSaid = face.open !== null || !['empty', 'open'].includes(cell.dataset.share);
      cell.textContent = isSaid ? percent(share) : '?';
    });
  }

  function redraw() {
    draw('a');
    draw('b');
  }

  // A face not looked at begins empty when it is painted; the other one stays as it is presumed.
  function stroke(name, change) {
    const frame = frames.open;
    history.push({ frame, faces: structuredClone(frame.faces), painted: { ...frame.painted } });
    if (!frame.painted[name]) {
      ORDER.forEach((layer) => {
        frame.faces[name][layer] = layer === 'open' ? null : 0;
      });
      frame.painted[name] = true;
    }
    change(frame.faces);
    if (rest && frame.faces[name].open === null) setRest(frame.faces[name], rest);
    redraw();
    outbox.put(frame);
  }

  // One digit a face: all that is not capped stays as it was, and the next face has its turn.
  function tenth(value) {
    stroke(side, (faces) => setLayer(faces[side], tool, value / 10));
    if (side === 'a') choose('b', true);
    else redraw();
  }

  function choose(name, focus) {
    side = name;
    if (focus) panels[name].querySelector('canvas').focus({ preventScroll: true });
    redraw();
  }

  function pick(name) {
    tool = name;
    root
      .querySelectorAll('[data-tool]')
      .forEach((button) => button.setAttribute('aria-pressed', String(button.dataset.tool === name)));
    redraw();
  }

  // Said once, it holds for what is painted next too; said again, it is taken back for what comes.
  function sayRest(how) {
    rest = rest === how ? null : how;
    root
      .querySelectorAll('[data-rest]')
      .forEach((button) => button.setAttribute('aria-pressed', String(button.dataset.rest === rest)));
    const { faces, painted } = frames.open;
    const said = ['a', 'b'].filter((name) => painted[name] && faces[name].open === null);
    if (rest) said.forEach((name) => stroke(name, () => setRest(faces[name], how)));
  }

  function go(frame) {
    if (!frame) {
      status.textContent = words.last;
      return;
    }
    frames.go(frame);
    status.textContent = frame.seen ? '' : frame.painted.a ? status.textContent : words.presumed;
    ask();
    choose('a', !root.contains(document.activeElement) || panels[side].contains(document.activeElement));
  }

  function settle(mine) {
    const frame = frames.open;
    if (!mine) frame.faces = frame.theirs;
    frame.theirs = null;
    question.hidden = true;
    redraw();
    outbox.settle(frame, mine);
  }

  const leave = (url) => outbox.flush().then(() => window.location.assign(url));
  const press = (key) =>
    frames.refresh().then(() => {
      const button = root.querySelector(`[data-key="${key}"]`);
      button?.form.requestSubmit();
    });
  const back = () => {
    const before = history.pop();
    if (!before) return;
    Object.assign(before.frame, { faces: before.faces, painted: before.painted });
    if (before.frame !== frames.open) frames.go(before.frame);
    redraw();
    outbox.put(before.frame);
  };
  // After a digit the focus is on the other face: what was painted is copied, not what was not.
  const copy = () => {
    const other = side === 'a' ? 'b' : 'a';
    const { painted } = frames.open;
    const from = !painted[side] && painted[other] ? other : side;
    const to = from === 'a' ? 'b' : 'a';
    stroke(to, (faces) => {
      faces[to] = { ...faces[from] };
    });
  };
  const advised = () =>
    frames.refresh().then(() => {
      const last = [...document.querySelectorAll('[data-advised]')].pop();
      if (last) leave(last.href);
    });
  const nudge = (by) => stroke(side, (faces) => setLayer(faces[side], tool, faces[side][tool] + by));

  const keys = {
    c: () => pick('capped'),
    o: () => pick('open'),
    b: () => pick('brood'),
    p: () => pick('pollen'),
    f: () => tenth(10),
    e: () => sayRest('empty'),
    x: () => sayRest('open'),
    s: copy,
    u: back,
    n: advised,
    l: () => go(frames.atSuper(1)),
    h: () => go(frames.atSuper(-1)),
  };
  for (const digit of '0123456789') keys[digit] = () => tenth(Number(digit));
  for (const button of 'raw') keys[button] = () => press(button);
  // These mean something else elsewhere on the page.
  const inside = {
    ArrowDown: () => nudge(0.05),
    ArrowUp: () => nudge(-0.05),
    Enter: () => go(frames.next()),
    Escape: () => document.getElementById('work').focus(),
  };

  // Before the keys of the page: while a super is open, digits paint and lead nowhere.
  document.addEventListener(
    'keydown',
    (event) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.target.closest('input, select, textarea, [contenteditable], dialog')) return;
      const isHere = root.contains(event.target) || event.target === document.body;
      const here = isHere && !event.target.closest('a, button, summary') ? inside : {};
      const action = Object.hasOwn(keys, event.key) ? keys[event.key] : here[event.key];
      if (!action) return;
      action();
      event.preventDefault();
      event.stopPropagation();
    },
    true,
  );

  Object.entries(panels).forEach(([name, panel]) => {
    const canvas = panel.querySelector('canvas');
    let dragging = false;
    const at = (event) => {
      const face = frames.open.faces[name];
      setLayer(face, tool, shareAt(canvas, event) - (edgeOf(face, tool) - face[tool]));
      redraw();
    };
    canvas.addEventListener('pointerdown', (event) => {
      choose(name, true);
      dragging = true;
      canvas.setPointerCapture(event.pointerId);
      stroke(name, () => at(event));
    });
    canvas.addEventListener('pointermove', (event) => {
      if (dragging) at(event);
    });
    canvas.addEventListener('pointerup', () => {
      if (dragging) outbox.put(frames.open);
      dragging = false;
    });
    canvas.addEventListener('focus', () => {
      side = name;
      redraw();
    });
  });

  root
    .querySelectorAll('[data-tool]')
    .forEach((button) => button.addEventListener('click', () => pick(button.dataset.tool)));
  root
    .querySelectorAll('[data-tenth]')
    .forEach((button) => button.addEventListener('click', () => tenth(Number(button.dataset.tenth))));
  root
    .querySelectorAll('[data-rest]')
    .forEach((button) => button.addEventListener('click', () => sayRest(button.dataset.rest)));
  root.querySelector('[data-copy]').addEventListener('click', copy);
  root.querySelector('[data-back]').addEventListener('click', back);
  root.querySelector('[data-next]').addEventListener('click', (event) => {
    event.preventDefault();
    go(frames.next());
  });
  root.querySelector('[data-keep]').addEventListener('click', () => settle(true));
  root.querySelector('[data-theirs]').addEventListener('click', () => settle(false));
  root.querySelector('.slots').addEventListener('click', (event) => {
    const slot = Number(event.target.closest('a')?.textContent);
    if (!slot) return;
    event.preventDefault();
    go(frames.open.box.frames[slot - 1]);
    root.querySelector('.slots [aria-current]')?.focus();
  });
  // Nothing that was painted is left behind by a form or a link of the painter.
  document.addEventListener('submit', (event) => {
    if (outbox.isEmpty() || !root.contains(event.target)) return;
    event.preventDefault();
    event.stopPropagation();
    outbox.flush().then(() => event.target.submit());
  });
  document.addEventListener('click', (event) => {
    const link = event.target.closest('[data-advised]');
    if (!link) return;
    event.preventDefault();
    leave(link.href);
  });
  window.addEventListener('resize', redraw);
  redraw();
  // Going to the page's fragment takes the focus away once more after loading: only then can it be given.
  const begin = () =>
    setTimeout(() => {
      if (window.location.hash === '#painter') panels.a.querySelector('canvas').focus({ preventScroll: true });
      root.dataset.ready = '1';
    });
  if (document.readyState === 'complete') begin();
  else window.addEventListener('load', begin);
}
