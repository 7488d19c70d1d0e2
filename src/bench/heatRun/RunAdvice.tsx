'use client';
import type { ToolId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { drawsHeat } from '@/core/heat/rest';
import { brokenAtDial } from '@/core/job/dialCeilings';
import { dialFor } from '@/core/tools/heatPlaces';
import { needsOfHeat, type ReachNeed } from '@/core/job/withinReach';
import type { SeatView } from '@/core/job/seatView';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { StateMark } from '@/ui/marks/StateMark';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { CAUTIONS, sayCeiling } from '@/ui/words/verdicts';
import { REST_WORDS, sayNeed } from '@/ui/words/hotWork';
import { Lead, Note } from '@/ui/parts/text';
import type { HeatPlace } from '@/core/record/events/heat';
import { Column, Row } from '@/ui/parts/layout';

const COOLEST_OVEN_C = 40;
const HOTTEST_OVEN_C = 250;
const DIAL_STEP_K = 5;

export type PlaceProps = {
  label: string;
  places: readonly HeatPlace[];
  chosen: HeatPlace | null;
  onPick: (toolId: ToolId) => void;
};

/** Which of several ovens or freezers: so that the shop's clock says where to look. */
export const PlaceChoice = ({ label, places, chosen, onPick }: PlaceProps) =>
  places.length > 1 && (
    <ChoiceRow
      label={label}
      isLabelHidden
      options={places.map(({ toolId, name }) => ({ value: toolId, words: name }))}
      value={chosen?.toolId ?? null}
      onPick={onPick}
    />
  );

type DialProps = {
  view: SeatView;
  /** What the plan wants in the casting. */
  wantedC: number;
  ovenC: number;
  /** How much hotter this oven is than it says. */
  offsetK: number;
  units: Units;
  onOven: (celsius: number) => void;
};

/** What the dial is set to, in steps that a glove hits. */
export const DialSteps = ({ ovenC, units, onOven }: Pick<DialProps, 'ovenC' | 'units' | 'onOven'>) => (
  <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
    <Button
      variant="outlined"
      aria-label="5 degrees cooler"
      onClick={() => onOven(Math.max(COOLEST_OVEN_C, ovenC - DIAL_STEP_K))}
    >
      −
    </Button>
    <Box
      sx={{
        fontSize: TYPE.headline,
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
      onClick={() => onOven(Math.min(HOTTEST_OVEN_C, ovenC + DIAL_STEP_K))}
    >
      +
    </Button>
  </Box>
);

/** The oven's dial; beside it all that would suffer at this heat, by name. */
export function OvenDial({ view, wantedC, ovenC, offsetK, units, onOven }: DialProps) {
  const { record } = useJob();
  const { wayIn } = view.history;
  const broken = brokenAtDial(view, ovenC, wayIn?.ringC ?? record.roomC);
  return (
    <>
      <StateMark name="hot" size={52} />
      <DialSteps ovenC={ovenC} units={units} onOven={onOven} />
      <Lead data-testid="dial-words">
        {broken.length > 0 ? (
          <b>Too hot. {broken.map((each) => sayCeiling(each, units)).join('; ')}.</b>
        ) : (
          <>
            oven; the plan wants {asText(showTemperature(wantedC, units))} in the casting
            {offsetK !== 0 && (
              <b>. Set its dial to {asText(showTemperature(dialFor(ovenC, offsetK), units))}</b>
            )}
          </>
        )}
      </Lead>
    </>
  );
}

/** As many as stand in one line beside the button at 1280 px. */
const SHOWN_NEEDS = 4;

type BeforeProps = { view: SeatView; parts: readonly SeatView[]; missing: readonly ReachNeed[] };

/** Before the door opens: what the casting will lie on, and everything within reach, tick by tick. */
export function BeforeTheDoor({ view, parts, missing }: BeforeProps) {
  const { addEvent } = useJob();
  const { casting, heat } = view;
  const rest = heat.phase === 'cold' ? 'wood' : heat.rest;
  // Of several parts the list is long: what lies there is left out, and what comes later is counted.
  const isLong = parts.length > 1;
  const shown = isLong ? missing.slice(0, SHOWN_NEEDS) : needsOfHeat(parts);
  const more = isLong ? missing.length - shown.length : 0;
  return (
    <Column sx={{ gap: 0.75, minWidth: 0 }}>
      <ChoiceRow
        label="It will lie on"
        options={optionsFrom(REST_WORDS)}
        value={rest}
        onPick={(on) => addEvent('casting_rest_noted', { on }, { castingId: casting.id })}
      />
      {drawsHeat(rest) && (
        <Lead role="alert" sx={{ fontWeight: 700, lineHeight: 1.15 }} data-testid="rest-caution">
          {CAUTIONS.rest_draws_heat}
        </Lead>
      )}
      <Row>
        <Note sx={{ minWidth: 84 }}>Within reach</Note>
        {shown.map((need) => {
          const { item, seatId } = need;
          const isThere = !missing.some((each) => each.item === item && each.seatId === seatId);
          return (
            <Button
              key={`${item} ${seatId}`}
              variant="outlined"
              aria-pressed={isThere}
              disabled={isThere}
              onClick={() => addEvent('laid_out', { item }, { seatId })}
              sx={{
                '&.Mui-disabled': {
                  color: token('ink'),
                  border: `2px solid ${token('ink')}`,
                  backgroundColor: token('paper'),
                },
              }}
            >
              {isThere ? '✓ ' : ''}
              {sayNeed(need)}
            </Button>
          );
        })}
        {more > 0 && <Note>and {more} more</Note>}
        {isLong && missing.length === 0 && <Note>all of it</Note>}
      </Row>
    </Column>
  );
}
