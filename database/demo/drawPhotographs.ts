import sharp from 'sharp';
import type { JobFile } from '@/core/record/jobFile';

const WIDTH = 960;
const HEIGHT = 720;

/**
 * A picture such as a camera over the bench would take: a bearing in its bore on a wooden top, drawn, with a little of everything in
 * shade.
 */
function picture(caption: string, turnDeg: number): string {
  const [cx, cy, r] = [430 + (turnDeg % 80), 360, 210];
  const balls = Array.from({ length: 9 }, (_, i) => {
    const a = ((turnDeg + i * 40) * Math.PI) / 180;
    return `<circle cx="${cx + r * 0.72 * Math.cos(a)}" cy="${cy + r * 0.72 * Math.sin(a)}" r="${r * 0.14}" fill="url(#ball)"/>`;
  });
  const planks = Array.from(
    { length: 7 },
    (_, i) =>
      `<rect y="${i * 110}" width="${WIDTH}" height="106" fill="hsl(28 ${22 + (i % 3) * 4}% ${38 + (i % 2) * 4}%)"/>`,
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}"><defs>
    <radialGradient id="ball" cx="0.35" cy="0.3"><stop offset="0" stop-color="#fff"/><stop offset="1" stop-color="#6b7378"/></radialGradient>
    <linearGradient id="cast" x1="0" y1="0" x2="1" y2="1"><stop offset="0" stop-color="#c9ccca"/><stop offset="1" stop-color="#7c8486"/></linearGradient>
  </defs>${planks.join('')}
  <path d="M${cx - 330} ${cy + 260} Q${cx - 380} ${cy - 60} ${cx - 180} ${cy - 300} L${cx + 220} ${cy - 290} Q${cx + 400} ${cy - 80} ${cx + 330} ${cy + 270} Z" fill="url(#cast)" stroke="#4c5459" stroke-width="5"/>
  <circle cx="${cx}" cy="${cy}" r="${r * 1.18}" fill="#aeb4b4" stroke="#5d6569" stroke-width="4"/><circle cx="${cx}" cy="${cy}" r="${r}" fill="#e2e5e3" stroke="#3b4246" stroke-width="4"/>
  <circle cx="${cx}" cy="${cy}" r="${r * 0.86}" fill="#5b6266"/>${balls.join('')}<circle cx="${cx}" cy="${cy}" r="${r * 0.58}" fill="#d5d9d7" stroke="#3b4246" stroke-width="4"/><circle cx="${cx}" cy="${cy}" r="${r * 0.42}" fill="#22272a"/>
  <text x="${WIDTH - 30}" y="${HEIGHT - 26}" font-family="sans-serif" font-size="26" text-anchor="end" fill="#fff" opacity="0.9">${caption.replaceAll('&', 'and')}</text></svg>`;
}

/** Fills in the demo's photographs: drawn here, so that no real thing and nobody's picture is in them. */
export const drawPhotographs = (files: readonly JobFile[]): Promise<JobFile[]> =>
  Promise.all(
    files.map(async (file, k) => ({
      ...file,
      photographs: await Promise.all(
        file.photographs.map(async (photograph, i) => {
          const jpeg = await sharp(Buffer.from(picture(photograph.caption, k * 31 + i * 17)))
            .jpeg({ quality: 78 })
            .toBuffer();
          return {
            ...photograph,
            widthPx: WIDTH,
            heightPx: HEIGHT,
            bytes: jpeg.length,
            jpegBase64: jpeg.toString('base64'),
          };
        }),
      ),
    })),
  );
