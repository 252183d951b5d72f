// Makes of the type's parts for the web whole fonts for paper: node resources/fonts/paper.mjs FOLDER
import { readFileSync, writeFileSync } from 'node:fs';
import { inflateSync } from 'node:zlib';
import fonteditor from 'fonteditor-core';

const inflate = (data) => [...inflateSync(Uint8Array.from(data))];
const read = (path) =>
  fonteditor.Font.create(readFileSync(path), { type: 'woff', inflate, compound2simple: true });

function whole(family, weight, file) {
  const part = (range) => read(`node_modules/@fontsource/${family}/files/${family}-${range}-${weight}-normal.woff`);
  const font = part('latin');
  const more = part('latin-ext');
  // A letter that both parts hold stays the first one's.
  const held = new Set(font.get().glyf.flatMap((glyph) => glyph.unicode ?? []));
  for (const glyph of more.get().glyf) glyph.unicode = (glyph.unicode ?? []).filter((letter) => !held.has(letter));
  font.merge(more);
  writeFileSync(file, font.write({ type: 'ttf', toBuffer: true }));
}

const folder = process.argv[2];
whole('atkinson-hyperlegible-next', 400, `${folder}/paper-400.ttf`);
whole('atkinson-hyperlegible-next', 600, `${folder}/paper-600.ttf`);
whole('fraunces', 500, `${folder}/head-500.ttf`);
