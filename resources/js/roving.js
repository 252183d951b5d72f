// A drawing is one stop for the Tab key; inside it the arrows go from hive to hive and from box to box.
const DRAWINGS = '.elevation, .opened-hive, .storeboxes';

const linksOf = (part) => [...part.querySelectorAll('a')];

function rove(drawing) {
  const links = linksOf(drawing);
  const here = links.find((link) => link.getAttribute('aria-current') === 'true') ?? links[0];
  links.forEach((link) => link.setAttribute('tabindex', link === here ? '0' : '-1'));
}

function stepTo(link, drawing) {
  linksOf(drawing).forEach((one) => one.setAttribute('tabindex', one === link ? '0' : '-1'));
  link.focus();
}

// Boxes stand in the drawing from the floor up, the hive's name after them.
function neighbour(link, drawing, key) {
  const hives = [...drawing.querySelectorAll('svg.hive')];
  const columns = hives.length === 0 ? [linksOf(drawing)] : hives.map(linksOf).filter((one) => one.length > 0);
  const column = columns.findIndex((one) => one.includes(link));
  const row = columns[column].indexOf(link);
  const single = hives.length === 0;
  const up = single ? -1 : 1;
  const at = {
    ArrowLeft: single ? [0, row - 1] : [column - 1, row],
    ArrowRight: single ? [0, row + 1] : [column + 1, row],
    ArrowUp: [column, row + up],
    ArrowDown: [column, row - up],
    Home: [0, row],
    End: [columns.length - 1, row],
  }[key];
  const to = columns[at[0]];
  return to?.[Math.min(at[1], to.length - 1)] ?? null;
}

document.addEventListener('keydown', (event) => {
  if (!/^(Arrow(Left|Right|Up|Down)|Home|End)$/.test(event.key) || event.ctrlKey || event.metaKey || event.altKey)
    return;
  const link = event.target.closest?.('a');
  const drawing = link?.closest(DRAWINGS);
  const next = drawing && neighbour(link, drawing, event.key);
  if (!drawing) return;
  event.preventDefault();
  if (next) stepTo(next, drawing);
});

const roveAll = () => document.querySelectorAll(DRAWINGS).forEach(rove);
roveAll();
document.addEventListener('htmx:afterSettle', roveAll);
document.addEventListener('around:fresh', roveAll);
