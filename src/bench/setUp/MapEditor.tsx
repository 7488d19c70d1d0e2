'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type MouseEvent } from 'react';
import { oneSeat } from '@/core/job/kinds/oneSeat';
import { asText, showSize } from '@/core/quantity/format';
import type { Casting, Seat } from '@/core/record/job';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { CastingDrawing } from '@/ui/drawing/CastingDrawing';
import { castingExtentMm } from '@/ui/drawing/castingOutline';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { EntryField, readLength, readText } from '@/ui/fields/EntryField';
import { token } from '@/ui/theme/tokens';
import { partMark, seatMark } from '@/ui/words/states';
import { later } from '@/bench/record/later';
import type { useEdits } from '@/bench/record/useEdits';
import { Note } from '@/ui/parts/text';
import type { SeatView } from '@/core/job/seatView';

const CastingForm = later(() => import('./CastingForm'), 'CastingForm');
const PartDialog = later(() => import('@/bench/sizes/PartDialog'), 'PartDialog');
const SizesDialog = later(() => import('@/bench/sizes/SizesDialog'), 'SizesDialog');

const WIDTH = 520;
const HEIGHT = 400;
type Tap = 'pick' | 'seat' | 'bolt' | 'unbolt' | 'move';
const TAPS: readonly { value: Tap; words: string }[] = [
  { value: 'pick', words: 'picks a seat' },
  { value: 'move', words: 'moves it here' },
  { value: 'seat', words: 'adds a seat' },
  { value: 'bolt', words: 'adds a bolt' },
  { value: 'unbolt', words: 'takes a bolt away' },
];

/** How near a tap must be to a bolt, mm. */
const NEAR_MM = 12;
const PLAIN_PART = {
  designation: '6203',
  boreMm: 17,
  outsideMm: 40,
  widthMm: 12,
  chamferMm: 0.6,
  closure: 'open' as const,
};

/** The casting's map under the finger: seats and bolts by tapping, or by their coordinates. */
export function MapEditor({
  seatId,
  onPick,
  edits,
}: {
  seatId: SeatId;
  onPick: (seatId: SeatId) => void;
  edits: ReturnType<typeof useEdits>;
}) {
  const { views, addEvent } = useJob();
  const view = useSeatView(seatId);
  const [tap, setTap] = useState<Tap>('pick');
  if (!view) return null;
  const { casting, seat } = view;
  const { minXMm, widthMm, heightMm } = castingExtentMm(casting.map);
  const pxPerMm = Math.min(WIDTH / widthMm, HEIGHT / heightMm) * 0.96;
  const onTap = (event: React.MouseEvent<SVGSVGElement>) => {
    if (tap === 'pick') return;
    const box = event.currentTarget.getBoundingClientRect();
    const scale = box.width / WIDTH;
    const xMm = Math.round(((event.clientX - box.left) / scale - 6) / pxPerMm + minXMm);
    const yMm = Math.round(heightMm - ((event.clientY - box.top) / scale - 6) / pxPerMm);
    act({ tap, casting, seat, xMm, yMm, edits });
    if (tap === 'move' || tap === 'seat') setTap('pick');
  };
  return (
    <Box data-testid="map-editor">
      <ChoiceRow label="A tap" options={TAPS} value={tap} onPick={setTap} />
      <MapCanvas
        onTap={onTap}
        casting={casting}
        tap={tap}
        minXMm={minXMm}
        pxPerMm={pxPerMm}
        heightMm={heightMm}
        seat={seat}
        onPick={onPick}
        views={views}
        seatId={seatId}
      />
      <SeatPlace key={`${seat.id}${seat.version}`} view={view} edits={edits} />
      <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
        <Button
          variant="outlined"
          onClick={() => {
            const { id: _id, version: _version, ...copy } = seat;
            edits.addSeat(casting.id, {
              ...copy,
              name: `${seat.name} (2)`.slice(0, 80),
              xMm: seat.xMm + 20,
              yMm: seat.yMm + 12,
            });
          }}
        >
          Duplicate
        </Button>
        <Button
          variant="text"
          disabled={views.length < 2}
          onClick={() => {
            addEvent('seat_removed', {}, { seatId });
            onPick(views.find((each) => each.seat.id !== seatId)!.seat.id);
          }}
        >
          Take this seat off the map
        </Button>
      </Box>
      <CastingForm key={casting.id} casting={casting} edits={edits} />
    </Box>
  );
}

type MapCanvasProps = {
  onTap: (event: React.MouseEvent<SVGSVGElement>) => void;
  casting: Casting;
  tap: Tap;
  minXMm: number;
  pxPerMm: number;
  heightMm: number;
  seat: Seat;
  onPick: (seatId: SeatId) => void;
  views: readonly SeatView[];
  seatId: SeatId;
};

/** The map that is drawn on. */
function MapCanvas({
  onTap,
  casting,
  tap,
  minXMm,
  pxPerMm,
  heightMm,
  seat,
  onPick,
  views,
  seatId,
}: MapCanvasProps) {
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      onClickCapture={onTap}
      role="group"
      aria-label={`Map of the ${casting.name}`}
      data-testid="map-canvas"
      sx={{
        width: '100%',
        maxWidth: WIDTH,
        display: 'block',
        cursor: tap === 'pick' ? 'default' : 'crosshair',
        border: `1.5px solid ${token('rule')}`,
        mt: 1,
      }}
    >
      <g transform={`translate(${6 - minXMm * pxPerMm} ${heightMm * pxPerMm + 6})`}>
        <CastingDrawing
          casting={casting}
          pxPerMm={pxPerMm}
          isHot={false}
          face={seat.face ?? 'front'}
          onPick={(id) => {
            if (tap === 'pick') onPick(id);
          }}
          seats={views
            .filter((each) => each.casting.id === casting.id)
            .map((each) => ({
              seatId: each.seat.id,
              seatMark: seatMark(each.seatState),
              partMark: partMark(each.partState),
              isSelected: each.seat.id === seatId,
            }))}
        />
      </g>
    </Box>
  );
}

function act({
  tap,
  casting,
  seat,
  xMm,
  yMm,
  edits,
}: {
  tap: Tap;
  casting: Casting;
  seat: Seat;
  xMm: number;
  yMm: number;
  edits: ReturnType<typeof useEdits>;
}) {
  if (tap === 'move') edits.saveSeat(seat.id, { xMm, yMm });
  if (tap === 'bolt')
    edits.saveCasting(casting.id, ({ map }) => ({ map: { ...map, bolts: [...map.bolts, [xMm, yMm]] } }));
  if (tap === 'unbolt') {
    const nearest = casting.map.bolts
      .map(([x, y]) => ({ at: `${x} ${y}`, apart: Math.hypot(x - xMm, y - yMm) }))
      .sort((a, b) => a.apart - b.apart)[0];
    if (nearest && nearest.apart <= NEAR_MM)
      edits.saveCasting(casting.id, ({ map }) => ({
        map: { ...map, bolts: map.bolts.filter(([x, y]) => `${x} ${y}` !== nearest.at) },
      }));
  }
  if (tap === 'seat') {
    const { spec } = oneSeat(PLAIN_PART, casting.material).castings[0]!.seats[0]!;
    edits.addSeat(casting.id, {
      name: `Seat ${casting.seats.length + 1}`,
      xMm,
      yMm,
      spec,
      ...(seat.face && { face: seat.face }),
    });
  }
}

function SeatPlace({ view, edits }: { view: SeatView; edits: ReturnType<typeof useEdits> }) {
  const { person } = useJob();
  const [open, setOpen] = useState<'part' | 'sizes' | null>(null);
  const { seat } = view;
  const close = () => setOpen(null);
  const units = person?.units ?? 'metric';
  const place = (field: 'xMm' | 'yMm') => (mm: number) => edits.saveSeat(seat.id, { [field]: mm });
  return (
    <Box sx={{ mt: 1 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
        <Typography variant="h3" component="h2" sx={{ flex: 1 }}>
          {seat.name}, {seat.spec.part.designation}
        </Typography>
        <Button variant="outlined" onClick={() => setOpen('part')}>
          Another part
        </Button>
        <Button variant="outlined" onClick={() => setOpen('sizes')}>
          Sizes
        </Button>
      </Box>
      {open === 'part' && <PartDialog view={view} onClose={close} />}
      {open === 'sizes' && <SizesDialog seat={seat} onClose={close} />}
      <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 1fr 1fr', gap: 1, mt: 0.5 }}>
        <EntryField
          label="Name"
          name="seat-name"
          shown={seat.name}
          read={(typed) =>
            typed.trim() === ''
              ? { ok: false, issues: [{ code: 'missing', field: 'name' }] }
              : readText(typed)
          }
          onTake={(name) => edits.saveSeat(seat.id, { name: name.slice(0, 80) })}
        />
        <EntryField
          label="Across, from the left"
          name="seat-x"
          isNumber
          shown={showSize(seat.xMm, units, 1).figure}
          read={readLength(units, 'xMm')}
          onTake={place('xMm')}
        />
        <EntryField
          label="Up, from the foot"
          name="seat-y"
          isNumber
          shown={showSize(seat.yMm, units, 1).figure}
          read={readLength(units, 'yMm')}
          onTake={place('yMm')}
        />
      </Box>
      <Note>
        Boss {asText(showSize(seat.spec.housing.bossOutsideMm, units, 1))}, shoulder{' '}
        {asText(showSize(seat.spec.housing.depthToShoulderMm, units, 1))} deep.
      </Note>
    </Box>
  );
}
