'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { estimateCost, weighRenewal, type Feel, type Weighing } from '@/core/look/renewOrKeep';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { EntryField, readNumber } from '@/ui/fields/EntryField';
import { token, TYPE } from '@/ui/theme/tokens';
import { FEEL_WORDS, REACH_WORDS, WEIGH_WORDS } from '@/ui/words/work';
import { Lead } from '@/ui/parts/text';
import { Pair, Ruled, Section } from '@/ui/parts/layout';
import type { EventBody } from '@/core/record/entries';
import type { PlanPart } from '@/core/record/plan';

const USUAL_LABOUR = { minutes: 120, ratePerHour: 60 };
const DECISIONS = { renew: 'renew', keep: 'keep' } as const;

/** Renew or keep, part by part: how it feels and what it costs against what it would cost to fail later; and the estimate. */
export function RenewOrKeep() {
  const { job, addEvent } = useJob();
  const { plan, work } = job;
  const [openKey, setOpenKey] = useState<string | null>(null);
  const labour = work.labour ?? USUAL_LABOUR;
  const kept = new Set(
    Object.values(work.weighed)
      .filter(({ decision }) => decision === 'keep')
      .map(({ partKey }) => partKey),
  );
  const estimate = estimateCost({ parts: plan.parts, prices: work.prices, kept, ...labour });
  return (
    <Section data-testid="renew-or-keep">
      <Typography variant="h2">Renew or keep</Typography>
      {plan.parts.map((part) => {
        const weighed = work.weighed[part.key];
        const isOpen = openKey === part.key;
        const price = work.prices[part.key];
        const weighing = weighRenewal({
          part,
          feel: weighed?.feel ?? 'fair',
          price: (price ?? 0) * part.count,
          ratePerHour: labour.ratePerHour,
        });
        return (
          <PartLine
            key={part.key}
            part={part}
            isOpen={isOpen}
            setOpenKey={setOpenKey}
            weighed={weighed}
            price={price}
            labour={labour}
            weighing={weighing}
          />
        );
      })}
      <Pair sx={{ mt: 1 }}>
        <EntryField
          label="Labour, minutes"
          name="labour-minutes"
          isNumber
          shown={String(labour.minutes)}
          read={readNumber('minutes', 0, 100_000)}
          onTake={(minutes) => addEvent('labour_noted', { ...labour, minutes })}
        />
        <EntryField
          label="Rate per hour"
          name="labour-rate"
          isNumber
          shown={String(labour.ratePerHour)}
          read={readNumber('ratePerHour', 0, 10_000)}
          onTake={(ratePerHour) => addEvent('labour_noted', { ...labour, ratePerHour })}
        />
      </Pair>
      <Lead sx={{ mt: 1 }} data-testid="estimate">
        Parts {estimate.parts.toFixed(0)} + labour {estimate.labour.toFixed(0)} ={' '}
        <b>{estimate.total.toFixed(0)}</b>
        {estimate.unpriced.length > 0 && (
          <Box component="span" sx={{ color: token('steel'), fontSize: TYPE.small }}>
            {' '}
            without {estimate.unpriced.length} parts that have no price yet
          </Box>
        )}
      </Lead>
    </Section>
  );
}

type PartLineProps = {
  part: PlanPart;
  isOpen: boolean;
  setOpenKey: (next: string | null) => void;
  weighed: EventBody<'weighed'> | undefined;
  price: number | undefined;
  labour: { minutes: number; ratePerHour: number };
  weighing: Weighing;
};

/** One part: how it is, what it costs, and what is done about it. */
function PartLine({ part, isOpen, setOpenKey, weighed, price, labour, weighing }: PartLineProps) {
  const { addEvent } = useJob();
  return (
    <Ruled>
      <PartWords isOpen={isOpen} setOpenKey={setOpenKey} part={part} weighed={weighed} />
      {isOpen && (
        <Box sx={{ pb: 1.5 }}>
          <ChoiceRow
            label="Feels"
            options={optionsFrom(FEEL_WORDS)}
            value={weighed?.feel ?? null}
            onPick={(feel: Feel) =>
              addEvent('weighed', {
                partKey: part.key,
                feel,
                decision: weighRenewal({
                  part,
                  feel,
                  price: (price ?? 0) * part.count,
                  ratePerHour: labour.ratePerHour,
                }).advice,
              })
            }
          />
          <EntryField
            label="Price each"
            name={`price-${part.key}`}
            isNumber
            width={160}
            shown={price === undefined ? '' : String(price)}
            read={readNumber('price', 0, 100_000)}
            onTake={(each) => addEvent('price_noted', { partKey: part.key, each })}
          />
          <Box sx={{ fontSize: TYPE.small, my: 0.5 }}>
            <b>{weighing.advice === 'renew' ? 'Renew it.' : 'It may stay.'}</b> {WEIGH_WORDS[weighing.reason]}{' '}
            {REACH_WORDS[part.reach]}: later {weighing.laterCost.toFixed(0)}, now {weighing.price.toFixed(0)}.{' '}
            {weighing.chain}
          </Box>
          <ChoiceRow
            label="Decided"
            options={optionsFrom(DECISIONS)}
            value={weighed?.decision ?? null}
            onPick={(decision) =>
              addEvent('weighed', { partKey: part.key, feel: weighed?.feel ?? 'fair', decision })
            }
          />
        </Box>
      )}
    </Ruled>
  );
}

type PartWordsProps = {
  isOpen: boolean;
  setOpenKey: (next: string | null) => void;
  part: PlanPart;
  weighed: EventBody<'weighed'> | undefined;
};

function PartWords({ isOpen, setOpenKey, part, weighed }: PartWordsProps) {
  return (
    <Box
      component="button"
      type="button"
      aria-expanded={isOpen}
      onClick={() => setOpenKey(isOpen ? null : part.key)}
      sx={{
        all: 'unset',
        boxSizing: 'border-box',
        width: '100%',
        cursor: 'pointer',
        minHeight: 48,
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        fontSize: TYPE.text,
        '&:focus-visible': { outline: `3px solid ${token('cold')}` },
      }}
    >
      <Box sx={{ flex: 1 }}>
        {part.name}
        {part.count > 1 ? ` × ${part.count}` : ''}
        {part.isSpent ? ' (buy two)' : ''}
      </Box>
      <Box sx={{ color: weighed ? token('ink') : token('steel'), fontWeight: weighed ? 750 : 450 }}>
        {weighed?.decision ?? 'not weighed'}
      </Box>
    </Box>
  );
}
