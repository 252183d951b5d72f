// The core's own PHP on the phone: PHP compiled to WebAssembly judges hives' sheets, one after the other.
// Nothing that is entered becomes code: a sheet goes in as a file, its answer comes out as text.
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
const ANSWER = `<?php echo (new Marjoram\\Core\\Sheet\\HiveSheet)->answer((string) file_get_contents('/sheet.json'));`;

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
  judge = ({ id, sheet }) => {
    last = last.then(async () => {
      output = '';
      await php.writeFile('/sheet.json', sheet);
      await php.run(ANSWER);
      self.postMessage({ id, answer: output });
    });
  };
  self.postMessage({ ready: bundle.version });
  waiting.splice(0).forEach(judge);
}

boot().catch((problem) => self.postMessage({ failed: String(problem) }));
