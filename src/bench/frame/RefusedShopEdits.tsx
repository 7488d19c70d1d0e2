'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import { isShopEdit, type KeptShopEdit } from '@/bench/record/kept';
import { outbox } from '@/bench/record/outbox';
import { Alert } from '@/ui/parts/Alert';
import { sayNewcomer, sayRefusal, sayShopEdit } from '@/ui/words/refusal';

/** Changes of the shop that waited, and were not taken when the server was back: each with its reason and a way on. */
export function RefusedShopEdits() {
  const [refused, setRefused] = useState<readonly KeptShopEdit[]>([]);
  useEffect(
    () =>
      outbox.subscribe((kept) =>
        setRefused((before) => {
          const now = kept.filter(isShopEdit).filter((each) => each.refused !== null);
          return before.length + now.length === 0 ? before : now;
        }),
      ),
    [],
  );
  return refused.map((kept) =>
    kept.edit.what === 'person' ? (
      <Newcomer key={kept.id} kept={kept} edit={kept.edit} />
    ) : (
      <Alert key={kept.id} testId="refused-shop">
        <Box sx={{ flex: 1, py: 1 }}>
          <b>Not taken.</b> {sayShopEdit(kept.edit)}. {sayRefusal(kept.refused ?? [], 'metric')}
        </Box>
        <LeaveOut id={kept.id} />
      </Alert>
    ),
  );
}

const LeaveOut = ({ id }: { id: string }) => (
  <Button variant="text" onClick={() => void outbox.leaveOut(id)}>
    Leave it out
  </Button>
);

type NewcomerProps = { kept: KeptShopEdit; edit: Extract<KeptShopEdit['edit'], { what: 'person' }> };

/** Somebody else had the same initials: what this person did meanwhile waits for others. */
function Newcomer({ kept, edit }: NewcomerProps) {
  const [initials, setInitials] = useState('');
  const correct = () =>
    void outbox.keep({
      ...kept,
      refused: null,
      edit: { ...edit, person: { ...edit.person, initials: initials.trim().toUpperCase() } },
    });
  return (
    <Alert testId="refused-shop">
      <Box sx={{ flex: 1, py: 1 }}>
        <b>Not taken.</b> {sayShopEdit(edit)}. {sayNewcomer(kept.refused ?? [])}
      </Box>
      <TextField
        label="Other initials"
        value={initials}
        onChange={(event) => setInitials(event.target.value)}
        sx={{ width: 130, my: 1 }}
        slotProps={{ htmlInput: { maxLength: 4, name: 'other-initials' } }}
      />
      <Button variant="outlined" disabled={initials.trim() === ''} onClick={correct}>
        Take these
      </Button>
      <LeaveOut id={kept.id} />
    </Alert>
  );
}
