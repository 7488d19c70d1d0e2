'use client';
import Box from '@mui/material/Box';
import { asText, type Units } from '@/core/quantity/format';
import type { Solved } from '@/core/sums/allSums';
import { type SumDescription } from '@/core/sums/sum';
import { token, TYPE } from '@/ui/theme/tokens';
import { Quiet } from '@/ui/parts/text';
import { sayAnswer } from '@/ui/words/sayAnswer';

const row = {
  display: 'grid',
  gridTemplateColumns: { xs: '1fr', sm: '150px 1fr' },
  columnGap: 2,
  py: 0.5,
  borderTop: `1px solid ${token('rule')}`,
  fontSize: TYPE.text,
} as const;

/** Everything else that the sum gives. */
export function OtherAnswers({ sum, solved, units }: { sum: SumDescription; solved: Solved; units: Units }) {
  return (
    <Box sx={{ mt: 2, display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, columnGap: 4 }}>
      {sum.answers
        .filter(({ name }) => name !== sum.headline)
        .map((field) => (
          <Box
            key={field.name}
            sx={{
              ...row,
              gridTemplateColumns: '1fr auto',
              ...(field.quantity === 'words' && {
                gridColumn: '1 / -1',
                gridTemplateColumns: { xs: '1fr', sm: '150px 1fr' },
              }),
            }}
          >
            <Quiet>{field.label}</Quiet>
            <Box
              data-answer={field.name}
              sx={{ fontWeight: 750, textAlign: field.quantity === 'words' ? 'left' : 'right' }}
            >
              {asText(sayAnswer(field, solved.answers, units))}
            </Box>
          </Box>
        ))}
    </Box>
  );
}

/** `α_r` with its index set low, as print has it. */
const WithSubscripts = ({ text }: { text: string }) =>
  text
    .split(/_(\([^)]*\)|[\p{L}\d]+)/u)
    .map((part, i) => (i % 2 === 1 ? <sub key={i}>{part.replace(/^\((.*)\)$/, '$1')}</sub> : part));

/** Where the figure comes from: formula, the numbers put in, source, limits, largest doubt. */
export function Provenance({ sum, solved }: { sum: SumDescription; solved: Solved }) {
  return (
    <Box sx={{ mt: 2 }}>
      {sum.caution && (
        <Box
          role="note"
          sx={{ mb: 1.5, border: `2.5px solid ${token('ink')}`, px: 2, py: 1, fontSize: TYPE.text }}
        >
          <b>Caution.</b> {sum.caution} The machine’s manual and local rules come first.
        </Box>
      )}
      {(
        [
          ['Formula', sum.formula],
          ['With these', solved.filled],
          ['Source', sum.source],
          ['Holds for', sum.valid],
          ['Largest doubt', sum.largestDoubt],
        ] as const
      ).map(([name, words]) => (
        <Box key={name} sx={row}>
          <Quiet>{name}</Quiet>
          <Box
            data-part={name}
            sx={{ overflowWrap: 'anywhere', fontWeight: name === 'With these' ? 700 : 450 }}
          >
            {name === 'Formula' ? <WithSubscripts text={words} /> : words}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
