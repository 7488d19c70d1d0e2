import { judgedOf, USUAL_LEVER_MM } from '@/core/job/floatResult';
import { type FloatView } from '@/core/job/floatView';
import { asText, showForce, showPressure, showSize, type Units } from '@/core/quantity/format';
import type { Scene } from '@/ui/drawing/scene';
import { sayFigure, sayFloat, STATE_WORDS } from '@/ui/words/floats';
import { buildBand, type BandRow } from './buildBand';
import { buildChain, type ChainPiece } from './buildChain';
import { PICTURE_PX, pictureOf } from './floatPictures';

const CHAIN_TOP_PX = 42;
const BAND_BELOW_CHAIN_PX = 204;

const STATE_TONES = { cold_start: 'cold', bench: 'ink', warm_up: 'heat', running: 'heat' } as const;

function rowsOf(view: FloatView, units: Units): BandRow[] {
  const { result } = view;
  const row = (
    id: string,
    words: string,
    value: BandRow['value'],
    tone: BandRow['tone'] = 'ink',
  ): BandRow => ({
    id,
    words,
    figure: sayFigure(view, value.value, units),
    value,
    tone,
  });
  switch (result.sort) {
    case 'room':
      return result.room.states.map(({ state, roomMm }) =>
        row(state, STATE_WORDS[state], roomMm, STATE_TONES[state]),
      );
    case 'run_out':
      return (['left', 'right'] as const).flatMap((side) => {
        const turned = result[side];
        return turned ? [row(side, `${side} end, its swing`, turned.tirMm)] : [];
      });
    case 'side_load':
      return result.gapsMm && result.move
        ? [
            row('left', 'left of the web', result.gapsMm.left),
            row('right', 'right of the web', result.gapsMm.right),
            row('move', `off the middle, move ${result.move.toward}`, result.move.mm),
          ]
        : [];
    case 'even_faces':
      return result.proudMm
        ? [
            row('left', 'left, standing out', result.proudMm.left),
            row('right', 'right, standing out', result.proudMm.right),
          ]
        : [];
    case 'o_ring':
      return judgedOf(result).map((value) => row('found', 'its squeeze', value));
    case 'case_pressure':
      return judgedOf(result).map((value) => row('found', 'lost', value));
    case 'preload':
    case 'push_pull':
    case 'backlash':
      return judgedOf(result).map((value) => row('found', 'found', value));
  }
}

/** The chain as it lies, with the shims that are in; what is not read is drawn open. */
function piecesOf({ result, done }: FloatView, units: Units): ChainPiece[] {
  if (result.sort !== 'room') return [];
  const size = (mm: number) => asText(showSize(mm, units, 2));
  const links = result.links.map(({ key, name, sign, mm, isRead }) => ({
    id: key,
    name,
    figure: size(mm.value),
    mm: mm.value,
    sign,
    isRead,
  }));
  const shims = [...(done.shims?.leftMm ?? []), ...(done.shims?.rightMm ?? [])];
  const shimsMm = shims.reduce((sum, mm) => sum + mm, 0);
  return shims.length === 0
    ? links
    : [
        ...links,
        {
          id: 'shims',
          name: shims.length === 1 ? 'shim' : `${shims.length} shims`,
          figure: size(shimsMm),
          mm: shimsMm,
          sign: -1,
          isRead: true,
        },
      ];
}

/** A float as it is drawn: its chain in proportion or a sketch of it above, what is wanted as a band below, and what was found in it. */
export function drawFloat(view: FloatView, units: Units, size: { width: number; height: number }): Scene {
  const { float, low, high, result } = view;
  const { headline, reason } = sayFloat(view, units);
  const isChain = result.sort === 'room';
  const read = (value: number) =>
    (result.sort === 'preload'
      ? showForce(value, units)
      : result.sort === 'case_pressure'
        ? showPressure(value, units)
        : showSize(value, units, 2)
    ).figure;
  return {
    ...size,
    description: `${float.name}: ${headline}. ${reason}`,
    marks: [
      ...buildChain(piecesOf(view, units), { width: size.width, topPx: CHAIN_TOP_PX }),
      ...pictureOf(view, { read, lever: asText(showSize(float.leverMm ?? USUAL_LEVER_MM, units, 0)) }),
      ...buildBand({
        width: size.width,
        topPx: isChain ? BAND_BELOW_CHAIN_PX : PICTURE_PX,
        low,
        high,
        lowWords: sayFigure(view, low, units),
        highWords: sayFigure(view, high, units),
        rows: rowsOf(view, units),
      }),
    ],
  };
}
