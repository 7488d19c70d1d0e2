'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { MoveNow, ShownOffer } from '@/bench/frame/moveNow';
import type { WalkStyle } from '@/core/record/vocabulary';
import type { OfferCode } from '@/core/walk/offer';
import { useJob } from '@/bench/record/JobProvider';

/** Answers that leave something out, or say that something is not right: never the black button. */
const SECOND: readonly OfferCode[] = [
  'usual_fit',
  'as_it_was',
  'overrule',
  'remedy',
  'tool',
  'stuck',
  'square',
  'trouble',
];

/** The answers to the next move: one tap each, the usual one black. */
export function OfferButtons({ now: { move, offers }, walk }: { now: MoveNow; walk: WalkStyle }) {
  const { job, takeOffer } = useJob();
  /** The words are the server's at first; what an answer puts on record comes with the walk, right after the first drawing. */
  const take = async (offer: ShownOffer) => {
    const { draftsOf } = await import('@/bench/frame/moveNow');
    takeOffer(draftsOf(offer, move, job, walk));
  };
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
          variant={i === 0 && hasMain ? 'contained' : offer.code === 'trouble' ? 'text' : 'outlined'}
          data-offer={offer.code}
          onClick={() => void take(offer)}
          sx={{ minHeight: i === 0 && hasMain ? 60 : 48, minWidth: i === 0 && hasMain ? 150 : 0, px: 2 }}
        >
          {offer.words}
        </Button>
      ))}
    </Box>
  );
}
