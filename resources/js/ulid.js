/** A ULID: sortable by the time of its making, by this browser's clock. */
export function ulid() {
  const letters = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
  let time = Date.now();
  let id = '';
  for (let i = 0; i < 10; i += 1) {
    id = letters[time % 32] + id;
    time = Math.floor(time / 32);
  }
  crypto.getRandomValues(new Uint8Array(16)).forEach((byte) => {
    id += letters[byte % 32];
  });
  return id;
}
