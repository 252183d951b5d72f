// What a phone computes with: the core's own PHP files that the field sheet needs, as one JSON, and PHP compiled to
// WebAssembly. Called by the build with the folder to write into.
import { createHash } from 'node:crypto';
import { copyFileSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';

const out = process.argv[2];
const root = join(dirname(fileURLToPath(import.meta.url)), '../..');
const core = join(root, 'core');

const filesIn = (folder) =>
  readdirSync(folder)
    .map((name) => join(folder, name))
    .flatMap((path) => (statSync(path).isDirectory() ? filesIn(path) : [path]))
    .filter((path) => path.endsWith('.php'));

/** The parts of the core that a part uses, and those that they use. */
function needed(first) {
  const parts = new Set();
  const open = [first];
  while (open.length > 0) {
    const part = open.pop();
    if (parts.has(part)) continue;
    parts.add(part);
    for (const file of filesIn(join(core, part))) {
      for (const [, other] of readFileSync(file, 'utf8').matchAll(/^use Marjoram\\Core\\(\w+)\\/gm)) open.push(other);
    }
  }
  return [...parts].sort();
}

const atTheTop = readdirSync(core)
  .filter((name) => name.endsWith('.php'))
  .map((name) => join(core, name));
const paths = [...atTheTop, ...needed('Sheet').flatMap((part) => filesIn(join(core, part)))].sort();
const files = Object.fromEntries(paths.map((path) => [relative(core, path), readFileSync(path, 'utf8')]));
const version = createHash('sha256').update(JSON.stringify(files)).digest('hex').slice(0, 12);
writeFileSync(join(out, 'core.json'), JSON.stringify({ version, files }));
writeFileSync(join(out, 'core.version'), version);

const php = join(root, 'node_modules/php-wasm');
const loader = readFileSync(join(php, 'php8.2-web.mjs'), 'utf8');
const wasm = loader.match(/[0-9a-f]{40}\.wasm/)[0];
const modules = ['PhpWeb', 'PhpBase', '_Event', 'OutputBuffer', 'fsOps', 'resolveDependencies', 'webTransactions'];
mkdirSync(join(out, 'php'), { recursive: true });
for (const name of [...modules.map((one) => `${one}.mjs`), 'php8.2-web.mjs', wasm]) {
  copyFileSync(join(php, name), join(out, 'php', name));
}
// 13 MB as they are; sent as 3.3 MB.
writeFileSync(join(out, 'php', `${wasm}.gz`), gzipSync(readFileSync(join(php, wasm)), { level: 9 }));
