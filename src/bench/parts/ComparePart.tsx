'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { counting } from '@/core/job/counting';
import { comparedSizes } from '@/core/job/seatSizes';
import type { MateCheck, PartCheck } from '@/core/parts/comparePart';
import type { SeatHistory } from '@/core/project/jobState';
import type { CurrentReading } from '@/core/project/readings';
import { familyOf, slotOf, slotText, type SlotFamily } from '@/core/record/slots';
import { asText, showFit, showSize, type Units } from '@/core/quantity/format';
import { GaugeBar } from '@/bench/gauge/GaugeBar';
import { useRead } from '@/bench/gauge/useReadings';
import { gaugeSlot } from '@/bench/gauge/gaugeSlot';
import { journalWords } from '@/core/record/journals';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { useLoaded } from '@/bench/record/useLoaded';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { DRY_FIT_WORDS, MATE_WORDS, OVERRULE_WORDS } from '@/ui/words/work';
import { Note, Text } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';

/** The bearing tables come only when a part is wrong or an old number is typed. */
const OldNumber = later(() => import('./OldNumber'), 'OldNumber');
const PartDialog = later(() => import('@/bench/sizes/PartDialog'), 'PartDialog');
const Unsuited = later(() => import('@/bench/sizes/Unsuited'), 'Unsuited');
const loadTables = () => import('@/core/parts/looksLike');

/** What is compared, in its order; each beside its name for the strip, where eight stand side by side. */
const COMPARED: readonly [SlotFamily, string][] = [
  ['bore', 'seat'],
  ['outside', 'outside'],
  ['journal', 'shaft'],
  ['inside', 'its bore'],
  ['width', 'width'],
  ['old_outside', 'old out.'],
  ['old_inside', 'old bore'],
  ['old_width', 'old width'],
];
const ROWS = COMPARED.map(([family, short]) => {
  const place = slotOf(family, family === 'bore' ? { plane: 1 } : {});
  return { place, slot: slotText(place), label: familyOf(place).words, short };
});
type Row = (typeof ROWS)[number];

/** One part against both its mates and against the old one; the strip takes the readings. */
export function ComparePart({
  seatId,
  compose,
}: {
  seatId: SeatId;
  compose: (parts: { slate: ReactNode; strip: ReactNode }) => ReactNode;
}) {
  const view = useSeatView(seatId);
  const read = useRead(seatId);
  const [chosen, setChosen] = useState<string | null>(null);
  if (!view) return null;
  const rows = ROWS.filter(({ place }) => view.journal || place.family !== 'journal');
  const taken = new Set(counting(view.readings).map(({ slot }) => slot));
  const slot =
    chosen && rows.some((row) => row.slot === chosen)
      ? chosen
      : (rows.find((row) => !taken.has(row.slot)) ?? rows[0]!).slot;
  return compose({
    slate: <CompareSlate seatId={seatId} rows={rows} slot={slot} onSlot={setChosen} />,
    strip: (
      <GaugeBar
        read={read}
        slots={rows.map(({ place, short }) => gaugeSlot(place, short))}
        slot={slot}
        onSlot={setChosen}
      />
    ),
  });
}

/** What the comparison says; of a part that is in, what it said. */
function sayCompared({ verdict }: PartCheck, { overruled, homeMs }: SeatHistory): string {
  if (verdict === 'wrong') return 'Wrong part.';
  if (verdict === 'right') return 'Right: it fits its mates.';
  if (overruled) return `Taken as right: ${OVERRULE_WORDS[overruled].toLowerCase()}.`;
  return homeMs === null ? 'Not compared yet.' : 'It is in; it was not compared before.';
}

function CompareSlate({
  seatId,
  rows,
  slot,
  onSlot,
}: {
  seatId: SeatId;
  rows: readonly Row[];
  slot: string;
  onSlot: (slot: string) => void;
}) {
  const { addEvent, person, keptIds } = useJob();
  const [isChoosing, setChoosing] = useState(false);
  const view = useSeatView(seatId)!;
  const units = person?.units ?? 'metric';
  const { partCheck, history, seat } = view;
  const readings = counting(view.readings);
  const tables = useLoaded(loadTables, partCheck.verdict === 'wrong' ? 'now' : 'not_yet');
  const likeness =
    tables && partCheck.verdict === 'wrong'
      ? tables.looksLike(comparedSizes(view.readings), seat.spec.part)
      : null;
  return (
    <Box data-testid="compare" data-verdict={partCheck.verdict}>
      <Box sx={{ display: 'flex', alignItems: 'center' }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          {seat.spec.part.designation}
        </Typography>
        <Button variant="text" onClick={() => setChoosing(true)} sx={{ px: 0, minHeight: 48 }}>
          Another part
        </Button>
      </Box>
      {isChoosing && <PartDialog view={view} onClose={() => setChoosing(false)} />}
      {view.unsuited.length > 0 && <Unsuited view={view} />}
      <Typography variant="h3" data-testid="compare-verdict" sx={{ mt: 0.5 }}>
        {sayCompared(partCheck, history)}
      </Typography>
      {likeness && (
        <Text>
          Its sizes look like a <b>{likeness}</b>.
        </Text>
      )}
      {partCheck.mates.map((mate) => (
        <MateRow
          key={mate.mate}
          mate={mate}
          say={(mm) => asText(showFit(mm, units))}
          shaft={view.journal ? journalWords(view.journal, seat.name) : undefined}
        />
      ))}
      <MateRows rows={rows} counting={readings} keptIds={keptIds} onSlot={onSlot} slot={slot} units={units} />
      <OldNumber
        shown={history.oldPart?.designation ?? ''}
        onTake={(designation) =>
          void loadTables().then(({ listedSizes }) =>
            addEvent(
              'old_number_noted',
              { designation: designation.slice(0, 40), ...listedSizes(designation) },
              { seatId },
            ),
          )
        }
      />
      <ChoiceRow
        label="Dry fit"
        options={optionsFrom(DRY_FIT_WORDS)}
        value={history.dryFit}
        onPick={(result) => addEvent('dry_fit_noted', { result }, { seatId })}
      />
      {partCheck.verdict !== 'right' && <Overrule partCheck={partCheck} history={history} seatId={seatId} />}
    </Box>
  );
}

type MateRowsProps = {
  rows: readonly Row[];
  counting: CurrentReading[];
  keptIds: ReadonlySet<string>;
  onSlot: (slot: string) => void;
  slot: string;
  units: Units;
};

/** The part against one of its mates. */
function MateRows({ rows, counting, keptIds, onSlot, slot, units }: MateRowsProps) {
  return (
    <Box sx={{ borderTop: `1.5px solid ${token('steel')}`, mt: 1 }}>
      {rows.map((row) => {
        const reading = counting.find((each) => each.slot === row.slot);
        const isKept = reading !== undefined && keptIds.has(reading.id);
        return (
          <Box
            key={row.slot}
            component="button"
            type="button"
            onClick={() => onSlot(row.slot)}
            data-slot={row.slot}
            data-stored={reading ? !isKept : undefined}
            sx={{
              all: 'unset',
              boxSizing: 'border-box',
              cursor: 'pointer',
              width: '100%',
              minHeight: 34,
              display: 'flex',
              alignItems: 'center',
              px: 0.75,
              fontSize: TYPE.small,
              backgroundColor: slot === row.slot ? token('shade') : 'transparent',
              boxShadow: slot === row.slot ? `inset 5px 0 0 ${token('ink')}` : 'none',
              '&:focus-visible': { outline: `3px solid ${token('cold')}` },
              '@media (pointer: coarse)': { minHeight: 48 },
            }}
          >
            <Box sx={{ flex: 1, pl: 1 }}>{row.label}</Box>
            <b style={{ fontStretch: STRETCH.headline, fontSize: TYPE.lead }}>
              {reading ? asText(showSize(reading.value, units)) : '—'}
            </b>
          </Box>
        );
      })}
    </Box>
  );
}

type OverruleProps = {
  partCheck: PartCheck;
  history: SeatHistory;
  seatId: SeatId;
};

function Overrule({ partCheck, history, seatId }: OverruleProps) {
  const { addEvent } = useJob();
  return (
    <Box sx={{ borderTop: `1.5px solid ${token('steel')}`, mt: 1, pt: 1 }}>
      <Note>
        {partCheck.verdict === 'wrong' || partCheck.verdict === 'doubtful'
          ? 'It is right all the same, because:'
          : 'Not measured, but compared:'}
      </Note>
      <ChoiceRow
        label="Reason"
        isLabelHidden
        options={optionsFrom(OVERRULE_WORDS)}
        value={history.overruled}
        onPick={(reason) => addEvent('compare_overruled', { reason }, { seatId })}
      />
    </Box>
  );
}

function MateRow({
  mate: { mate, state, byMm, size },
  say,
  shaft,
}: {
  mate: MateCheck;
  say: (mm: number) => string;
  shaft: string | undefined;
}) {
  const isBig = (byMm ?? 0) > 0;
  const by =
    byMm === null
      ? ''
      : mate === 'old_part'
        ? state === 'wrong'
          ? `${size} ${say(Math.abs(byMm))} ${isBig ? 'bigger' : 'smaller'}`
          : 'the same'
        : `${say(Math.abs(byMm))} ${isBig ? 'tight' : 'clear'}`;
  return (
    <Ruled data-mate={mate} data-state={state} sx={{ display: 'flex', gap: 1, fontSize: TYPE.lead, py: 0.5 }}>
      <Box sx={{ flex: 1 }}>{mate === 'journal' && shaft ? `with the ${shaft}` : MATE_WORDS[mate]}</Box>
      <Box sx={{ fontWeight: state === 'wrong' ? 800 : 600 }}>
        {state === 'not_compared' ? 'not compared' : state === 'wrong' ? `wrong: ${by}` : `right, ${by}`}
      </Box>
    </Ruled>
  );
}
