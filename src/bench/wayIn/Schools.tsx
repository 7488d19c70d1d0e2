'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { WayIn, WayInPlan } from '@/core/heat/wayIn';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { TYPE } from '@/ui/theme/tokens';
import { inSentence } from '@/ui/words/sentence';
import { sayCeiling } from '@/ui/words/verdicts';
import { AGAINST_WORDS } from '@/ui/words/work';
import { Note } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';

type Props = {
  plan: WayInPlan;
  units: Units;
  isShut: boolean;
  choose: (way: WayIn, because?: string) => string | null;
};

/** Hotter schools, beyond what is proposed: taken with a reason, unless something in the casting forbids it by name. */
export const Schools = ({ plan, units, isShut, choose }: Props) => (
  <>
    {plan.schools.map((school) => (
      <School key={school.housingC} school={school} units={units} isShut={isShut} choose={choose} />
    ))}
  </>
);

function School({ school, units, isShut, choose }: Omit<Props, 'plan'> & { school: WayIn }) {
  const [isAsked, setAsked] = useState(false);
  const [weakest] = school.broken;
  const hot = asText(showTemperature(school.housingC, units));
  return (
    <Ruled data-school={school.housingC} sx={{ py: 0.5, fontSize: TYPE.small }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Box sx={{ flex: 1 }}>
          A school heats such a casting to {hot}.
          {weakest && <b> Not here: {inSentence(sayCeiling(weakest, units))}.</b>}
          {` Casting and part settle at ${asText(showTemperature(school.settlingC, units))}.`}
          {school.minutesAllowed && ` No longer than ${school.minutesAllowed} min: its temper goes.`}
        </Box>
        {!weakest && !isAsked && (
          <Button
            variant="text"
            disabled={isShut}
            onClick={() => setAsked(true)}
            sx={{ fontSize: TYPE.small }}
          >
            Take it
          </Button>
        )}
      </Box>
      {isAsked && (
        <>
          <Note>Hotter than is needed: why?</Note>
          <ChoiceRow
            label="Because"
            isLabelHidden
            options={optionsFrom(AGAINST_WORDS)}
            value={null}
            onPick={(reason) => {
              setAsked(false);
              choose(school, AGAINST_WORDS[reason]);
            }}
          />
        </>
      )}
    </Ruled>
  );
}
