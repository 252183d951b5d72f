// From a label or a typed code to its hive, its box, or its bucket's page.
import { boxPath } from './field-box.js';
import { yardOfMark } from './field-frames.js';
import { missing, path } from './field-parts.js';
import { isSame, readCode } from './field-scan.js';
import { hiveOf } from './field-state.js';

/** A label's address: to its hive where the phone has it, else why not. */
export function label(app) {
  const code = readCode(`/field${window.location.hash}`);
  if (!code) return missing(app, 'code-unknown');
  if (!isSame(code.operation, app.index.operation.id)) return missing(app, 'code-elsewhere');
  if (code.kind === 'k') {
    window.location.assign(`/honey-room/buckets/${encodeURIComponent(code.id)}`);
    return '';
  }
  const isIt = (one) => isSame(one.id, code.id);
  for (const [slug, sheet] of app.shown) {
    const hive = sheet.hives.find((one) => (code.kind === 'h' ? isIt(one) : one.boxes.some(isIt)));
    if (hive) {
      const box = code.kind === 'b' ? hive.boxes.find(isIt) : null;
      window.location.replace(box ? boxPath(slug, hive, box) : path('yard', slug, hive.code));
      return '';
    }
  }
  return missing(app, 'code-not-here');
}

/** By its code, or the mark of a wet frame, as somebody types it: of the yard that is open first. */
export function find(app, text) {
  const wanted = text.trim();
  const code = readCode(wanted);
  if (code) {
    window.location.hash = `#/q/${code.operation}/${code.kind}/${code.id}`;
    return true;
  }
  for (const [slug, sheet] of app.shown) {
    const hive = hiveOf(sheet, wanted.toUpperCase());
    if (hive) {
      window.location.hash = path('yard', slug, hive.code);
      return true;
    }
    for (const one of sheet.hives) {
      const box = one.boxes.find((each) => each.mark?.toUpperCase() === wanted.toUpperCase());
      if (box) {
        window.location.hash = boxPath(slug, one, box);
        return true;
      }
    }
  }
  const slug = yardOfMark(app, wanted);
  if (slug) {
    window.location.hash = path('back', slug);
    return true;
  }
  app.announce(app.say('code-not-here'));
  app.trouble('code-not-here');
  return false;
}
