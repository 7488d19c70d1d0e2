'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { showSize, type Units } from '@/core/quantity/format';
import type { JobPlan } from '@/core/record/plan';
import { useJob } from '@/bench/record/JobProvider';
import { Photographs } from '@/bench/record/Photographs';
import { useEdits } from '@/bench/record/useEdits';
import { Remember } from '@/bench/record/Remember';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { EntryField, readLength } from '@/ui/fields/EntryField';
import { TYPE } from '@/ui/theme/tokens';
import { FINDING_WORDS } from '@/ui/words/work';
import { Lead, Text } from '@/ui/parts/text';
import { Pair, Ruled } from '@/ui/parts/layout';

/** Gears, forks, cam plate, shafts, sleeves: looked at, measured where there is a limit, kept or not. */
export function InspectSlate() {
  const { job, person } = useJob();
  const edits = useEdits();
  const units = person?.units ?? 'metric';
  const { inspect } = job.plan;
  return (
    <Box data-testid="inspect">
      <Typography variant="h2">Inspect while it is open</Typography>
      <Photographs seatId={null} />
      {inspect.length === 0 && <Text>Nothing is listed for this job.</Text>}
      {inspect.map((item) => (
        <Inspected
          key={item.key}
          item={item}
          units={units}
          saveLimit={(limitMm) =>
            edits.savePlan((plan) => ({
              inspect: plan.inspect.map((each) =>
                each.key === item.key ? { ...each, limitMm, isFromManual: true } : each,
              ),
            }))
          }
        />
      ))}
    </Box>
  );
}

/** One thing: its limit as the manual gives it, what was measured, kept or not. */
function Inspected({
  item: { key, name, limitMm, isLeast, isFromManual = false },
  units,
  saveLimit,
}: {
  item: JobPlan['inspect'][number];
  units: Units;
  saveLimit: (limitMm: number) => void;
}) {
  const { job, addEvent } = useJob();
  const found = job.work.inspected[key];
  const isPast = (mm: number) => limitMm !== null && (isLeast ? mm < limitMm : mm > limitMm);
  const show = (mm: number | null | undefined, digits: number) =>
    mm == null ? '' : showSize(mm, units, digits).figure;
  return (
    <Ruled data-inspect={key} sx={{ py: 1 }}>
      <Lead sx={{ fontWeight: 650 }}>{name}</Lead>
      {limitMm !== null && (
        <Pair>
          <EntryField
            label={`${isLeast ? 'At least' : 'At most'}, ${isFromManual ? 'from the manual' : 'placeholder'}`}
            name={`limit-${key}`}
            isNumber
            shown={show(limitMm, 2)}
            read={readLength(units, key)}
            onTake={saveLimit}
          />
          <EntryField
            label="Measured"
            name={`inspect-${key}`}
            isNumber
            shown={show(found?.valueMm, 3)}
            read={readLength(units, key)}
            onTake={(valueMm) =>
              addEvent('part_inspected', { key, valueMm, finding: isPast(valueMm) ? 'bad' : 'good' })
            }
          />
        </Pair>
      )}
      <ChoiceRow
        label={name}
        isLabelHidden
        options={optionsFrom(FINDING_WORDS)}
        value={found?.finding ?? null}
        onPick={(finding) => addEvent('part_inspected', { key, valueMm: found?.valueMm ?? null, finding })}
      />
      <Remember about={`part_${key}`.slice(0, 60)} label={name} />
      {found?.valueMm != null && isPast(found.valueMm) && (
        <Box role="alert" sx={{ fontSize: TYPE.small }}>
          <b>Past its limit:</b> renew it.
          {isFromManual ? '' : ' The limit is a placeholder: type the manual’s.'}
        </Box>
      )}
    </Ruled>
  );
}
