'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import type { ReactNode } from 'react';
import { token } from '@/ui/theme/tokens';
import { unitOf, type SpecField, type useSpecForm } from './useSpecForm';

type Props = {
  title: string;
  save: string;
  form: ReturnType<typeof useSpecForm>;
  onClose: () => void;
  children: ReactNode;
};

/** Numbers of a seat in a dialog. An edit made on an older state is refused, and shows what changed meanwhile. */
export function SpecDialog({ title, save, form, onClose, children }: Props) {
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <DialogTitle>{title}</DialogTitle>
      <DialogContent>
        {form.message && (
          <Box role="alert" sx={{ border: `2px solid ${token('ink')}`, p: 1.5, mb: 2, fontWeight: 650 }}>
            {form.message}
          </Box>
        )}
        {children}
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        <Button variant="text" onClick={onClose}>
          Leave it
        </Button>
        <Button variant="contained" onClick={() => void form.save()}>
          {save}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

export const SpecEntry = ({ field, form }: { field: SpecField; form: ReturnType<typeof useSpecForm> }) => (
  <TextField
    label={`${field.label}, ${unitOf(field, form.units)}`}
    value={form.shown(field)}
    error={form.problems.has(field.path)}
    helperText={form.problems.get(field.path) ?? ' '}
    onChange={(event) => form.type(field.path, event.target.value)}
    slotProps={{ htmlInput: { inputMode: 'decimal', 'data-path': field.path } }}
  />
);
