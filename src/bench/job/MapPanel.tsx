'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from '@/ui/parts/Link';
import { usePathname, useRouter } from 'next/navigation';
import { memo, useState } from 'react';
import { useFromJob } from '@/bench/record/JobProvider';
import type { SeatMarkState } from '@/bench/record/seatMarkStates';
import { CastingDrawing } from '@/ui/drawing/CastingDrawing';
import { castingExtentMm } from '@/ui/drawing/castingOutline';
import type { Face } from '@/ui/drawing/placeSeats';
import { MARK_WORDS, StateMark } from '@/ui/marks/StateMark';
import { token, TYPE } from '@/ui/theme/tokens';
import { partMark, seatMark } from '@/ui/words/states';
import { Quiet } from '@/ui/parts/text';
import type { Seat, Casting } from '@/core/record/job';
import type { SeatState, PartState } from '@/core/job/seatView';

const WIDTH = 286;
const HEIGHT = 222;

/** The casting's map with every seat's state; a seat is picked on the map or in the list. Other castings of the job by their name. */
export const MapPanel = memo(function MapPanel({ seatId }: { seatId: SeatId }) {
  const jobId = useFromJob(({ record }) => record.id);
  const castings = useFromJob(({ record }) => record.castings);
  const marks = useFromJob(({ marks: all }) => all);
  const router = useRouter();
  const stepPath = usePathname().split('/').at(-1) ?? 'measure';
  const [turned, setTurned] = useState<{ seatId: SeatId; face: Face } | null>(null);
  const casting = castings.find(({ seats }) => seats.some(({ id }) => id === seatId))!;
  const views = marks.filter((mark) => mark.casting.id === casting.id);
  // The face of the picked seat is up, until it is turned over by hand.
  const face =
    turned?.seatId === seatId
      ? turned.face
      : (casting.seats.find(({ id }) => id === seatId)?.face ?? 'front');
  const hasBack = views.some(({ seat }) => seat.face === 'back');
  const { minXMm, widthMm, heightMm } = castingExtentMm(casting.map);
  const pxPerMm = Math.min((WIDTH - 8) / widthMm, (HEIGHT - 8) / heightMm);
  const go = (id: string) => router.push(`/jobs/${jobId}/${id}/${stepPath}`);
  return (
    <Box>
      {castings.length > 1 && (
        <Box role="tablist" aria-label="Castings" sx={{ display: 'flex', gap: 2, mb: 0.5 }}>
          {castings.map((each) => (
            <CastingTab key={each.id} each={each} casting={casting} go={go} />
          ))}
        </Box>
      )}
      <CastingMap
        heightMm={heightMm}
        pxPerMm={pxPerMm}
        casting={casting}
        minXMm={minXMm}
        face={face}
        views={views}
        go={go}
        seatId={seatId}
      />
      {hasBack && (
        <Quiet
          sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', fontSize: TYPE.fine }}
        >
          {face === 'front' ? 'working face' : 'back, as seen from behind'}
          <Button
            variant="text"
            onClick={() => setTurned({ seatId, face: face === 'front' ? 'back' : 'front' })}
            sx={{ minHeight: 48, fontSize: TYPE.small, px: 0 }}
          >
            Turn it over
          </Button>
        </Quiet>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 0.5, p: 0 }}>
        {views.map(({ seat, seatState, partState }) => (
          <SeatLink
            key={seat.id}
            seat={seat}
            go={go}
            seatId={seatId}
            seatState={seatState}
            partState={partState}
          />
        ))}
      </Box>
      <Button
        variant="text"
        component={Link}
        href={`/jobs/${jobId}/${seatId}/set-up`}
        sx={{ px: 0, minHeight: 48, fontSize: TYPE.small }}
      >
        Set up this job
      </Button>
    </Box>
  );
});

type CastingTabProps = {
  each: Casting;
  casting: Casting;
  go: (id: string) => void;
};

/** One half or casting, to turn to. */
function CastingTab({ each, casting, go }: CastingTabProps) {
  return (
    <Box
      component="button"
      role="tab"
      aria-selected={each.id === casting.id}
      onClick={() => go(each.seats[0]!.id)}
      sx={{
        all: 'unset',
        cursor: 'pointer',
        minHeight: 48,
        display: 'flex',
        alignItems: 'center',
        fontSize: TYPE.lead,
        fontWeight: each.id === casting.id ? 750 : 500,
        color: each.id === casting.id ? token('ink') : token('steel'),
        borderBottom: `3px solid ${each.id === casting.id ? token('ink') : 'transparent'}`,
        '&:focus-visible': { outline: `3px solid ${token('cold')}` },
      }}
    >
      {each.name}
    </Box>
  );
}

type CastingMapProps = {
  heightMm: number;
  pxPerMm: number;
  casting: Casting;
  minXMm: number;
  face: Face;
  views: readonly SeatMarkState[];
  go: (id: string) => void;
  seatId: SeatId;
};

/** The casting to scale with the state of each seat. */
function CastingMap({ heightMm, pxPerMm, casting, minXMm, face, views, go, seatId }: CastingMapProps) {
  const heightPx = Math.min(HEIGHT, heightMm * pxPerMm + 8);
  return (
    <svg
      width={WIDTH}
      height={heightPx}
      viewBox={`0 0 ${WIDTH} ${heightPx}`}
      role="group"
      aria-label={`Map of the ${casting.name}`}
      // A scroll bar beside it makes it smaller, not cut off.
      style={{ display: 'block', maxWidth: '100%', height: 'auto' }}
    >
      <g transform={`translate(${4 - minXMm * pxPerMm} ${heightMm * pxPerMm + 4})`}>
        <CastingDrawing
          casting={casting}
          pxPerMm={pxPerMm}
          face={face}
          isHot={views.some(({ isHot }) => isHot)}
          onPick={go}
          seats={views.map(({ seat, seatState, partState }) => ({
            seatId: seat.id,
            seatMark: seatMark(seatState),
            partMark: partMark(partState),
            isSelected: seat.id === seatId,
          }))}
        />
      </g>
    </svg>
  );
}

type SeatLinkProps = {
  seat: Seat;
  go: (id: string) => void;
  seatId: SeatId;
  seatState: SeatState;
  partState: PartState;
};

/** A seat by name, with what it is and how far it is. */
function SeatLink({ seat, go, seatId, seatState, partState }: SeatLinkProps) {
  return (
    <Box component="li">
      <Box
        component="button"
        onClick={() => go(seat.id)}
        aria-current={seat.id === seatId || undefined}
        sx={{
          all: 'unset',
          boxSizing: 'border-box',
          width: '100%',
          cursor: 'pointer',
          minHeight: 29,
          display: 'flex',
          alignItems: 'center',
          gap: 1,
          fontSize: TYPE.small,
          borderLeft: `5px solid ${seat.id === seatId ? token('ink') : 'transparent'}`,
          pl: 1,
          '&:focus-visible': { outline: `3px solid ${token('cold')}` },
          '@media (pointer: coarse)': { minHeight: 48 },
        }}
      >
        <StateMark name={seatMark(seatState)} size={22} />
        <b>{seat.name}</b>
        <Box component="span" sx={{ color: token('steel') }}>
          {MARK_WORDS[seatMark(seatState)]}
        </Box>
        {partMark(partState) && (
          <>
            <StateMark name="cold" size={18} />
            <Box component="span" sx={{ color: token('cold') }}>
              cold
            </Box>
          </>
        )}
      </Box>
    </Box>
  );
}
