'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { ceilingsSeen, neighboursSeen, type CeilingSeen } from '@/core/heat/ceilings';
import type { WayIn, WayInProblem } from '@/core/heat/wayIn';
import type { SeatView } from '@/core/job/seatView';
import { asText, showSize, showTemperature, type Units } from '@/core/quantity/format';
import { CASTING_STUFF } from '@/core/record/vocabulary';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { Lead, Name, Quiet } from '@/ui/parts/text';
import { token, TYPE } from '@/ui/theme/tokens';
import { CEILING_STEPS } from '@/ui/words/behindWays';
import { CEILING_WORDS, sayCeiling } from '@/ui/words/verdicts';
import { CASTING_STUFF_WORDS } from '@/ui/words/castingStuff';
import { LANE_WORDS } from '@/ui/words/lanes';

type Props = { view: SeatView; problem: WayInProblem; way: WayIn; units: Units };

const SCALE_C = { from: 20, to: 220 };
const share = (celsius: number) =>
  Math.min(1, Math.max(0, (celsius - SCALE_C.from) / (SCALE_C.to - SCALE_C.from)));
const percent = (celsius: number) => `${(share(celsius) * 100).toFixed(2)}%`;

/** What heat spoils on both sides of the drop, each with what would arrive there: the weakest first, and how it is got out of the way. */
export function HeatLimits({ view, problem, way, units }: Props) {
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  const seen = ceilingsSeen(problem.ceilings, { castingC: way.housingC, settlingC: way.settlingC });
  const [weakest] = seen;
  if (way.heatedBy === null) return <Lead>Nothing is heated on this way: nothing to spoil.</Lead>;
  const neighbours = neighboursSeen(problem.neighbours, way.housingC, {
    ringAlphaPerK: problem.race.alphaPerK,
    housingAlphaPerK: problem.housing.alphaPerK,
  });
  return (
    <Box data-testid="heat-limits">
      <Lead>
        {way.heatedBy === 'gun' ? LANE_WORDS.hot_air : 'In the oven'}:{' '}
        {way.heatedBy === 'gun' ? 'boss' : 'casting'} {degrees(way.housingC)}, with the bearing in it{' '}
        {degrees(way.settlingC)}.
      </Lead>
      {weakest && (
        <Box sx={{ fontSize: TYPE.text, fontWeight: 650 }} data-testid="weakest">
          {weakest.spareK < 0 ? 'Too hot for it: ' : 'Weakest: '}
          {sayCeiling(weakest.ceiling, units)}. {CEILING_STEPS[weakest.ceiling.what]}
        </Box>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, mt: 0.5 }}>
        {seen.map((each, i) => (
          <LimitRow
            key={`${each.ceiling.what}${each.ceiling.seatName ?? ''}${i}`}
            seen={each}
            units={units}
          />
        ))}
        {neighbours.map(({ seatName, seesC, freeC }) => (
          <Box component="li" key={seatName} sx={ROW} data-neighbour={seatName}>
            <Box>
              <Name>{seatName}</Name>
              <Quiet sx={{ fontSize: TYPE.fine }}>
                {freeC === null
                  ? 'does not let go by warming both'
                  : `may let go from ${degrees(freeC)}${freeC <= seesC ? ': hold it up, or face up' : ''}`}
              </Quiet>
            </Box>
            <Scale seesC={seesC} limitC={freeC} isOver={freeC !== null && freeC <= seesC} />
            <Quiet sx={{ fontSize: TYPE.small }}>sees {degrees(seesC)}</Quiet>
          </Box>
        ))}
      </Box>
      <ScaleFigures units={units} />
      <StuffHere view={view} units={units} />
    </Box>
  );
}

const ROW = {
  display: 'grid',
  gridTemplateColumns: { xs: '1fr', md: '312px minmax(0, 1fr) 268px' },
  columnGap: 2,
  alignItems: 'center',
  borderTop: `1px solid ${token('rule')}`,
  py: 0.25,
} as const;

function LimitRow({ seen, units }: { seen: CeilingSeen; units: Units }) {
  const { ceiling, seesC, spareK } = seen;
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  const isOver = spareK < 0;
  const spare = units === 'imperial' ? (spareK * 9) / 5 : spareK;
  return (
    <Box component="li" sx={ROW} data-ceiling={ceiling.what} data-over={isOver}>
      <Box>
        <Name>
          {ceiling.isNew ? 'The new seal' : CEILING_WORDS[ceiling.what]}
          {ceiling.seatName ? ` at ${ceiling.seatName}` : ''}
        </Name>
        <Quiet sx={{ fontSize: TYPE.fine }}>
          takes {degrees(ceiling.limitC)}
          {ceiling.share !== undefined &&
            ceiling.share < 1 &&
            `; ${Math.round(ceiling.share * 100)} % of the heat arrives`}
        </Quiet>
      </Box>
      <Scale seesC={seesC} limitC={ceiling.limitC} isOver={isOver} />
      <Box sx={{ fontSize: TYPE.small }}>
        sees {degrees(seesC)},{' '}
        <b>{isOver ? `${Math.round(-spare)} too hot` : `${Math.round(spare)} to spare`}</b>
      </Box>
    </Box>
  );
}

/** What arrives as a bar, the limit as a wall before it. */
const Scale = ({ seesC, limitC, isOver }: { seesC: number; limitC: number | null; isOver: boolean }) => (
  <svg width="100%" height="34" aria-hidden style={{ display: 'block', overflow: 'visible' }}>
    <line x1="0" x2="100%" y1="17" y2="17" stroke={token('rule')} strokeWidth="1.5" />
    <rect
      x="0"
      y="9"
      height="16"
      width={percent(seesC)}
      fill="url(#hatch-heat)"
      stroke={token('heat')}
      strokeWidth="1.5"
    />
    {limitC !== null && (
      <line
        x1={percent(limitC)}
        x2={percent(limitC)}
        y1="2"
        y2="32"
        stroke={token('ink')}
        strokeWidth={isOver ? 7 : 4}
      />
    )}
  </svg>
);

const ScaleFigures = ({ units }: { units: Units }) => (
  <Box sx={{ ...ROW, fontSize: TYPE.fine, display: { xs: 'none', md: 'grid' } }} aria-hidden>
    <span />
    <Box sx={{ position: 'relative', height: 22 }}>
      {[20, 60, 100, 140, 180, 220].map((celsius) => (
        <Quiet
          key={celsius}
          sx={{
            position: 'absolute',
            left: percent(celsius),
            transform: 'translateX(-50%)',
            whiteSpace: 'nowrap',
          }}
        >
          {showTemperature(celsius, units).figure}
        </Quiet>
      ))}
    </Box>
    <Quiet>{showTemperature(20, units).unit}</Quiet>
  </Box>
);

const APART_MM = ['0', '15', '40', '80'] as const;

/** What else is on this casting that heat spoils, and how far from this boss. */
function StuffHere({ view: { casting, seat, stuff }, units }: { view: SeatView; units: Units }) {
  const { addEvent } = useJob();
  const note = (what: (typeof CASTING_STUFF)[number], apart: (typeof APART_MM)[number] | null) =>
    addEvent(
      'casting_stuff_noted',
      { what, isThere: apart !== null, apartMm: Number(apart ?? 0) },
      { castingId: casting.id, seatId: seat.id },
    );
  return (
    <Box sx={{ mt: 1.5 }} data-testid="stuff-here">
      <Name>Also on this casting?</Name>
      {CASTING_STUFF.map((what) => {
        const noted = stuff[what];
        return (
          <Box key={what} sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 1 }}>
            <ChoiceRow
              label={CASTING_STUFF_WORDS[what]}
              options={APART_MM.map((mm) => ({
                value: mm,
                words: mm === '0' ? 'at the boss' : `${asText(showSize(Number(mm), units, 0))} off`,
              }))}
              value={APART_MM.find((mm) => noted?.seatId === seat.id && Number(mm) === noted.apartMm) ?? null}
              onPick={(mm) => note(what, mm)}
            />
            {noted && (
              <Button variant="text" sx={{ minHeight: 48 }} onClick={() => note(what, null)}>
                Not there
              </Button>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
