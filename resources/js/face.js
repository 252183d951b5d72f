// A comb face: its layers lie one under the other, as bees fill it, and how it is drawn on a canvas.
export const ORDER = ['capped', 'open', 'pollen', 'brood'];

const BAR = 10;
const RIM = 5;

const colour = (name) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** Where the lower edge of a layer lies, as a share of the face. */
export function edgeOf(face, what) {
  let sum = 0;
  for (const layer of ORDER) {
    sum += face[layer];
    if (layer === what) return Math.min(1, sum);
  }
  return sum;
}

/** The rest is open honey, empty, or nobody said (open is null). */
export function setRest(face, how) {
  const room = 1 - face.capped - face.brood - face.pollen;
  face.open = how === 'open' ? Math.max(0, Math.round(room * 100) / 100) : 0;
}

/** A layer takes its room from what is empty first, then from the layers below and above it. */
export function setLayer(face, what, share) {
  face[what] = Math.max(0, Math.min(1, Math.round(share * 100) / 100));
  let over = ORDER.reduce((sum, layer) => sum + face[layer], 0) - 1;
  const others = [...ORDER.slice(ORDER.indexOf(what) + 1), ...ORDER.slice(0, ORDER.indexOf(what)).reverse()];
  for (const layer of others) {
    if (over <= 1e-9) break;
    const cut = Math.min(face[layer], over);
    if (cut <= 0) continue;
    face[layer] = Math.round((face[layer] - cut) * 100) / 100;
    over -= cut;
  }
}

/** The share of the face down to which a pointer is. */
export function shareAt(canvas, event) {
  const box = canvas.getBoundingClientRect();
  return Math.max(0, Math.min(1, (event.clientY - box.top - BAR) / (box.height - BAR - RIM)));
}

/** The frame with its layers, a scale of tenths, and the handle at the edge of the layer that is painted. */
export function drawFace(canvas, face, { width, ratio, seen, tool }) {
  const height = Math.round(Math.max(120, width * ratio));
  const dots = window.devicePixelRatio || 1;
  canvas.width = width * dots;
  canvas.height = height * dots;
  canvas.style.height = `${height}px`;
  const g = canvas.getContext('2d');
  g.scale(dots, dots);
  g.fillStyle = colour('--blank');
  g.fillRect(0, 0, width, height);
  const depth = height - BAR - RIM;
  let y = BAR;
  g.globalAlpha = seen || isSun() ? 1 : 0.5;
  ORDER.forEach((what) => {
    const h = face[what] * depth;
    if (h <= 0) return;
    fill(g, seen ? what : presumedAs(what), RIM, y, width - 2 * RIM, h);
    y += h;
  });
  if (face.open === null && height - RIM - y > 2) unstated(g, RIM, y, width - 2 * RIM, height - RIM - y);
  g.globalAlpha = 1;
  g.fillStyle = colour('--ink');
  g.fillRect(0, 0, width, BAR);
  g.fillRect(0, 0, RIM, height);
  g.fillRect(width - RIM, 0, RIM, height);
  g.fillRect(0, height - RIM, width, RIM);
  for (let tenth = 1; tenth < 10; tenth += 1) {
    g.fillRect(width - RIM - (tenth === 5 ? 12 : 6), BAR + (tenth / 10) * depth, tenth === 5 ? 12 : 6, 1);
  }
  handle(g, width / 2, BAR + edgeOf(face, tool) * depth);
}

/** Nobody said whether it is open or empty. */
function unstated(g, x, y, w, h) {
  g.fillStyle = colour('--soft');
  g.font = '14px sans-serif';
  g.textAlign = 'center';
  g.textBaseline = 'middle';
  for (let j = 12; j < h; j += 26) {
    for (let i = 16 + (Math.round(j / 26) % 2) * 20; i < w; i += 40) g.fillText('?', x + i, y + j);
  }
}

function handle(g, x, y) {
  g.fillStyle = colour('--sheet');
  g.strokeStyle = colour('--ink');
  g.lineWidth = 1.5;
  g.beginPath();
  g.rect(x - 18, y - 7, 36, 14);
  g.fill();
  g.stroke();
  g.fillStyle = colour('--ink');
  g.fillRect(x - 9, y - 3, 18, 1.5);
  g.fillRect(x - 9, y + 2, 18, 1.5);
}

const isSun = () => document.documentElement.dataset.theme === 'sun';

/** Black on white there is no half: what is presumed is lined. */
const presumedAs = (what) => (isSun() && what === 'capped' ? 'lined' : what);

function fill(g, what, x, y, w, h) {
  const sun = isSun();
  g.save();
  g.beginPath();
  g.rect(x, y, w, h);
  g.clip();
  g.fillStyle = { capped: colour('--capped'), open: colour('--open') }[what] ?? colour('--blank');
  g.fillRect(x, y, w, h);
  g.strokeStyle = what === 'open' ? colour('--hedge') : colour('--ink');
  g.fillStyle = colour('--ink');
  if (what === 'lined') {
    for (let j = 0; j < h; j += 7) g.fillRect(x, y + j, w, 2);
  } else if (what === 'open') {
    g.lineWidth = sun ? 3 : 1.6;
    for (let i = -h; i < w + h; i += 9) {
      g.beginPath();
      g.moveTo(x + i, y + h);
      g.lineTo(x + i + h, y);
      g.stroke();
    }
  } else if (what === 'brood') {
    for (let i = 4; i < w; i += 8)
      for (let j = 4; j < h; j += 8) {
        g.beginPath();
        g.arc(x + i + (Math.floor(j / 8) % 2) * 4, y + j, 1.4, 0, 7);
        g.fill();
      }
  } else if (what === 'pollen') {
    g.lineWidth = 1.2;
    for (let j = 4; j < h; j += 6)
      for (let i = 4; i < w; i += 10) {
        g.beginPath();
        g.moveTo(x + i, y + j);
        g.lineTo(x + i + 5, y + j);
        g.stroke();
      }
  }
  g.restore();
}
