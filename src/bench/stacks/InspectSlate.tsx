'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { asText, showSize } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { Photographs } from '@/bench/record/Photographs';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { EntryField, readLength } from '@/ui/fields/EntryField';
import { token } from '@/ui/theme/tokens';
import { FINDING_WORDS } from '@/ui/words/work';

/** Gears, forks, cam plate, shafts, sleeves: looked at, measured where there is a limit, kept or not. */
export function InspectSlate() {
  const { job, addEvent, person } = useJob();
  const units = person?.units ?? 'metric';
  const { inspect } = job.plan;
  return (
    <Box data-testid="inspect">
      <Typography variant="h2">Inspect while it is open</Typography>
      <Photographs seatId={null} />
      {inspect.length === 0 && <Box sx={{ fontSize: 17 }}>Nothing is listed for this job.</Box>}
      {inspect.map(({ key, name, limitMm, isLeast }) => {
        const found = job.work.inspected.get(key);
        const isBeyond = limitMm !== null && found?.valueMm != null && (isLeast ? found.valueMm < limitMm : found.valueMm > limitMm);
        return (
          <Box key={key} data-inspect={key} sx={{ borderTop: `1px solid ${token('rule')}`, py: 1 }}>
            <Box sx={{ fontSize: 18, fontWeight: 650 }}>{name}</Box>
            {limitMm !== null && <EntryField label={`${isLeast ? 'At least' : 'At most'} ${asText(showSize(limitMm, units, 2))}`} name={`inspect-${key}`} isNumber shown={found?.valueMm == null ? '' : showSize(found.valueMm, units, 3).figure} read={readLength(units, key)} onTake={(valueMm) => addEvent('part_inspected', { key, valueMm, finding: (isLeast ? valueMm < limitMm : valueMm > limitMm) ? 'bad' : 'good' })} />}
            <ChoiceRow label={name} isLabelHidden options={optionsFrom(FINDING_WORDS)} value={found?.finding ?? null} onPick={(finding) => addEvent('part_inspected', { key, valueMm: found?.valueMm ?? null, finding })} />
            {isBeyond && <Box role="alert" sx={{ fontSize: 16 }}><b>Past its limit:</b> renew it. Placeholder limit; the manual’s counts.</Box>}
          </Box>
        );
      })}
    </Box>
  );
}
