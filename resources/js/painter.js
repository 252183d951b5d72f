// The frame painter: drag downwards on a face to set the edge of what is painted. Honey lies on top, as bees fill.
import { ORDER, drawFace, edgeOf, setLayer, shareAt } from './face.js';

const root = document.getElementById('painter');
const live = root?.querySelector('[data-live]');

if (live) {
  const words = JSON.parse(root.dataset.words);
  const faces = JSON.parse(root.dataset.faces);
  const status = root.querySelector('[data-status]');
  const panels = Object.fromEntries(
    [...root.querySelectorAll('[data-face]')].map((panel) => [panel.dataset.face, panel]),
  );
  const history = [];
  const keepAt = `marjoram.frame.${root.dataset.url}`;
  let version = root.dataset.version === '' ? null : Number(root.dataset.version);
  let tool = 'capped';
  let side = 'a';
  let touched = false;
  let seen = root.dataset.seen === '1';
  let waiting = null;
  let sending = false;
  let again = false;
  let theirs = null;

  live.hidden = false;
  // What could not be sent before is still here.
  const kept = localStorage.getItem(keepAt);
  if (kept) {
    Object.assign(faces, JSON.parse(kept));
    seen = true;
    queueSave();
  }

  function draw(name) {
    const panel = panels[name];
    const canvas = panel.querySelector('canvas');
    drawFace(canvas, faces[name], {
      width: Math.round(panel.clientWidth),
      ratio: Number(root.dataset.ratio),
      seen,
      tool,
    });
    describe(name, canvas, panel);
  }

  function describe(name, canvas, panel) {
    const face = faces[name];
    const empty = Math.max(0, 1 - ORDER.reduce((sum, what) => sum + face[what], 0));
    canvas.setAttribute('aria-valuenow', Math.round(face[tool] * 100));
    canvas.setAttribute('aria-valuetext', `${tool} ${Math.round(face[tool] * 100)} %`);
    panel.classList.toggle('on', name === side);
    panel.querySelectorAll('[data-share]').forEach((cell) => {
      const share = cell.dataset.share === 'empty' ? empty : face[cell.dataset.share];
      cell.textContent = `${Math.round(share * 100)} %`;
    });
  }

  function stroke(change) {
    history.push(JSON.stringify(faces));
    if (!seen) {
      // A frame not looked at begins empty, not with what was presumed of it.
      ['a', 'b'].forEach((name) =>
        ORDER.forEach((layer) => {
          faces[name][layer] = 0;
        }),
      );
      seen = true;
      touched = true;
    }
    change();
    redraw();
    queueSave();
  }

  function redraw() {
    draw('a');
    draw('b');
  }

  function queueSave() {
    localStorage.setItem(keepAt, JSON.stringify(faces));
    clearTimeout(waiting);
    waiting = setTimeout(save, 350);
  }

  const ulid = () => {
    const letters = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
    let time = Date.now();
    let id = '';
    for (let i = 0; i < 10; i += 1) {
      id = letters[time % 32] + id;
      time = Math.floor(time / 32);
    }
    crypto.getRandomValues(new Uint8Array(16)).forEach((byte) => {
      id += letters[byte % 32];
    });
    return id;
  };

  async function save() {
    if (sending) {
      again = true;
      return;
    }
    sending = true;
    status.textContent = words.saving;
    const body = JSON.stringify({ ...faces, version, seen_on: root.dataset.day || null });
    try {
      const response = await fetch(root.dataset.url, {
        method: 'PUT',
        body,
        keepalive: true,
        headers: {
          'Content-Type': 'application/json',
          Accept: 'application/json',
          'Idempotency-Key': ulid(),
          'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]').content,
        },
      });
      const answer = await response.json();
      if (response.status === 409) {
        version = answer.theirs.version;
        theirs = { a: answer.theirs.a, b: answer.theirs.b };
        const say = (of) =>
          ['a', 'b'].map((name) => `${name.toUpperCase()} ${Math.round(of[name].capped * 100)} %`).join(', ');
        status.textContent = words.conflict.replace(':theirs', say(theirs)).replace(':mine', say(faces));
        root.querySelector('[data-conflict]').hidden = false;
      } else if (!response.ok) {
        status.textContent = answer.message;
      } else {
        version = answer.version;
        status.textContent = words.saved;
        waiting = null;
        touched = false;
        if (!again) localStorage.removeItem(keepAt);
        if (answer.html) document.getElementById('why-box').innerHTML = answer.html;
        if (answer.line) document.getElementById('line-box').innerHTML = answer.line;
        document.querySelector('.slots a[aria-current]')?.classList.remove('unseen');
      }
    } catch {
      status.textContent = words.kept;
    }
    sending = false;
    if (again) {
      again = false;
      await save();
    }
  }

  // One digit a face: all that is not capped stays as it was, and the next face has its turn.
  function tenth(value) {
    stroke(() => setLayer(faces[side], tool, value / 10));
    if (side === 'a') choose('b', true);
    else side = 'b';
    redraw();
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

  // Nothing that was painted is left behind when one goes on.
  const flush = async () => {
    clearTimeout(waiting);
    if (sending) again = again || localStorage.getItem(keepAt) !== null;
    else if (touched || localStorage.getItem(keepAt)) await save();
    while (sending)
      await new Promise((done) => {
        setTimeout(done, 20);
      });
  };
  const leave = (url) => {
    if (url)
      flush().then(() => {
        window.location = url;
      });
  };
  const next = () => leave(root.dataset.next);
  const settle = (mine) => {
    if (!mine) Object.assign(faces, theirs);
    root.querySelector('[data-conflict]').hidden = true;
    redraw();
    queueSave();
  };
  const press = (key) => {
    const button = root.querySelector(`[data-key="${key}"]`);
    if (button) flush().then(() => button.form.requestSubmit());
    return button;
  };
  const back = () => {
    const before = history.pop();
    if (before) {
      Object.assign(faces, JSON.parse(before));
      redraw();
      queueSave();
    }
  };
  const copy = () =>
    stroke(() => {
      faces[side === 'a' ? 'b' : 'a'] = { ...faces[side] };
    });

  Object.entries(panels).forEach(([name, panel]) => {
    const canvas = panel.querySelector('canvas');
    let dragging = false;
    const at = (event) => {
      const above = edgeOf(faces[name], tool) - faces[name][tool];
      setLayer(faces[name], tool, shareAt(canvas, event) - above);
      redraw();
    };
    canvas.addEventListener('pointerdown', (event) => {
      choose(name, true);
      dragging = true;
      canvas.setPointerCapture(event.pointerId);
      stroke(() => at(event));
    });
    canvas.addEventListener('pointermove', (event) => {
      if (dragging) at(event);
    });
    canvas.addEventListener('pointerup', () => {
      if (dragging) queueSave();
      dragging = false;
    });
    canvas.addEventListener('focus', () => {
      side = name;
      redraw();
    });
  });

  const advised = () =>
    flush().then(() => {
      const last = [...document.querySelectorAll('[data-advised]')].pop();
      if (last) window.location = last.href;
    });
  const nudge = (by) => stroke(() => setLayer(faces[side], tool, faces[side][tool] + by));
  const actions = {
    c: () => pick('capped'),
    o: () => pick('open'),
    b: () => pick('brood'),
    p: () => pick('pollen'),
    f: () => tenth(10),
    s: copy,
    u: back,
    n: advised,
    l: () => leave(root.dataset.lower),
    h: () => leave(root.dataset.higher),
    ArrowDown: () => nudge(0.05),
    ArrowUp: () => nudge(-0.05),
    Enter: next,
    Escape: () => document.getElementById('work').focus(),
  };
  for (const digit of '0123456789') actions[digit] = () => tenth(Number(digit));
  for (const button of 'raw') actions[button] = () => press(button);

  root.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest('input, select, textarea')) return;
    if (!Object.hasOwn(actions, event.key) || (event.key === 'Enter' && event.target.closest('a, button'))) return;
    actions[event.key]();
    event.preventDefault();
    event.stopPropagation();
  });

  root
    .querySelectorAll('[data-tool]')
    .forEach((button) => button.addEventListener('click', () => pick(button.dataset.tool)));
  root
    .querySelectorAll('[data-tenth]')
    .forEach((button) => button.addEventListener('click', () => tenth(Number(button.dataset.tenth))));
  root.querySelector('[data-copy]').addEventListener('click', copy);
  root.querySelector('[data-back]').addEventListener('click', back);
  root.querySelector('[data-next]').addEventListener('click', (event) => {
    event.preventDefault();
    next();
  });
  root.querySelector('[data-keep]').addEventListener('click', () => settle(true));
  root.querySelector('[data-theirs]').addEventListener('click', () => settle(false));
  root.querySelectorAll('.repeat form').forEach((form) =>
    form.addEventListener('submit', (event) => {
      if (waiting === null && !sending) return;
      event.preventDefault();
      flush().then(() => {
        waiting = null;
        form.submit();
      });
    }),
  );
  document.addEventListener('click', (event) => {
    const advised = event.target.closest('[data-advised]');
    if (advised) {
      event.preventDefault();
      leave(advised.href);
    }
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
