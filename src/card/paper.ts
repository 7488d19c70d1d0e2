import { Font } from '@react-pdf/renderer';
import { join } from 'node:path';

/** The face of the card, as cuts of their own: a variable face can't be set in a PDF. */
export const CARD_FONT = 'Archivo';

const fileOf = (weight: number) =>
  join(process.cwd(), `node_modules/@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`);

let isRegistered = false;

/** Makes the face known, once. */
export function registerFaces(): void {
  if (isRegistered) return;
  Font.register({
    family: CARD_FONT,
    fonts: [400, 700].map((weight) => ({ src: fileOf(weight), fontWeight: weight })),
  });
  // Words stay whole: a hyphen in a designation would be another number.
  Font.registerHyphenationCallback((word) => [word]);
  isRegistered = true;
}

/** Signs that the face has not, by ones that it has. */
export const onPaper = (words: string): string =>
  words
    .replaceAll('⌀', 'Ø')
    .replace(/≤\s*/g, 'at most ')
    .replace(/≥\s*/g, 'at least ')
    .replaceAll('→', '–')
    .replaceAll('\u202f', '\u00a0');
