'use client';
import { newId } from '@/bench/record/newId';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Units } from '@/core/quantity/format';
import type { Person } from '@/core/record/person';
import { pickPerson } from '@/bench/record/hooks';
import { outbox } from '@/bench/record/outbox';
import { keepAndHearShopEdit } from '@/bench/record/useShop';
import { PlainField } from '@/ui/fields/PlainField';
import { Note } from '@/ui/parts/text';
import { UNIT_CHOICES } from '@/ui/words/people';
import { sayNewcomer } from '@/ui/words/refusal';

/** Takes the initials, and says what is wrong with them, or null. Initials that are here already are that person. */
async function enter(initials: string, name: string, units: Units, people: readonly Person[]) {
  const known = people.find((each) => each.initials === initials);
  if (known) {
    pickPerson(known.id);
    return null;
  }
  const person = { id: newId(), initials, name: name.trim() || initials, units };
  const heard = await keepAndHearShopEdit({ what: 'person', person });
  if (heard.is === 'refused') {
    void outbox.leaveOut(heard.id);
    return sayNewcomer(heard.refusal.issues);
  }
  pickPerson(person.id);
  return null;
}

/** Somebody new at the bench: initials, and the units by one tap, which enters them. In a shop without anybody it stands open. */
export function NewPerson({ people, onAdded }: { people: readonly Person[]; onAdded: () => void }) {
  const [isOpen, setOpen] = useState(people.length === 0);
  const [initials, setInitials] = useState('');
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  if (!isOpen)
    return (
      <Button variant="text" sx={{ mt: 1, px: 0 }} onClick={() => setOpen(true)}>
        Somebody new
      </Button>
    );
  const add = async (units: Units) => {
    const typed = initials.trim().toUpperCase();
    if (typed === '') return setProblem('Initials first: they stand beside all that you read and do.');
    const wrong = await enter(typed, name, units, people);
    setProblem(wrong);
    if (wrong === null) onAdded();
  };
  return (
    <Box
      sx={{ mt: 1 }}
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        void add('metric');
      }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
        <PlainField
          label="Initials"
          name="initials"
          value={initials}
          width={130}
          maxLength={4}
          isFirst
          problem={problem}
          onChange={(text) => {
            setInitials(text);
            setProblem(null);
          }}
        />
        <PlainField label="Name (may wait)" name="name" value={name} maxLength={80} onChange={setName} />
      </Box>
      <Note sx={{ mt: 1 }}>Reads and types in (one tap enters; it can be changed behind the initials):</Note>
      <Box sx={{ display: 'flex', gap: 1, mt: 0.5, flexWrap: 'wrap' }}>
        {UNIT_CHOICES.map(({ units, words }, i) => (
          <Button
            key={units}
            type={i === 0 ? 'submit' : 'button'}
            variant={i === 0 ? 'contained' : 'outlined'}
            sx={{ minHeight: 56 }}
            onClick={i === 0 ? undefined : () => void add(units)}
          >
            {words}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
