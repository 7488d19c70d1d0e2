'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Fitted } from '@/core/after/fitShop';
import { asText, showFit, showTemperature, type Units } from '@/core/quantity/format';
import { asJson, ask } from '@/bench/record/door';
import { useLoaded } from '@/bench/record/useLoaded';
import { Link } from '@/ui/parts/Link';
import { Column, Row, Ruled } from '@/ui/parts/layout';
import { Lead, Note, Quiet } from '@/ui/parts/text';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { clock } from '@/ui/words/clock';
import { OUTCOME_WORDS, sayTrust } from '@/ui/words/drops';
import type { ShopDrops } from './shopDrops';

const loadChart = () => import('./DropsChart');

/** A difference of temperature in the person's unit. */
const kelvin = (k: number, units: Units) =>
  units === 'imperial' ? `${(k * 1.8).toFixed(0)}\u00a0°F` : `${k.toFixed(0)}\u00a0K`;

/** Promised against what was read, drop by drop; and what that taught this shop. */
export function DropsView({ shop, units }: { shop: ShopDrops; units: Units }) {
  const { drops, fit, isOn, isDemo } = shop;
  const chart = useLoaded(loadChart);
  const isRead = drops.some(({ read }) => read !== null);
  if (drops.length === 0)
    return (
      <Lead sx={{ py: 3 }} data-testid="no-drops">
        Nothing was dropped into a warm casting yet. Each drop that is said to be home, or to have grabbed,
        stands here with what was promised of it.
      </Lead>
    );
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 5fr) minmax(0, 6fr)' },
        columnGap: 4,
        py: 2,
      }}
      data-testid="shop-drops"
    >
      <Column sx={{ gap: 1 }}>
        <Learned fit={fit} isOn={isOn} units={units} />
        <Switch isOn={isOn} />
        {isDemo && <Quiet>What the demo and rehearsals teach is used in them alone.</Quiet>}
        {isRead && (
          <Box sx={{ height: 300, position: 'relative', overflow: 'hidden', mt: 1 }}>
            {chart && <chart.DropsChart drops={drops} units={units} />}
          </Box>
        )}
      </Column>
      <DropList drops={drops} units={units} />
    </Box>
  );
}

function Learned({ fit, isOn, units }: Pick<ShopDrops, 'fit' | 'isOn'> & { units: Units }) {
  const { loss, carryS, ovens, freezers } = fit;
  return (
    <>
      <LearnedRow
        id="loss"
        name="A casting loses heat"
        figure={loss && `${loss.value.toFixed(2)} times`}
        doubt={loss && `± ${loss.U.toFixed(2)}; ± ${(2 * loss.spread).toFixed(2)} from heat to heat`}
        note="as fast as the usual guess in open air"
        {...{ fitted: loss, isOn }}
      />
      <LearnedRow
        id="carry"
        name="From the door to the drop"
        figure={carryS && `${carryS.value.toFixed(0)} s`}
        doubt={
          carryS &&
          `± ${carryS.U.toFixed(0)}; nine in ten within ${(carryS.value + 1.28 * carryS.spread).toFixed(0)} s`
        }
        note="for the first part of a heat"
        {...{ fitted: carryS, isOn }}
      />
      {[...ovens, ...freezers].map((place) => (
        <LearnedRow
          key={place.toolId}
          id="place"
          name={place.name}
          figure={`${kelvin(Math.abs(place.value), units)} ${place.value < 0 ? 'colder' : 'warmer'}`}
          doubt={`± ${kelvin(place.U, units)}`}
          note="than it is set to"
          {...{ fitted: place, isOn }}
        />
      ))}
    </>
  );
}

type RowProps = {
  id: string;
  name: string;
  figure: string | null;
  doubt: string | null;
  note: string;
  fitted: Fitted | null;
  isOn: boolean;
};

const LearnedRow = ({ id, name, figure, doubt, note, fitted, isOn }: RowProps) => (
  <Ruled data-learned={id} data-used={isOn && (fitted?.isEnough ?? false)} sx={{ py: 1 }}>
    <Note>{name}</Note>
    <Row sx={{ alignItems: 'baseline', columnGap: 2 }}>
      <Box sx={{ fontSize: TYPE.headline, fontWeight: 800, fontStretch: STRETCH.headline, lineHeight: 1 }}>
        {figure ?? '–'}
      </Box>
      <Lead>{doubt}</Lead>
    </Row>
    <Quiet>
      {note}; {sayTrust(fitted, isOn)}
    </Quiet>
  </Ruled>
);

/** What was taught is used, or not: for all jobs of this shop. */
function Switch({ isOn }: { isOn: boolean }) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const turn = async () => {
    const { status } = await ask('/api/v1/shop', asJson('PATCH', { usesLearned: !isOn }));
    setProblem(status === 200 ? null : 'The server does not answer. Try again when it is back.');
    router.refresh();
  };
  return (
    <Row>
      <Button variant="outlined" onClick={() => void turn()} data-testid="uses-learned">
        {isOn ? 'Do not use it' : 'Use it'}
      </Button>
      {problem && <Lead role="alert">{problem}</Lead>}
    </Row>
  );
}

/** The last ones, newest first. */
const SHOWN = 12;

function DropList({ drops, units }: Pick<ShopDrops, 'drops'> & { units: Units }) {
  const micro = units === 'metric' ? 'metric_um' : units;
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  return (
    <Box>
      {drops
        .slice(0, SHOWN)
        .map(({ id, jobId, seatId, machine, name, atMs, outcome, promised, read, carryS }) => (
          <Ruled key={id} data-drop={outcome} sx={{ py: 0.75 }}>
            <Row sx={{ columnGap: 1.5 }}>
              <Link
                href={`/jobs/${jobId}/${seatId}/record`}
                style={{ color: token('ink'), minHeight: 48, display: 'inline-flex', alignItems: 'center' }}
              >
                <b>
                  {machine}, {name}
                </b>
              </Link>
              <Lead sx={{ fontWeight: outcome === 'stuck' ? 800 : 500 }}>
                {outcome === 'stuck' ? '✗' : '✓'} {OUTCOME_WORDS[outcome]}
              </Lead>
              <Note suppressHydrationWarning>{clock(new Date(atMs).toISOString())}</Note>
            </Row>
            <Quiet>
              {carryS.toFixed(0)} s after its door; promised {degrees(promised.castingC)},{' '}
              {asText(showFit(promised.clearanceMm.value, micro))} ±{' '}
              {showFit(2 * promised.clearanceMm.u, micro).figure}
              {read
                ? `; read ${degrees(read.castingC)}, ${asText(showFit(read.clearanceMm, micro))}`
                : '; no probe was read'}
            </Quiet>
          </Ruled>
        ))}
      {drops.length > SHOWN && <Note>and {drops.length - SHOWN} older</Note>}
    </Box>
  );
}
