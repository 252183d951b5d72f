// The core's own PHP on the phone: PHP compiled to WebAssembly judges hives' sheets, one after the other.
// Nothing that is entered becomes code: a question goes in as a file, its answer comes out as text.
const waiting = [];
let judge = null;

self.onmessage = ({ data }) => (judge ? judge(data) : waiting.push(data));
// The loader looks for a page.
self.window = self;
self.document = {
  currentScript: null,
  title: '',
  addEventListener: () => {},
  removeEventListener: () => {},
};

const AUTOLOAD = `<?php
spl_autoload_register(static function (string $class): void {
    $file = '/core/'.strtr(substr($class, strlen('Marjoram\\\\Core\\\\')), '\\\\', '/').'.php';
    if (is_file($file)) { require $file; }
});
ini_set('serialize_precision', '-1');
ini_set('precision', '17');
`;
const answerOf = (door) =>
  `<?php echo (new Marjoram\\Core\\Sheet\\${door})->answer((string) file_get_contents('/question.json'));`;
/** What may be asked: entry points of the core. */
const DOORS = { hive: answerOf('HiveSheet'), heft: answerOf('HeftSheet') };

async function boot() {
  const [{ PhpWeb }, bundle] = await Promise.all([
    import('./php/PhpWeb.mjs'),
    fetch(`./core.json${self.location.search}`).then((answer) => answer.json()),
  ]);
  const php = new PhpWeb({ version: '8.2' });
  await php.binary;
  const made = new Set();
  for (const [path, content] of Object.entries(bundle.files)) {
    let folder = '/core';
    for (const part of ['', ...path.split('/').slice(0, -1)]) {
      folder += part === '' ? '' : `/${part}`;
      if (!made.has(folder)) await php.mkdir(folder);
      made.add(folder);
    }
    await php.writeFile(`/core/${path}`, content);
  }
  let output = '';
  php.addEventListener('output', (event) => {
    output += event.detail.join('');
  });
  await php.run(AUTOLOAD);
  output = '';
  let last = Promise.resolve();
  judge = ({ id, door, question }) => {
    last = last
      .then(async () => {
        output = '';
        await php.writeFile('/question.json', question);
        await php.run(DOORS[door]);
        self.postMessage({ id, answer: output });
      })
      // One that cannot be answered holds up no other.
      .catch((problem) => self.postMessage({ id, answer: JSON.stringify({ failed: String(problem) }) }));
  };
  self.postMessage({ ready: bundle.version });
  waiting.splice(0).forEach(judge);
}

boot().catch((problem) => self.postMessage({ failed: String(problem) }));
