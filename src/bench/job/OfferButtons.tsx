'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import type { WalkStyle } from '@/core/record/vocabulary';
import type { Move } from '@/core/walk/move';
import type { OfferCode } from '@/core/walk/offer';
import { offersFor } from '@/core/walk/offers';
import { useJob } from '@/bench/record/JobProvider';
import { sayOffer } from '@/ui/words/offers';

/** Answers that leave something out, or say that something is not right: never the black button. */
const SECOND: readonly OfferCode[] = [
  'usual_fit',
  'as_it_was',
  'overrule',
  'remedy',
  'tool',
  'stuck',
  'square',
];

/** The answers to the next move: one tap each, the usual one black. */
export function OfferButtons({ move, walk }: { move: Move; walk: WalkStyle }) {
  const { job, takeOffer } = useJob();
  const offers = useMemo(() => offersFor(move, job, walk), [move, job, walk]);
  const [main] = offers;
  const hasMain = main !== undefined && !SECOND.includes(main.code);
  return (
    <Box
      data-testid="offers"
      sx={{
        display: 'flex',
        // On a phone one row, which is pushed sideways where it has to be.
        flexWrap: { xs: 'nowrap', sm: 'wrap' },
        overflowX: { xs: 'auto', sm: 'visible' },
        '& > *': { flexShrink: 0 },
        minWidth: 0,
        gap: 1,
        justifyContent: { sm: 'flex-end' },
        alignItems: 'center',
        maxWidth: { xs: '100%', sm: 520 },
      }}
    >
      {offers.map((offer, i) => (
        <Button
          key={`${offer.code}${offer.key ?? ''}`}
          variant={i === 0 && hasMain ? 'contained' : 'outlined'}
          data-offer={offer.code}
          onClick={() => takeOffer(offer.drafts())}
          sx={{ minHeight: i === 0 && hasMain ? 60 : 48, minWidth: i === 0 && hasMain ? 150 : 0, px: 2 }}
        >
          {sayOffer(offer)}
        </Button>
      ))}
    </Box>
  );
}
