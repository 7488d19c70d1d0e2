import type { SeatId } from '@/core/record/ids';
import { useId } from 'react';
import type { Casting, CastingMap, Seat } from '@/core/record/job';
import { MarkGlyph, MARK_WORDS, type MarkName } from '@/ui/marks/StateMark';
import { token } from '@/ui/theme/tokens';
import { castingOutlinePath } from './castingOutline';
import { placeSeats, type Face, type PlacedSeat } from './placeSeats';

export type SeatOnMap = {
  seatId: SeatId;
  seatMark: MarkName;
  partMark: MarkName | null;
  isSelected?: boolean;
};

/** Smallest hit area of a seat, px, whatever its drawn size. */
const HIT_PX = 48;

/** Large enough to be read, small enough to leave the bore around it visible. */
const markSizeMm = (seat: Seat, px: (n: number) => number) =>
  Math.min(Math.max((seat.spec.part.outsideMm / 2) * 1.5, px(18)), px(44));

/** A seat that shares its place with another has its mark in a small ring on that one's rim, px. */
const BESIDE_PX = 24;

/** Centre of a seat on the screen (mm, y down). Those beside another stand round its rim, from the upper right on. */
function centreOf(
  { xMm, yMm, how, slot }: PlacedSeat,
  placed: readonly PlacedSeat[],
  px: (n: number) => number,
): [number, number] {
  if (how !== 'beside') return [xMm, -yMm];
  const host = placed.find((each) => each.how !== 'beside' && each.xMm === xMm && each.yMm === yMm)!;
  const r = host.seat.spec.part.outsideMm / 2 + px(BESIDE_PX * 0.2);
  const a = ((45 - slot * 60) * Math.PI) / 180;
  return [xMm + r * Math.cos(a), -yMm - r * Math.sin(a)];
}

/** All in one: a bench of many castings is drawn at once. */
const ribsPath = ({ ribs }: CastingMap) =>
  ribs.map(([[x1, y1], [x2, y2]]) => `M${x1} ${-y1}L${x2} ${-y2}`).join('');
const circlesPath = (centres: CastingMap['bolts'], r: number) =>
  centres.map(([x, y]) => `M${x - r} ${-y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`).join('');

type Props = {
  casting: Casting;
  seats: readonly SeatOnMap[];
  pxPerMm: number;
  isHot: boolean;
  face?: Face;
  onPick?: (seatId: SeatId) => void;
};

/** A casting from its working face, to scale: outline, ribs, bolts, bosses, and at every seat its state. Origin at its foot. */
export function CastingDrawing({ casting, seats, pxPerMm, isHot, face = 'front', onPick }: Props) {
  const ids = useId();
  const { map, placed } = placeSeats(
    { ...casting, seats: casting.seats.filter(({ id }) => seats.some(({ seatId }) => seatId === id)) },
    face,
  );
  const px = (n: number) => n / pxPerMm;
  const ground = isHot ? token('heatLight') : token('plate');
  const hatchColour = isHot ? token('heat') : token('mid');
  return (
    <g transform={`scale(${pxPerMm})`}>
      <Hatches ids={ids} px={px} isHot={isHot} hatchColour={hatchColour} map={map} />
      <path d={castingOutlinePath(map)} fill={ground} />
      <path d={castingOutlinePath(map)} fill={`url(#${ids}-face)`} />
      <g clipPath={`url(#${ids}-clip)`}>
        <path d={castingOutlinePath(map)} fill="none" stroke={token('ink')} strokeWidth={px(20)} />
        <path
          d={castingOutlinePath(map)}
          fill="none"
          stroke={isHot ? token('heatLight') : token('plate')}
          strokeWidth={px(17.5)}
        />
      </g>
      <g strokeLinecap="round" fill="none">
        <path d={ribsPath(map)} stroke={token('ink')} strokeWidth={px(8)} />
        <path d={ribsPath(map)} stroke={ground} strokeWidth={px(5.4)} />
      </g>
      <path d={castingOutlinePath(map)} fill="none" stroke={token('ink')} strokeWidth={px(2.6)} />
      <path
        d={circlesPath(map.bolts, px(6.4))}
        fill={token('plate')}
        stroke={token('ink')}
        strokeWidth={px(1.5)}
      />
      <path d={circlesPath(map.bolts, px(2.1))} fill={token('ink')} />
      {placed.map((each) => {
        const { seat, how } = each;
        const state = seats.find(({ seatId }) => seatId === seat.id);
        const boreR = seat.spec.part.outsideMm / 2;
        const bearing = state?.partMark ? `, bearing ${MARK_WORDS[state.partMark]}` : '';
        const label = `${seat.name}: ${state ? MARK_WORDS[state.seatMark] : ''}${bearing}`;
        const [x, y] = centreOf(each, placed, px);
        return (
          <SeatPlace
            key={seat.id}
            seat={seat}
            x={x}
            y={y}
            onPick={onPick}
            label={label}
            state={state}
            how={how}
            px={px}
            ground={ground}
            boreR={boreR}
          />
        );
      })}
      <SeatMarks placed={placed} seats={seats} px={px} />
    </g>
  );
}

type HatchesProps = {
  ids: string;
  px: (n: number) => number;
  isHot: boolean;
  hatchColour: string;
  map: CastingMap;
};

function Hatches({ ids, px, isHot, hatchColour, map }: HatchesProps) {
  return (
    <defs>
      <pattern
        id={`${ids}-face`}
        patternUnits="userSpaceOnUse"
        width={px(7)}
        height={px(6)}
        patternTransform={isHot ? 'rotate(-45)' : undefined}
      >
        <line
          x1="0"
          x2={px(7)}
          y1={px(3)}
          y2={px(3)}
          stroke={hatchColour}
          strokeWidth={px(isHot ? 1.6 : 1)}
          opacity={isHot ? 0.75 : 0.7}
        />
      </pattern>
      <clipPath id={`${ids}-clip`}>
        <path d={castingOutlinePath(map)} />
      </clipPath>
    </defs>
  );
}

type SeatPlaceProps = {
  seat: Seat;
  x: number;
  y: number;
  onPick: ((seatId: SeatId) => void) | undefined;
  label: string;
  state: SeatOnMap | undefined;
  how: 'full' | 'seen_through' | 'beside';
  px: (n: number) => number;
  ground: string;
  boreR: number;
};

/** One seat: its boss, its bore and its state. */
function SeatPlace({ seat, x, y, onPick, label, state, how, px, ground, boreR }: SeatPlaceProps) {
  return (
    <g
      transform={`translate(${x} ${y})`}
      data-seat={seat.id}
      {...(onPick && {
        role: 'button',
        tabIndex: 0,
        'aria-label': label,
        'aria-pressed': state?.isSelected ?? false,
        style: { cursor: 'pointer' },
        onClick: () => onPick(seat.id),
        onKeyDown: (event: React.KeyboardEvent) => {
          if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            onPick(seat.id);
          }
        },
      })}
    >
      {how === 'beside' ? (
        <circle
          r={px(BESIDE_PX / 2)}
          fill={token('plate')}
          stroke={token('ink')}
          strokeWidth={px(state?.isSelected ? 4 : 1.5)}
        />
      ) : (
        <>
          <circle
            r={seat.spec.housing.bossOutsideMm / 2}
            fill={ground}
            stroke={token('ink')}
            strokeWidth={px(1.6)}
            {...(how === 'seen_through' && { strokeDasharray: `${px(7)} ${px(4)}` })}
          />
          <circle
            r={boreR}
            fill={token('plate')}
            stroke={token('ink')}
            strokeWidth={px(state?.isSelected ? 5 : 1.8)}
            {...(how === 'seen_through' && { strokeDasharray: `${px(7)} ${px(4)}` })}
          />
          {onPick && <circle r={Math.max(px(HIT_PX / 2), boreR)} fill="transparent" />}
        </>
      )}
    </g>
  );
}

type SeatMarksProps = {
  placed: PlacedSeat[];
  seats: readonly SeatOnMap[];
  px: (n: number) => number;
};

/** State of seat and part, over everything else. */
function SeatMarks({ placed, seats, px }: SeatMarksProps) {
  return (
    <g pointerEvents="none">
      {placed.map((each) => {
        const state = seats.find(({ seatId }) => seatId === each.seat.id);
        const isBeside = each.how === 'beside';
        const markSize = isBeside ? px(BESIDE_PX * 0.72) : markSizeMm(each.seat, px);
        const [x, y] = centreOf(each, placed, px);
        return (
          state && (
            <g key={each.seat.id} transform={`translate(${x} ${y})`}>
              <MarkGlyph name={state.seatMark} size={markSize} />
              {state.partMark && !isBeside && (
                <g transform={`translate(${markSize * 0.66} ${markSize * 0.66})`}>
                  <circle r={px(10)} fill={token('plate')} />
                  <MarkGlyph name={state.partMark} size={px(17)} />
                </g>
              )}
            </g>
          )
        );
      })}
    </g>
  );
}
