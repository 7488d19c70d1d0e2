'use client';
import { newId } from '@/bench/record/newId';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { pickPerson } from '@/bench/record/hooks';
import { outbox } from '@/bench/record/outbox';
import { keepAndHearShopEdit } from '@/bench/record/useShop';
import { sayNewcomer } from '@/ui/words/refusal';

/** Somebody new at the bench: initials and a name. */
export function NewPerson({ onAdded }: { onAdded: () => void }) {
  const [isOpen, setOpen] = useState(false);
  const [initials, setInitials] = useState('');
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  if (!isOpen)
    return (
      <Button variant="text" sx={{ mt: 1, px: 0 }} onClick={() => setOpen(true)}>
        Somebody new
      </Button>
    );
  const add = async () => {
    if (initials.trim() === '' || name.trim() === '') {
      setProblem('Both are needed: initials to tell people apart, the name for the record.');
      return;
    }
    const person = {
      id: newId(),
      initials: initials.trim().toUpperCase(),
      name: name.trim(),
      units: 'metric' as const,
    };
    const heard = await keepAndHearShopEdit({ what: 'person', person });
    if (heard.is === 'refused') {
      void outbox.leaveOut(heard.id);
      setProblem(sayNewcomer(heard.refusal.issues));
      return;
    }
    pickPerson(person.id);
    onAdded();
  };
  return (
    <Box
      sx={{ display: 'flex', gap: 1, mt: 2, alignItems: 'flex-start' }}
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <TextField
        label="Initials"
        value={initials}
        onChange={(event) => setInitials(event.target.value)}
        sx={{ width: 96 }}
        slotProps={{ htmlInput: { maxLength: 4, name: 'initials' } }}
      />
      <TextField
        label="Name"
        value={name}
        error={problem !== null}
        helperText={problem}
        onChange={(event) => setName(event.target.value)}
        sx={{ flex: 1 }}
        slotProps={{ htmlInput: { maxLength: 80, name: 'name' } }}
      />
      <Button type="submit" variant="contained">
        Add
      </Button>
    </Box>
  );
}
