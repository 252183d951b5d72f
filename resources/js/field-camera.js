// Looks through the camera until it sees a label. What it sees stays on the phone.
import { find } from './field-find.js';
import { decoded } from './field-scan.js';

const EVERY_MS = 250;
const SIDE = 800;

let stream = null;
let timer = null;

/** The page was left: the camera is off. */
export function letGo() {
  clearTimeout(timer);
  stream?.getTracks().forEach((track) => track.stop());
  stream = null;
}

async function look(app, video) {
  if (!video.isConnected || !stream) return;
  if (video.readyState >= HTMLMediaElement.HAVE_CURRENT_DATA) {
    const text = await decoded(video, video.videoWidth, video.videoHeight, SIDE);
    if (text !== null && video.isConnected) {
      // Of another's code the camera goes on to the next.
      if (find(app, text)) return;
    }
  }
  timer = setTimeout(() => look(app, video), EVERY_MS);
}

/** Drawn again the picture goes on where it was. */
export async function lookThrough(app, video) {
  clearTimeout(timer);
  try {
    if (!navigator.mediaDevices?.getUserMedia) throw new Error('no camera');
    stream ??= await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
    if (!video.isConnected) {
      letGo();
      return;
    }
    video.srcObject = stream;
    await video.play();
    await look(app, video);
  } catch {
    // Drawn again meanwhile it is another's to look through.
    if (!video.isConnected) return;
    letGo();
    video.hidden = true;
    document.getElementById('camera-says').textContent = app.say('no-camera');
  }
}
