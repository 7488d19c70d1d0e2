'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import type { Photograph } from '@/core/record/job';
import { Text } from '@/ui/parts/text';

/** One photograph, large; it can be taken away (and that be undone). */
export function PhotographDialog({
  photograph,
  onClose,
  onTakeAway,
}: {
  photograph: Photograph | null;
  onClose: () => void;
  onTakeAway: (photograph: Photograph) => void;
}) {
  return (
    <Dialog open={photograph !== null} onClose={onClose} maxWidth="lg">
      {photograph && (
        <>
          {/* eslint-disable-next-line @next/next/no-img-element -- served by id from the database, already scaled */}
          <img
            src={`/api/v1/photographs/${photograph.id}`}
            alt={photograph.caption}
            style={{ maxWidth: '100%', maxHeight: '78vh', display: 'block' }}
          />
          <DialogActions sx={{ p: 2 }}>
            <Text sx={{ flex: 1 }}>
              {photograph.caption} {new Date(photograph.takenAt).toLocaleString('en-GB')}
            </Text>
            <Button variant="text" onClick={() => onTakeAway(photograph)}>
              Take it away
            </Button>
            <Button variant="contained" onClick={onClose}>
              Close
            </Button>
          </DialogActions>
        </>
      )}
    </Dialog>
  );
}
