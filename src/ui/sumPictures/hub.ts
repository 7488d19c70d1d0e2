import type { SceneMark } from '@/ui/drawing/scene';
import { box, rule, text } from '@/ui/drawing/marks';
import { numberIn, say, type PictureInput } from './sumInput';

/** How far an inner race stands pushed outward where the spacer was nipped, drawn large. */
const OUTWARD_PX = 12;
const RACE_PX = 46;

type Row = { id: string; top: number; title: string; outwardPx: number; shortBy: string; isAsked: boolean };

/** Two bearings in their hub, the spacer between their inner races, and which way a clamped axle lets them give. */
function hubRow({ id, top, title, outwardPx, shortBy, isAsked }: Row, width: number): SceneMark[] {
  const [left, right] = [150, width - 190];
  const hub = [top + 24, top + 44] as const;
  const outer = [top + 44, top + 62] as const;
  const inner = [top + 72, top + 90] as const;
  const spacer = [top + 74, top + 88] as const;
  const inside = { left: left + RACE_PX - outwardPx, right: right - RACE_PX + outwardPx };
  const y = top + 104;
  return [
    text(`${id}-title`, 0, top + 14, title, { anchor: 'start', isBold: isAsked, size: 18 }),
    box(`${id}-hub`, [left - 10, right + 10], hub, { hatch: 'rising' }),
    box(`${id}-outer-left`, [left, left + RACE_PX], outer, { hatch: 'falling' }),
    box(`${id}-outer-right`, [right - RACE_PX, right], outer, { hatch: 'falling' }),
    box(`${id}-inner-left`, [left - outwardPx, left + RACE_PX - outwardPx], inner, { hatch: 'falling' }),
    box(`${id}-inner-right`, [right - RACE_PX + outwardPx, right + outwardPx], inner, { hatch: 'falling' }),
    box(`${id}-spacer`, [inside.left, inside.right], spacer, { tone: 'cold' }),
    rule(
      `${id}-give-left`,
      [
        [left - 40, y],
        [left + 6, y],
      ],
      'outline',
      'end',
    ),
    rule(
      `${id}-give-right`,
      [
        [right + 40, y],
        [right - 6, y],
      ],
      'outline',
      'end',
    ),
    text(`${id}-short`, (left + right) / 2, y + 8, `may be short by ${shortBy}`, {
      isBold: isAsked,
      size: isAsked ? 22 : 18,
    }),
  ];
}

/** A hub’s spacer from the middle of the races’ play, and from the nip: the one that is asked for stands bold. */
export function hubPicture({ inputs, answers, units, width, height }: PictureInput): SceneMark[] {
  const shortBy = (name: string) => say(Math.max(0, numberIn(answers, name)!), 'fit_mm', units);
  const half = height / 2;
  return [
    ...hubRow(
      {
        id: 'middle',
        top: 16,
        title: 'From the middle: each gives half its play',
        outwardPx: 0,
        shortBy: shortBy('from_middle_mm'),
        isAsked: inputs.from !== 'nip',
      },
      width,
    ),
    rule(
      'between',
      [
        [0, half],
        [width, half],
      ],
      'thin',
    ),
    ...hubRow(
      {
        id: 'nip',
        top: half + 16,
        title: 'From the nip: each gives all of its play',
        outwardPx: OUTWARD_PX,
        shortBy: shortBy('from_nip_mm'),
        isAsked: inputs.from === 'nip',
      },
      width,
    ),
  ];
}
