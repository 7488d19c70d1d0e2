'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from '@/ui/parts/Link';
import { useMemo, useState } from 'react';
import { addressFromSeat, sumsOfSeat } from '@/core/job/seatSums';
import type { SeatId } from '@/core/record/ids';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { TYPE } from '@/ui/theme/tokens';

/** The sums that this seat can fill in by itself: opened with what is known here, kept with the seat from there. */
export function SeatSums({ seatId }: { seatId: SeatId }) {
  const { job, record } = useJob();
  const view = useSeatView(seatId);
  const [isOpen, setOpen] = useState(false);
  const sums = useMemo(() => (view ? sumsOfSeat(view, job) : []), [view, job]);
  if (sums.length === 0) return null;
  return (
    <Box data-testid="seat-sums">
      <Button
        variant="text"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
        sx={{ px: 0, minHeight: 48, fontSize: TYPE.small }}
      >
        Sums, filled in from this seat
      </Button>
      {isOpen &&
        sums.map((sum) => (
          <Link
            key={sum.path}
            href={addressFromSeat(sum, { jobId: record.id, seatId })}
            data-sum={sum.path}
            style={{ color: 'inherit', display: 'flex', alignItems: 'center', minHeight: 48 }}
          >
            {sum.asks}
          </Link>
        ))}
    </Box>
  );
}
