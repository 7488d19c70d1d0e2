'use client';
import Box from '@mui/material/Box';
import type { Seat } from '@/core/record/job';
import type { BoreSpec } from '@/core/record/seatSpec';
import { labelOf } from '@/core/parts/partLabel';
import { SpecDialog, SpecEntry } from './SpecDialog';
import { useSpecForm, type SpecField } from './useSpecForm';

const size = (path: string, label: string): SpecField => ({ path, label, quantity: 'size' });
const FIELDS: readonly SpecField[] = [
  size('part.boreMm', 'Bearing bore'),
  size('part.outsideMm', 'Bearing outside'),
  size('part.widthMm', 'Bearing width'),
  size('housing.depthToShoulderMm', 'Depth to the shoulder'),
  size('housing.shoulderBoreMm', 'Bore through the shoulder'),
  size('housing.bossOutsideMm', 'Boss outside'),
  size('housing.bossHeightMm', 'Boss height'),
  size('housing.webThicknessMm', 'Web thickness'),
];

/** The label follows the sizes. */
const labelled = (spec: BoreSpec): BoreSpec =>
  ({ ...spec, part: { ...spec.part, designation: labelOf(spec.part) } }) as BoreSpec;

/** Sizes of the seat and its bearing. */
export function SizesDialog({ seat, onClose }: { seat: Seat; onClose: () => void }) {
  const form = useSpecForm({
    seat,
    fields: FIELDS,
    finish: labelled,
    done: `Sizes of ${seat.name} changed`,
    onClose,
  });
  return (
    <SpecDialog title={`Sizes of ${seat.name}`} save="Save sizes" form={form} onClose={onClose}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2, pt: 1 }}>
        {FIELDS.map((field) => (
          <SpecEntry key={field.path} field={field} form={form} />
        ))}
      </Box>
    </SpecDialog>
  );
}
