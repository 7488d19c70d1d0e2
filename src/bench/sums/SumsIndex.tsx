'use client';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { Link } from '@/ui/parts/Link';
import { useState } from 'react';
import { QUESTIONS, sumPath, type QuestionCode, type SumDescription } from '@/core/sums/sum';
import { findByWords } from '@/core/sums/findByWords';
import { PlaceFrame, type PlaceProps } from '@/bench/frame/PlaceFrame';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { Note } from '@/ui/parts/text';

type Entry = Pick<SumDescription, 'topic' | 'mode' | 'asks' | 'title' | 'lead' | 'keywords'>;

/** All sums by what is asked; a few letters narrow the list. */
export function SumsIndex({ entries, ...place }: PlaceProps & { entries: readonly Entry[] }) {
  const [wanted, setWanted] = useState('');
  const found = findByWords(entries, wanted, ({ title, keywords, lead }) => `${title} ${keywords} ${lead}`);
  const groups = (Object.keys(QUESTIONS) as QuestionCode[])
    .map((code) => ({ code, sums: found.filter(({ asks }) => asks === code) }))
    .filter(({ sums }) => sums.length > 0);
  return (
    <PlaceFrame
      isTitleHeading
      here="Quick sums"
      title="Quick sums"
      subtitle="every calculation, without a job"
      {...place}
    >
      <Box sx={{ py: 2, maxWidth: 640 }}>
        <TextField
          autoFocus
          fullWidth
          label="What do you want to know?"
          placeholder="shim, seconds, push …"
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
          slotProps={{ htmlInput: { 'data-testid': 'find-sum' } }}
        />
      </Box>
      {groups.length === 0 && (
        <Box role="status" sx={{ fontSize: TYPE.name }}>
          No sum has these words.{' '}
          <Box
            component="button"
            onClick={() => setWanted('')}
            sx={{
              font: 'inherit',
              minHeight: 48,
              background: 'none',
              border: 0,
              textDecoration: 'underline',
              color: token('ink'),
              cursor: 'pointer',
            }}
          >
            Show all
          </Box>
        </Box>
      )}
      <Box sx={{ columnCount: { xs: 1, md: 2, lg: 3 }, columnGap: 5 }}>
        {groups.map(({ code, sums }) => (
          <SumGroup key={code} code={code} sums={sums} />
        ))}
      </Box>
    </PlaceFrame>
  );
}

type SumGroupProps = {
  code: 'drop_in' | 'push' | 'fit' | 'square' | 'shim' | 'close' | 'part';
  sums: Entry[];
};

/** The sums that answer one question. */
function SumGroup({ code, sums }: SumGroupProps) {
  return (
    <Box component="section" aria-label={QUESTIONS[code]} sx={{ breakInside: 'avoid', mb: 3 }}>
      <Box
        component="h2"
        sx={{
          m: 0,
          fontSize: TYPE.figure,
          fontWeight: 800,
          fontStretch: STRETCH.headline,
          borderBottom: `3px solid ${token('ink')}`,
        }}
      >
        {QUESTIONS[code]}
      </Box>
      {sums.map((sum) => (
        <Box
          key={sumPath(sum)}
          component={Link}
          href={`/sums/${sumPath(sum)}`}
          sx={{
            display: 'block',
            py: 1,
            minHeight: 48,
            color: token('ink'),
            textDecoration: 'none',
            borderBottom: `1px solid ${token('rule')}`,
            '&:hover b, &:focus-visible b': { textDecoration: 'underline' },
          }}
        >
          <Box component="b" sx={{ fontSize: TYPE.lead, fontWeight: 720, fontStretch: STRETCH.headline }}>
            {sum.title}
          </Box>
          <Note sx={{ lineHeight: 1.25 }}>{sum.lead}</Note>
        </Box>
      ))}
    </Box>
  );
}
