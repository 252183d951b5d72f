// The code on a label, out of a photograph of it, and what the code means here.
const SIDE = 1200;

const loadDecoder = () =>
  window.jsQR
    ? Promise.resolve(window.jsQR)
    : new Promise((resolve, reject) => {
        const script = document.createElement('script');
        script.src = `/build/jsqr.js?${document.documentElement.dataset.build}`;
        script.onload = () => resolve(window.jsQR);
        script.onerror = reject;
        document.head.append(script);
      });

function drawn(picture, width, height, side) {
  const scale = Math.min(1, side / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  canvas.getContext('2d', { willReadFrequently: true }).drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas;
}

/** What the label in a picture, or in what the camera sees, says; null where none can be read. */
export async function decoded(picture, width, height, side) {
  const decode = await loadDecoder();
  const canvas = drawn(picture, width, height, side);
  const pixels = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
  return decode(pixels.data, pixels.width, pixels.height)?.data ?? null;
}

export async function readLabel(file) {
  const picture = await createImageBitmap(file);
  return decoded(picture, picture.width, picture.height, SIDE);
}

/** A photograph small enough to be kept and sent: JPEG in base64. */
export async function smallPhoto(file) {
  const picture = await createImageBitmap(file);
  const canvas = drawn(picture, picture.width, picture.height, 1280);
  return canvas.toDataURL('image/jpeg', 0.72).split(',')[1];
}

/** Ids are the same in capitals. */
export const isSame = (one, other) => one.toLowerCase() === other.toLowerCase();

/** {operation, kind, id} of one of our labels, or null. */
export function readCode(text) {
  const found = text.match(/\/field#\/q\/([0-9a-z]{26})\/([hbk])\/([0-9a-z]{26})$/i);
  return found ? { operation: found[1], kind: found[2], id: found[3] } : null;
}
