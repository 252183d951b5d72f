// Hives cut across their frames, to scale, as the pages draw them: stands, floors, boxes, combs filled from the top.
import { facesOf, standingOf } from './field-state.js';

const PASSAGE_MM = 6.5;
const STAND_MM = 150;
const ROOF_MM = 52;
const LEAST_MM = 413;
const CLASSES = [
  ['capped', 'cap'],
  ['open', 'opn'],
  ['pollen', 'pol'],
  ['brood', 'brd'],
];
const GLYPHS = {
  take: 'take',
  'take-and-dry': 'dry',
  wait: 'wait',
  rearrange: 'rearrange',
  leave: 'leave',
  look: 'look',
  'read-water': 'read-water',
};

const n = (value) => Math.round(value * 10) / 10;
const rect = (kind, x, y, w, h) => `<rect class="${kind}" x="${n(x)}" y="${n(y)}" width="${n(w)}" height="${n(h)}"/>`;

export const esc = (text) => String(text ?? '').replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

export const glyph = (verdict, size = 16) =>
  GLYPHS[verdict]
    ? `<svg class="gl" width="${size}" height="${size}" aria-hidden="true"><use href="#v-${GLYPHS[verdict]}"/></svg>`
    : '';

const widthMm = (box) => box.kind?.width_mm ?? LEAST_MM;
const heightMm = (box) => box.kind?.height_mm ?? 168;

function face(share, more, x, y, width, depth) {
  let top = y;
  const parts = CLASSES.map(([what, kind]) => {
    const height = share[what] * depth;
    if (height < 0.15) return '';
    const part = rect(kind + more, x, top, width, height);
    top += height;
    return part;
  });
  if (share.open === null) parts.push(rect(`unk${more}`, x, top, width, Math.max(0, y + depth - top)));
  return parts.join('');
}

/** One box whose outer corner is at (x, y), s px to the mm. */
export function boxSection(box, today, x, y, s) {
  const width = widthMm(box) * s;
  const height = heightMm(box) * s;
  if (box.fresh) return rect('slo dash', x, y, width, height);
  const wall = Math.max(1, ((widthMm(box) - box.kind.inside_width_mm) / 2) * s);
  const pitch = (width - 2 * wall) / box.frames_fitted;
  const comb = pitch * (1 - PASSAGE_MM / Math.max(7, box.kind.inside_width_mm / box.frames_fitted));
  const bar = Math.max(0.8, 0.045 * height);
  const top = y + 0.055 * height;
  const depth = height * 0.9 - bar;
  let inside = '';
  for (let slot = 1; slot <= box.frames_fitted; slot += 1) {
    if (box.gap_slots.includes(slot)) continue;
    const left = x + wall + (slot - 1) * pitch + 0.5 * (pitch - comb);
    const { a, b, seen, glanced } = facesOf(box, slot, today);
    const more = seen || glanced ? '' : ' pre';
    inside += rect('tbar', left - 0.1 * comb, top, 1.2 * comb, bar);
    if (!seen) inside += rect('slo dash', left, top + bar, comb, depth);
    inside +=
      face(a, more, left, top + bar, comb / 2, depth) + face(b, more, left + comb / 2, top + bar, comb / 2, depth);
  }
  return `${rect('slot', x, y, width, height)}${rect('wall', x, y, wall, height)}${rect(
    'wall',
    x + width - wall,
    y,
    wall,
    height,
  )}<g class="inside">${inside}</g><path class="joint" d="M${n(x)} ${n(y)}h${n(width)}"/>`;
}

export const hiveHeightMm = (hive) => hive.boxes.reduce((sum, box) => sum + heightMm(box), 0) + ROOF_MM + STAND_MM;

/** A whole hive on its stand, as wide as its column and as high as the highest beside it. */
export function hiveDrawing(hive, today, { width, height, s }) {
  const ground = height - 2;
  const wide = Math.max(LEAST_MM, ...hive.boxes.map(widthMm)) * s;
  const left = (width - wide) / 2 - 7;
  let y = ground - STAND_MM * s;
  let parts = rect('leg', left + 0.16 * wide, y, 2, STAND_MM * s) + rect('leg', left + 0.8 * wide, y, 2, STAND_MM * s);
  hive.boxes.forEach((box, i) => {
    if (i > 0 && box.super && !hive.boxes[i - 1].super && hive.excluder) {
      parts += `<line class="exc" x1="${n(left - 3)}" y1="${n(y - 1)}" x2="${n(left + wide + 3)}" y2="${n(y - 1)}"/>`;
      y -= 3;
    }
    y -= heightMm(box) * s;
    parts += boxSection(box, today, left + (wide - widthMm(box) * s) / 2, y, s);
    const verdict = standingOf(box);
    if (verdict) {
      const at = y + (heightMm(box) * s) / 2 - 7;
      parts += `<svg class="gl" x="${n(left + wide + 3)}" y="${n(at)}" width="14" height="14"><use href="#v-${GLYPHS[verdict]}"/></svg>`;
    }
  });
  parts += rect('wall', left - 2, y - 3, wide + 4, 3);
  return `<svg width="${n(width)}" height="${n(height)}" aria-hidden="true">${parts}<line class="axis" x1="0" y1="${ground}" x2="${n(width)}" y2="${ground}"/></svg>`;
}

/** The frames of a box as a strip of little faces, the open one marked. */
export function frameStrip(box, today, { width, open, next }) {
  const pitch = width / box.frames_fitted;
  const height = 44;
  let parts = '';
  for (let slot = 1; slot <= box.frames_fitted; slot += 1) {
    const x = (slot - 1) * pitch + 2;
    const w = pitch - 4;
    const { a, b, seen, glanced, today: isToday } = facesOf(box, slot, today);
    parts += rect(isToday && !glanced ? 'slo' : 'slo dash', x, 10, w, height);
    if (seen || glanced) {
      const more = isToday ? '' : ' pre';
      parts += face(a, more, x, 10, w / 2, height) + face(b, more, x + w / 2, 10, w / 2, height);
    }
    if (slot === open) parts += rect('picked', x - 1, 9, w + 2, height + 2);
    if (slot === next) parts += `<path class="gf" d="M${n(x + w / 2 - 5)} 0h10l-5 8z"/>`;
  }
  return `<svg width="${n(width)}" height="${height + 12}" aria-hidden="true">${parts}</svg>`;
}
