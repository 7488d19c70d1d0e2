'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { HandOver } from '@/core/project/handOver';
import { FLUIDS, SIGNERS, type Fluid } from '@/core/record/closingVocabulary';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { EntryField, readNumber, readText } from '@/ui/fields/EntryField';
import { Column, Pair, Row, Section } from '@/ui/parts/layout';
import { Note, Text } from '@/ui/parts/text';
import { FLUID_WORDS, sayMinutes, SIGNER_WORDS } from '@/ui/words/handOver';

type Props = { handOver: HandOver };

/** What goes with it: fluids, tools, time and money, and who signs. */
export const HandOverSlate = ({ handOver }: Props) => (
  <Column data-testid="hand-over-slate" sx={{ gap: 1 }}>
    <Refill handOver={handOver} />
    <Tools handOver={handOver} />
    <Money handOver={handOver} />
    <Sign handOver={handOver} />
  </Column>
);

function Refill({ handOver: { refilled } }: Props) {
  const { addEvent } = useJob();
  const [what, setWhat] = useState<Fluid | null>(null);
  const filled = FLUIDS.filter((fluid) => refilled[fluid] !== undefined);
  return (
    <Box>
      <ChoiceRow
        label="Filled in"
        options={FLUIDS.map((value) => ({ value, words: FLUID_WORDS[value] }))}
        value={what}
        onPick={(fluid) => {
          setWhat(fluid);
          addEvent('refilled', { what: fluid, amount: refilled[fluid] ?? '' }, {});
        }}
      />
      {what && (
        <EntryField
          key={what}
          label={`How much ${FLUID_WORDS[what]}`}
          name="refill-amount"
          shown={refilled[what] ?? ''}
          read={readText}
          onTake={(amount) => addEvent('refilled', { what, amount: amount.slice(0, 40) }, {})}
        />
      )}
      {filled.length > 0 && (
        <Text data-testid="refilled">
          In: {filled.map((fluid) => `${FLUID_WORDS[fluid]} ${refilled[fluid] ?? ''}`.trim()).join(', ')}.
        </Text>
      )}
    </Box>
  );
}

function Tools({ handOver: { toolsMissing } }: Props) {
  const { addEvent } = useJob();
  return (
    <Section>
      <Row>
        <Button
          variant={toolsMissing === '' ? 'text' : 'outlined'}
          onClick={() => addEvent('tools_counted', { missing: '' }, {})}
        >
          Every tool is back
        </Button>
        <Text data-testid="tools-counted">
          {toolsMissing === null
            ? 'Tools not counted yet.'
            : toolsMissing === ''
              ? 'Counted: all back.'
              : `Missing: ${toolsMissing}. It may lie in the case.`}
        </Text>
      </Row>
      <EntryField
        label="Not back on its hook"
        name="tools-missing"
        shown={toolsMissing ?? ''}
        read={readText}
        onTake={(missing) => addEvent('tools_counted', { missing: missing.slice(0, 160) }, {})}
      />
    </Section>
  );
}

const asHours = (minutes: number | undefined) => (minutes === undefined ? '' : String(minutes / 60));

function Money({ handOver: { estimate, spent } }: Props) {
  const { addEvent } = useJob();
  const over = (spent.minutes ?? 0) - (estimate.minutes ?? 0);
  const lines = [
    { kind: 'estimate_noted', words: 'estimated', said: estimate },
    { kind: 'spent_noted', words: 'spent', said: spent },
  ] as const;
  return (
    <Section>
      {lines.map(({ kind, words, said }) => (
        <Pair key={kind}>
          <EntryField
            label={`Hours ${words}`}
            name={`hours-${words}`}
            isNumber
            shown={asHours(said.minutes)}
            read={readNumber('minutes', 0, 1000)}
            onTake={(hours) => addEvent(kind, { minutes: Math.round(hours * 60) }, {})}
          />
          <EntryField
            label={`Cost ${words}`}
            name={`cost-${words}`}
            isNumber
            shown={said.cost === undefined ? '' : said.cost.toFixed(2)}
            read={readNumber('cost', 0, 10_000_000)}
            onTake={(cost) => addEvent(kind, { cost }, {})}
          />
        </Pair>
      ))}
      {estimate.minutes !== undefined && spent.minutes !== undefined && (
        <Note data-testid="over-estimate">
          {over === 0
            ? 'As it was estimated.'
            : `${sayMinutes(Math.abs(over))} ${over > 0 ? 'more' : 'less'} than estimated.`}
        </Note>
      )}
    </Section>
  );
}

function Sign({ handOver: { signatures } }: Props) {
  const { addEvent } = useJob();
  const signedBy = (as: (typeof SIGNERS)[number]) => signatures.find((each) => each.as === as)?.name ?? '';
  return (
    <Section>
      {SIGNERS.map((as) => (
        <EntryField
          key={as}
          label={`${SIGNER_WORDS[as]}: name`}
          name={`sign-${as}`}
          shown={signedBy(as)}
          read={readText}
          onTake={(name) => name && addEvent('hand_over_signed', { as, name: name.slice(0, 60) }, {})}
        />
      ))}
    </Section>
  );
}
