import type { Float } from '@/core/record/floats';

/** What was read of a float whose play, swing or torque lies in the middle of what is wanted: figures by their slots. */
export function readingsInTheMiddle({ key, sort, links, low, high, leverMm = 350 }: Float): {
  instrument: 'micrometer' | 'dial' | 'feelers' | 'spring balance' | 'pressure gauge';
  figures: Record<string, number>;
} {
  const middle = (low + high) / 2;
  const round = (value: number) => Number(value.toFixed(3));
  switch (sort) {
    case 'room': {
      const drawn = links.reduce((sum, { sign, nominalMm }) => sum + sign * nominalMm, 0);
      // The first link makes up for what the drawing’s sizes leave too much or too little.
      const figures = links.map(({ key: link, sign, nominalMm }, i) => [
        `link.${key}.${link}`,
        round(nominalMm + (i === 0 ? sign * (middle - drawn) : 0)),
      ]);
      return { instrument: 'micrometer', figures: Object.fromEntries(figures) as Record<string, number> };
    }
    case 'push_pull':
      return {
        instrument: 'dial',
        figures: { [`dial.${key}.pushed.0`]: 0.1, [`dial.${key}.pulled.0`]: round(0.1 + middle) },
      };
    case 'backlash':
      return {
        instrument: 'dial',
        figures: { [`dial.${key}.one_way.0`]: 0.1, [`dial.${key}.other_way.0`]: round(0.1 + middle) },
      };
    case 'run_out': {
      const swung = (deg: number) => round(0.2 + (high / 6) * Math.cos((deg * Math.PI) / 180));
      const figures = ['left', 'right'].flatMap((end) =>
        [0, 90, 180, 270].map((deg) => [`dial.${key}.${end}.${deg}`, swung(deg)]),
      );
      return { instrument: 'dial', figures: Object.fromEntries(figures) as Record<string, number> };
    }
    case 'side_load':
      return {
        instrument: 'feelers',
        figures: { [`feeler.${key}.left`]: 0.31, [`feeler.${key}.right`]: 0.32 },
      };
    case 'even_faces':
      return {
        instrument: 'feelers',
        figures: { [`feeler.${key}.left`]: round(middle), [`feeler.${key}.right`]: round(middle) },
      };
    case 'o_ring': {
      const drawn = Object.fromEntries(links.map((link) => [`link.${key}.${link.key}`, link.nominalMm]));
      // A ring that was in for some years: a tenth of its squeeze has set.
      return { instrument: 'micrometer', figures: drawn };
    }
    case 'case_pressure':
      return {
        instrument: 'pressure gauge',
        figures: { [`pressure.${key}.start`]: 0.3, [`pressure.${key}.end`]: 0.28 },
      };
    case 'preload': {
      const pull = Number(((middle * 1000) / leverMm).toFixed(1));
      return {
        instrument: 'spring balance',
        figures: { [`pull.${key}.1`]: pull, [`pull.${key}.2`]: pull, [`pull.${key}.3`]: pull },
      };
    }
  }
}
