'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { EventBody } from '@/core/record/entries';
import type { Check } from '@/core/record/vocabulary';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { EntryField, readText } from '@/ui/fields/EntryField';
import { token } from '@/ui/theme/tokens';
import { CHECK_WORDS, FINDING_WORDS } from '@/ui/words/work';
import { RockTest } from './RockTest';
import { Note } from '@/ui/parts/text';

type Look = EventBody<'look_noted'>;
const DECISIONS: Record<NonNullable<Look['decision']>, string> = {
  renew: 'renew',
  keep: 'keep',
  look_again: 'look again',
};

/** First look: each check with what was found and what follows from it. One tap notes a finding; the rest can wait. */
export function LookStep() {
  const { job, addEvent } = useJob();
  const { plan, work } = job;
  const [extra, setExtra] = useState<readonly Check[]>([]);
  const checks = [...new Set([...plan.checks, ...(Object.keys(work.looks) as Check[]), ...extra])];
  const others = (Object.keys(CHECK_WORDS) as Check[]).filter((check) => !checks.includes(check));
  const note = (check: Check, change: Partial<Look>) => {
    const before = work.looks[check] ?? { check, finding: 'doubtful' as const, decision: null, note: '' };
    addEvent('look_noted', { ...before, ...change });
  };
  return (
    <Box data-testid="look" sx={{ pr: 1 }}>
      <Typography variant="h2">First look</Typography>
      {checks.map((check) => {
        const found = work.looks[check];
        return (
          <Box
            key={check}
            data-check={check}
            data-finding={found?.finding}
            sx={{ borderTop: `1.5px solid ${token('steel')}`, py: 1, mt: 1 }}
          >
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, flexWrap: 'wrap' }}>
              <Typography variant="h3">{CHECK_WORDS[check].name}</Typography>
              <Note>{CHECK_WORDS[check].how}</Note>
            </Box>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 4, alignItems: 'center' }}>
              <ChoiceRow
                label={`${CHECK_WORDS[check].name}: found`}
                isLabelHidden
                options={optionsFrom(FINDING_WORDS)}
                value={found?.finding ?? null}
                onPick={(finding) => note(check, { finding })}
              />
              {found && found.finding !== 'good' && (
                <ChoiceRow
                  label="so"
                  options={optionsFrom(DECISIONS)}
                  value={found.decision}
                  onPick={(decision) => note(check, { decision })}
                />
              )}
            </Box>
            {check === 'rock' && <RockTest />}
            {found && found.finding !== 'good' && (
              <EntryField
                label="What, and where"
                name={`note-${check}`}
                shown={found.note}
                read={readText}
                onTake={(text) => note(check, { note: text })}
              />
            )}
          </Box>
        );
      })}
      {others.length > 0 && (
        <Box sx={{ borderTop: `1.5px solid ${token('steel')}`, pt: 1 }}>
          <ChoiceRow
            label="Look also"
            options={others.map((check) => ({ value: check, words: CHECK_WORDS[check].name }))}
            value={null}
            onPick={(check) => setExtra([...extra, check])}
          />
        </Box>
      )}
    </Box>
  );
}
