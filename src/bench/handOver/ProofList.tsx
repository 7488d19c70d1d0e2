'use client';
import Box from '@mui/material/Box';
import type { Overruled, Proof, ProvedBy } from '@/core/handOver/proofs';
import { proofPath } from './proofPath';
import { Link } from '@/ui/parts/Link';
import { Lead, Note, Quiet, Text } from '@/ui/parts/text';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { PROOF_WORDS, PROVED_WORDS, sayOverruled } from '@/ui/words/handOver';

/** What stands out comes first. */
const ORDER: readonly ProvedBy[] = ['open', 'word', 'figures', 'hand', 'not_here'];

type Props = {
  jobId: string;
  firstSeatId: string;
  proofs: readonly Proof[];
  overruled: readonly Overruled[];
};

/** How many are proved, in figures that are read from the other side of the bench, and each of them with what proves it. */
export function ProofList({ jobId, firstSeatId, proofs, overruled }: Props) {
  const groups = ORDER.flatMap((by) => {
    const those = proofs.filter((proof) => proof.by === by);
    return those.length > 0 ? [{ by, those }] : [];
  });
  return (
    <Box data-testid="proofs">
      {groups.map(({ by, those }) => (
        <Box
          key={by}
          component="section"
          data-proved={by}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', sm: '150px 1fr' },
            columnGap: 2,
            borderTop: `2px solid ${token('ink')}`,
            py: 1,
            color: by === 'not_here' ? token('steel') : token('ink'),
          }}
        >
          <Box>
            <Box
              sx={{ fontSize: TYPE.headline, fontWeight: 800, fontStretch: STRETCH.headline, lineHeight: 1 }}
            >
              {those.length}
            </Box>
            <Lead sx={{ fontWeight: 700 }}>{PROVED_WORDS[by]}</Lead>
          </Box>
          <Box sx={{ columns: { md: 2 }, columnGap: 3 }}>
            {those.map((proof) => (
              <Text key={proof.key} sx={{ breakInside: 'avoid', py: 0.25 }}>
                {by === 'open' ? (
                  <Box
                    component={Link}
                    href={proofPath(jobId, firstSeatId, proof)}
                    sx={{ color: 'inherit', fontWeight: 750, display: 'inline-block', lineHeight: '48px' }}
                  >
                    {proof.name}
                  </Box>
                ) : (
                  <b>{proof.name}</b>
                )}{' '}
                <Quiet component="span">{PROOF_WORDS[proof.sort]}</Quiet>
              </Text>
            ))}
          </Box>
        </Box>
      ))}
      {overruled.length > 0 && (
        <Box data-testid="overruled" sx={{ borderTop: `2px solid ${token('ink')}`, py: 1 }}>
          <Lead sx={{ fontWeight: 700 }}>Taken all the same</Lead>
          {overruled.map((each) => (
            <Text key={sayOverruled(each)}>{sayOverruled(each)}.</Text>
          ))}
          <Note>It stands on the workshop’s page with its reason.</Note>
        </Box>
      )}
    </Box>
  );
}
