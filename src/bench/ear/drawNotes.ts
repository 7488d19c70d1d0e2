import { BAND_EDGES_HZ, BANDS, type Blow } from '@/core/ear/blows';
import { CHANGED_FROM, FIRST_BLOWS, type Note } from '@/core/ear/noteChange';
import { box, rule, text } from '@/ui/drawing/marks';
import type { Scene, SceneMark } from '@/ui/drawing/scene';

/**
 * What is heard, side by side: the spectrum and the dying away of the first blows and of the last one, and below how far each blow lies
 * from the first.
 */
export const DRAWN = { width: 560, height: 470 } as const;

const FLOOR_DB = -40;
const PANEL = { top: 34, bottom: 170 } as const;
const FALL = { top: 200, bottom: 246 } as const;
const BLOWS = { top: 306, bottom: 436 } as const;
/** So many times what they vary by is as high as is drawn. */
const MOST_APART = 5;
const MOST_BLOWS = 24;
/** The window of the dying away, s, and how far down it is drawn, dB. */
const FALL_S = 0.1;
const FALL_DB = 60;

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

type Side = {
  id: 'first' | 'last';
  left: number;
  words: string;
  bandsDb: readonly number[];
  fallDbS: number;
};

/** A band’s bars, and a straight fall in dB. */
function sideMarks({ id, left, words, bandsDb, fallDbS }: Side): SceneMark[] {
  const width = 250;
  const step = width / BANDS;
  const solid = { tone: 'ink', line: 'none' } as const;
  const high = PANEL.bottom - PANEL.top;
  const down = Math.min(FALL_DB, fallDbS * FALL_S) / FALL_DB;
  return [
    text(`${id}-words`, left, 20, words, { anchor: 'start', size: 18, isBold: true }),
    ...bandsDb.map((db, i) =>
      box(
        `${id}-band-${i}`,
        [left + i * step + 1, left + (i + 1) * step - 1],
        [PANEL.bottom - Math.max(2, high * (1 - db / FLOOR_DB)), PANEL.bottom],
        solid,
      ),
    ),
    rule(
      `${id}-floor`,
      [
        [left, PANEL.bottom + 1],
        [left + width, PANEL.bottom + 1],
      ],
      'outline',
    ),
    rule(
      `${id}-fall`,
      [
        [left, FALL.top],
        [left + width, FALL.top + down * (FALL.bottom - FALL.top)],
      ],
      'outline',
      'end',
    ),
    text(`${id}-fall-words`, left + width, FALL.bottom + 14, `dies away ${Math.round(fallDbS)} dB/s`, {
      anchor: 'end',
      size: 15,
      tone: 'steel',
    }),
  ];
}

/** One stroke a blow: how far it lies from the first ones; above the line it sounds otherwise. */
function blowMarks({ apart, changedAt }: Note): SceneMark[] {
  const shown = apart.slice(-MOST_BLOWS);
  const before = apart.length - shown.length;
  const step = 516 / Math.max(9, shown.length);
  const y = (times: number) =>
    BLOWS.bottom - (Math.min(times, MOST_APART) / MOST_APART) * (BLOWS.bottom - BLOWS.top);
  return [
    rule(
      'blows-floor',
      [
        [20, BLOWS.bottom],
        [540, BLOWS.bottom],
      ],
      'outline',
    ),
    rule(
      'changed-from',
      [
        [20, y(CHANGED_FROM)],
        [540, y(CHANGED_FROM)],
      ],
      'hidden',
    ),
    text('changed-words', 20, y(CHANGED_FROM) - 8, 'otherwise from here', {
      anchor: 'start',
      size: 15,
      tone: 'steel',
    }),
    ...shown.flatMap((times, i): SceneMark[] => {
      const blow = before + i + 1;
      const left = 22 + i * step;
      const isOtherwise = changedAt !== null && blow >= changedAt;
      return [
        box(
          `blow-${blow}`,
          [left, left + Math.min(30, step - 6)],
          [Math.min(y(times), BLOWS.bottom - 3), BLOWS.bottom],
          isOtherwise ? { tone: 'ink', line: 'none' } : { hatch: 'rising' },
        ),
        text(`blow-${blow}-number`, left + Math.min(30, step - 6) / 2, BLOWS.bottom + 20, String(blow), {
          size: 16,
          isBold: isOtherwise,
        }),
      ];
    }),
  ];
}

const asHz = (hz: number) => (hz < 1000 ? `${Math.round(hz)} Hz` : `${(hz / 1000).toFixed(1)} kHz`);

export function drawNotes(blows: readonly Blow[], note: Note, says: string): Scene {
  const first = blows.slice(0, FIRST_BLOWS);
  const last = blows.at(-1);
  const sides: Side[] =
    first.length > 0 && last
      ? [
          {
            id: 'first',
            left: 20,
            words: first.length > 1 ? `the first ${first.length}` : 'the first',
            bandsDb: last.bandsDb.map((_, i) => mean(first.map(({ bandsDb }) => bandsDb[i]!))),
            fallDbS: mean(first.map(({ fallDbS }) => fallDbS)),
          },
          {
            id: 'last',
            left: 290,
            words: `blow ${blows.length}`,
            bandsDb: last.bandsDb,
            fallDbS: last.fallDbS,
          },
        ]
      : [];
  return {
    ...DRAWN,
    description: says,
    marks: [
      ...sides.flatMap(sideMarks),
      text('from-hz', 20, PANEL.bottom + 18, asHz(BAND_EDGES_HZ[0]!), {
        anchor: 'start',
        size: 15,
        tone: 'steel',
      }),
      text('to-hz', 270, PANEL.bottom + 18, asHz(BAND_EDGES_HZ.at(-1)!), {
        anchor: 'end',
        size: 15,
        tone: 'steel',
      }),
      text('blows-words', 20, BLOWS.top - 10, 'how far each blow lies from the first ones', {
        anchor: 'start',
        size: 18,
        isBold: true,
      }),
      ...blowMarks(note),
    ],
  };
}
