// Signing out takes along what the field sheet keeps in this browser; what is not sent yet is asked about first.
const PREFIX = 'marjoram-field-';

const open = (name) =>
  new Promise((resolve) => {
    const asked = indexedDB.open(name);
    asked.onsuccess = () => resolve(asked.result);
    asked.onerror = () => resolve(null);
  });

const countTaps = (db) =>
  new Promise((resolve) => {
    if (!db?.objectStoreNames.contains('taps')) {
      resolve(0);
      return;
    }
    const asked = db.transaction('taps').objectStore('taps').count();
    asked.onsuccess = () => resolve(asked.result);
    asked.onerror = () => resolve(0);
  });

async function held() {
  const all = (await indexedDB.databases?.()) ?? [];
  return all.map((one) => one.name).filter((name) => name?.startsWith(PREFIX));
}

document.addEventListener('submit', async (event) => {
  const form = event.target;
  if (!('signOut' in form.dataset) || form.dataset.asked) return;
  event.preventDefault();
  const names = await held().catch(() => []);
  let waiting = 0;
  for (const name of names) {
    const db = await open(name);
    waiting += await countTaps(db);
    db?.close();
  }
  if (waiting > 0 && !window.confirm(form.dataset.signOut)) {
    // As it was before: what is being sent cannot be pressed twice.
    form.querySelectorAll('button').forEach((button) => {
      button.disabled = false;
    });
    return;
  }
  names.forEach((name) => indexedDB.deleteDatabase(name));
  localStorage.removeItem('marjoram.field.who');
  form.dataset.asked = '1';
  form.submit();
});
