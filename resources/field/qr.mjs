// QR codes of the texts given as JSON on standard input, as SVG, in their order.
import { readFileSync } from 'node:fs';
import QRCode from 'qrcode';

const texts = JSON.parse(readFileSync(0, 'utf8'));
const codes = await Promise.all(
  texts.map((text) => QRCode.toString(text, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' })),
);
process.stdout.write(JSON.stringify(codes));
