'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { HeatRunView } from '@/core/job/heatRun';
import { FREEZER_C, type SeatView } from '@/core/job/seatView';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { checkReading } from '@/core/job/checkReading';
import { useJob } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { StateMark } from '@/ui/marks/StateMark';
import { STRETCH, token } from '@/ui/theme/tokens';
import { sayIssue } from '@/ui/words/issues';
import { CAUTIONS, sayCeiling, type CautionCode } from '@/ui/words/verdicts';
import { ceilingsFor } from '@/core/heat/ceilings';

const KeyPad = later(() => import('@/ui/fields/KeyPad'), 'KeyPad');

/** Things that must be within reach before the door opens. Common practice, no source. */
const WITHIN_REACH = ['gloves', 'bearing', 'driver', 'wood'] as const;
/** An oven is set this much hotter than the casting should become, so that it gets there in a useful time. Common practice, no source. */
const OVEN_ABOVE_K = 15;

type Action = { words: string; note: string; does: () => void; isBlocked?: boolean };

/** One big button per event; the outcome is asked only after it was let go. */
export function RunControls({ view, run, units }: { view: SeatView; run: HeatRunView; units: Units }) {
  const { record, addEvent } = useJob();
  const router = useRouter();
  const { seat, casting, heat, history, leftIn } = view;
  const way = history.wayIn;
  const [isAskingDepth, setAskingDepth] = useState(false);
  const [ovenC, setOvenC] = useState(Math.round(((way?.housingC ?? 80) + OVEN_ABOVE_K) / 5) * 5);
  const seatId = seat.id;
  const caution = findDueCaution(
    view,
    record.entries.events.flatMap((event) =>
      event.kind === 'caution_acknowledged' ? [event.body.caution] : [],
    ),
  );
  const [main, second] = actionsFor({
    view,
    run,
    ovenC,
    caution,
    addEvent,
    goTo: (step) => router.push(`/jobs/${record.id}/${seatId}/${step}`),
    askDepth: () => setAskingDepth(true),
  });

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      // A key meant for a dialog or a focused button is not meant for the run.
      if (
        document.querySelector('[role="dialog"]') ||
        (event.target instanceof HTMLButtonElement && event.key === ' ')
      )
        return;
      if (event.key === ' ' && main && !main.isBlocked) {
        event.preventDefault();
        main.does();
      }
      if (event.key.toLowerCase() === 'g' && second) {
        event.preventDefault();
        second.does();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });

  const isOvenAsked =
    heat.phase === 'cold' && way?.heatedBy !== 'gun' && main?.words.startsWith('Casting into');
  const isLaying = heat.phase === 'in_heat' && history.letGoMs === null;
  const hottest = ceilingsFor({ castingMaterial: casting.material, leftIn, bearing: seat.spec.part }).find(
    ({ sees, limitC }) => sees === 'casting' && limitC < ovenC,
  );
  return (
    <Box
      component="footer"
      sx={{
        display: 'flex',
        alignItems: 'stretch',
        minHeight: 124,
        mx: -4,
        position: 'sticky',
        bottom: 0,
        borderTop: `2px solid ${token('ink')}`,
        backgroundColor: token('shade'),
        flexWrap: { xs: 'wrap', md: 'nowrap' },
      }}
    >
      <Box sx={{ flex: 1, px: 4, py: 1.5, minWidth: 320, display: 'flex', alignItems: 'center', gap: 2 }}>
        {caution ? (
          <Box sx={{ fontSize: 21, fontWeight: 650, lineHeight: 1.2 }} role="alert">
            {CAUTIONS[caution]} {CAUTIONS.manual_first}
          </Box>
        ) : isOvenAsked ? (
          <>
            <StateMark name="hot" size={52} />
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
              <Button
                variant="outlined"
                aria-label="5 degrees cooler"
                onClick={() => setOvenC(Math.max(40, ovenC - 5))}
              >
                −
              </Button>
              <Box
                sx={{
                  fontSize: 42,
                  fontWeight: 800,
                  fontStretch: STRETCH.headline,
                  minWidth: 120,
                  textAlign: 'center',
                }}
              >
                {asText(showTemperature(ovenC, units))}
              </Box>
              <Button
                variant="outlined"
                aria-label="5 degrees hotter"
                onClick={() => setOvenC(Math.min(250, ovenC + 5))}
              >
                +
              </Button>
            </Box>
            <Box sx={{ fontSize: 18 }}>
              {hottest ? (
                <b>{sayCeiling(hottest)}.</b>
              ) : (
                `oven; the plan wants ${asText(showTemperature(way?.housingC ?? ovenC, units))} in the casting`
              )}
            </Box>
          </>
        ) : isLaying ? (
          <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'center', flexWrap: 'wrap' }}>
            <Box sx={{ fontSize: 19, fontWeight: 700 }}>Within reach:</Box>
            {WITHIN_REACH.map((item) => {
              const isThere = history.laidOut.has(item);
              return (
                <Button
                  key={item}
                  variant="outlined"
                  aria-pressed={isThere}
                  disabled={isThere}
                  onClick={() => addEvent('laid_out', { item }, { seatId })}
                  sx={{
                    minHeight: 60,
                    '&.Mui-disabled': {
                      color: token('ink'),
                      border: `2px solid ${token('ink')}`,
                      backgroundColor: token('paper'),
                    },
                  }}
                >
                  {isThere ? '✓ ' : ''}
                  {item}
                </Button>
              );
            })}
          </Box>
        ) : (
          <NextUp view={view} />
        )}
      </Box>
      {main && (
        <Button
          variant="contained"
          onClick={main.does}
          disabled={main.isBlocked}
          data-testid="run-main"
          sx={{
            minWidth: 390,
            flexDirection: 'column',
            alignItems: 'flex-start',
            px: 4,
            fontSize: 42,
            fontWeight: 800,
          }}
        >
          {main.words}
          <Box component="span" sx={{ fontSize: 18, fontWeight: 500, fontStretch: STRETCH.text }}>
            {main.note}
          </Box>
        </Button>
      )}
      {second && (
        <Button
          variant="text"
          onClick={second.does}
          data-testid="run-second"
          sx={{ minWidth: 200, fontSize: 26, flexDirection: 'column' }}
        >
          {second.words}
          <Box
            component="span"
            sx={{ fontSize: 18, fontWeight: 500, fontStretch: STRETCH.text, color: token('steel') }}
          >
            {second.note}
          </Box>
        </Button>
      )}
      <KeyPad
        isOpen={isAskingDepth}
        title="How deep did it stop, from the face?"
        unitKeys={['mm', 'in', 'thou', '/']}
        onClose={() => setAskingDepth(false)}
        onEnter={(typed) => {
          const checked = checkReading({
            slot: 'depth.1.0',
            typed,
            seat,
            lengthUnit: units === 'imperial' ? 'in' : 'mm',
            temperatureUnit: 'C',
          });
          if (!checked.ok) return sayIssue(checked.issues[0]!);
          addEvent('stuck', { depthMm: checked.value }, { seatId });
          return null;
        }}
      />
    </Box>
  );
}

function NextUp({ view: { seat, history } }: { view: SeatView }) {
  return (
    <>
      <StateMark name={history.freezer ? 'cold' : 'planned'} size={52} />
      <Box>
        <Box sx={{ fontSize: 28, fontWeight: 750, fontStretch: STRETCH.headline }}>
          {seat.name}, {seat.spec.part.designation}
        </Box>
        <Box sx={{ fontSize: 19, color: token('steel') }}>
          marks outward, straight down, hold it until it grips
        </Box>
      </Box>
    </>
  );
}

/** Cautions are read once per job, where the step can hurt. */
function findDueCaution({ casting, heat, history }: SeatView, read: readonly string[]): CautionCode | null {
  if (history.homeMs !== null || history.letGoMs !== null) return null;
  if (history.wayIn?.way === 'drive') return read.includes('press') ? null : 'press';
  if (heat.phase !== 'cold' || history.wayIn?.way === 'chill') return null;
  if (casting.material === 'az91' && !read.includes('magnesium')) return 'magnesium';
  return read.includes('hot_metal') ? null : 'hot_metal';
}

type Input = {
  view: SeatView;
  run: HeatRunView;
  ovenC: number;
  caution: CautionCode | null;
  addEvent: ReturnType<typeof useJob>['addEvent'];
  goTo: (step: 'square' | 'way-in') => void;
  askDepth: () => void;
};

function actionsFor({
  view,
  run,
  ovenC,
  caution,
  addEvent,
  goTo,
  askDepth,
}: Input): [Action | null, Action | null] {
  const { seat, casting, heat, history, leftIn } = view;
  const seatId = seat.id;
  const way = history.wayIn?.way;
  const isByAir = history.wayIn?.heatedBy === 'gun';
  const heatUp =
    (castingC: number, dialC = ovenC) =>
    () =>
      addEvent(
        'casting_into_heat',
        {
          ...(isByAir
            ? { source: 'gun', sourceC: history.wayIn!.housingC }
            : { source: 'oven', sourceC: dialC }),
          castingC: Math.round(castingC),
        },
        { castingId: casting.id },
      );
  const letGo: Action = {
    words: 'Let go',
    note: 'space bar or pedal, as it falls',
    does: () => addEvent('let_go', {}, { seatId }),
  };
  if (history.homeMs !== null)
    return [
      { words: 'Square it up', note: 'read round it while it is cold', does: () => goTo('square') },
      null,
    ];
  if (!way)
    return [
      { words: 'Choose the way in', note: 'nothing is planned for this seat', does: () => goTo('way-in') },
      null,
    ];
  if (history.stuck)
    return [
      {
        words: 'Casting into the heat',
        note: isByAir
          ? 'hot air again; the bearing backed out first'
          : `again, at ${ovenC} °C; the bearing backed out first`,
        does: heatUp(run.now?.housingC ?? 20),
      },
      {
        words: history.stuck.depthMm === null ? 'Stuck at?' : `At ${history.stuck.depthMm.toFixed(1)} mm`,
        note: 'how deep it stopped',
        does: askDepth,
      },
    ];
  if (caution)
    return [
      {
        words: 'Understood',
        note: 'once for this job',
        does: () => addEvent('caution_acknowledged', { caution }, { seatId }),
      },
      null,
    ];
  if (history.letGoMs !== null)
    return [
      {
        words: 'It is home',
        note: 'the note changed, even gap all round',
        does: () => addEvent('home', {}, { seatId }),
      },
      { words: 'It grabbed', note: 'key G', does: () => addEvent('stuck', { depthMm: null }, { seatId }) },
    ];
  if (way === 'drive')
    return [
      {
        words: 'Driven in',
        note: 'outer race, square, to its stop',
        does: () => addEvent('let_go', {}, { seatId }),
      },
      null,
    ];
  if ((way === 'heat_chill' || way === 'chill') && !history.freezer)
    return [
      {
        words: 'Bearing into the freezer',
        note: 'wrapped',
        does: () => addEvent('part_into_freezer', { freezerC: FREEZER_C }, { seatId }),
      },
      null,
    ];
  if (way === 'chill') return [letGo, null];
  if (heat.phase === 'cold')
    return [
      {
        words: isByAir ? 'Hot air on the boss' : 'Casting into the heat',
        note: leftIn[0] ? `the old seal at ${leftIn[0].seatName} is still in` : 'clean and degreased',
        isBlocked: leftIn.length > 0 && ovenC > 100,
        does: heatUp(20),
      },
      leftIn.length > 0
        ? { words: 'Seal out first', note: 'on the way-in screen', does: () => goTo('way-in') }
        : null,
    ];
  if (heat.phase === 'in_heat')
    return [
      {
        words: heat.source === 'gun' ? 'The air is off' : 'It is out',
        note:
          run.reason === 'hot_enough_take_it_out'
            ? 'the clock starts at the door'
            : run.reason === 'hot_enough_air_off'
              ? 'the web draws its heat: be quick'
              : 'not hot enough yet: the clock starts all the same',
        does: () => addEvent('casting_out', {}, { castingId: casting.id }),
      },
      null,
    ];
  if (run.call === 'too_late')
    return [
      {
        words: 'Back to the heat',
        note: 'do not try your luck',
        does: heatUp(run.now?.housingC ?? 20, heat.sourceC),
      },
      { words: 'Let go all the same', note: 'it may grab', does: letGo.does },
    ];
  return [letGo, null];
}
