// The open face on the canvas: dragged down to where the honey ends, or set by a tenth.
import { drawFace, edgeOf, setLayer, setRest, shareAt } from './face.js';
import { boxOf, facesOf, freshFace, paintedToday } from './field-state.js';

/** What the open frame would be kept as: both faces; one not seen today begins empty, and is kept as it was before. */
export function draft(box, slot, today) {
  const shown = facesOf(box, slot, today);
  const painted = paintedToday(box, today).get(slot);
  return { a: { ...shown.a }, b: { ...shown.b }, isToday: painted !== undefined && !painted.glanced };
}

/** The same with one layer of one face at a share. */
export function withLayer(box, slot, today, { side, tool, sides, rest, wasToday }, share) {
  const faces = draft(box, slot, today);
  const isFresh = !(wasToday ?? faces.isToday) && !sides.includes(side);
  if (isFresh) faces[side] = freshFace();
  setLayer(faces[side], tool, share);
  if (rest && faces[side].open === null) setRest(faces[side], rest);
  return { a: faces.a, b: faces.b };
}

/** The faces of a frame painted today of whose rest nothing was said, with it said. */
export function withRest(box, slot, today, how) {
  const faces = draft(box, slot, today);
  if (!faces.isToday) return null;
  const open = ['a', 'b'].filter((side) => faces[side].open === null);
  open.forEach((side) => setRest(faces[side], how));
  return open.length ? { a: faces.a, b: faces.b } : null;
}

/** What the others on the page leave of it: nothing is scrolled within a frame. */
function faceHeight() {
  const others = [...document.getElementById('field').children]
    .filter((one) => one.id !== 'face')
    .reduce((sum, one) => sum + one.offsetHeight + 8, 0);
  return Math.max(110, Math.min(320, window.innerHeight - others - 24));
}

/** Draws the open face as large as its room, and hears a finger on it. */
export function mountFace(app, { sheet, id, slot, today, onDrag, onDone }) {
  const canvas = document.getElementById('face');
  const box = sheet && boxOf(sheet, id);
  if (!canvas || !box) return;
  const draw = (face, seen) => {
    const width = canvas.clientWidth;
    drawFace(canvas, face, { width, ratio: Math.max(0.2, faceHeight() / width), seen, tool: app.brush.tool });
  };
  const shown = facesOf(box, slot, today);
  draw(shown[app.brush.side], shown.today);
  let live = null;
  const at = (event) => {
    const base = live ?? withLayer(box, slot, today, app.brush, 0);
    const face = base[app.brush.side];
    setLayer(face, app.brush.tool, shareAt(canvas, event) - (edgeOf(face, app.brush.tool) - face[app.brush.tool]));
    live = base;
    draw(face, true);
    onDrag(face[app.brush.tool]);
  };
  canvas.addEventListener('pointerdown', (event) => {
    canvas.setPointerCapture(event.pointerId);
    live = null;
    at(event);
  });
  canvas.addEventListener('pointermove', (event) => {
    if (live) at(event);
  });
  canvas.addEventListener('pointerup', () => {
    if (live) onDone(live);
    live = null;
  });
}
