'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Person } from '@/core/record/person';
import { chooseForPerson, pickPerson, usePerson } from '@/bench/record/hooks';
import { useShop } from '@/bench/record/useShop';
import { useLoaded } from '@/bench/record/useLoaded';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { UNIT_CHOICES } from '@/ui/words/people';
import { Quiet } from '@/ui/parts/text';

const loadNewPerson = () => import('./NewPerson');

const WALK_WORDS: readonly { walk: NonNullable<Person['walk']>; words: string }[] = [
  { walk: 'quick', words: 'quick: measure and fit' },
  { walk: 'full', words: 'full' },
  { walk: 'taught', words: 'taught, with reasons' },
];

/** Who is at the bench, and in which units that person reads and types. */
export function PersonPicker({
  people: said,
  isOpen,
  onClose,
}: {
  people: readonly Person[];
  isOpen: boolean;
  onClose: () => void;
}) {
  const people = useShop({ people: said }).people.filter(({ isOff }) => !isOff);
  const person = usePerson(said);
  const newPerson = useLoaded(loadNewPerson);
  if (!isOpen) return null;
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>Who is at the bench?</DialogTitle>
      <DialogContent>
        <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap' }}>
          {people.map(({ id, initials, name }, i) => (
            <Button
              key={id}
              variant="outlined"
              autoFocus={i === 0}
              aria-pressed={id === person?.id}
              sx={{
                width: 150,
                minHeight: 96,
                flexDirection: 'column',
                backgroundColor: id === person?.id ? token('shade') : undefined,
              }}
              onClick={() => {
                pickPerson(id);
                onClose();
              }}
            >
              <Box component="span" sx={{ fontSize: TYPE.figure, fontWeight: 800 }}>
                {initials}
              </Box>
              <Box component="span" sx={{ fontSize: TYPE.small, fontWeight: 500, fontStretch: STRETCH.text }}>
                {name}
              </Box>
            </Button>
          ))}
        </Box>
        {newPerson && <newPerson.NewPerson people={people} onAdded={onClose} />}
        {person && (
          <Box sx={{ mt: 3 }}>
            <Quiet sx={{ fontSize: TYPE.text }}>{person.initials} reads and types in</Quiet>
            <Box sx={{ display: 'flex', gap: 1, mt: 1 }} role="group" aria-label="Units">
              {UNIT_CHOICES.map(({ units, words }) => (
                <Button
                  key={units}
                  variant={units === person.units ? 'outlined' : 'text'}
                  aria-pressed={units === person.units}
                  onClick={() => chooseForPerson(person, { units })}
                >
                  {words}
                </Button>
              ))}
            </Box>
            <Quiet sx={{ fontSize: TYPE.text, mt: 2 }}>and walks through a job</Quiet>
            <Box sx={{ display: 'flex', gap: 1, mt: 1 }} role="group" aria-label="Walk">
              {WALK_WORDS.map(({ walk, words }) => (
                <Button
                  key={walk}
                  variant={walk === (person.walk ?? 'full') ? 'outlined' : 'text'}
                  aria-pressed={walk === (person.walk ?? 'full')}
                  onClick={() => chooseForPerson(person, { walk })}
                >
                  {words}
                </Button>
              ))}
            </Box>
          </Box>
        )}
      </DialogContent>
    </Dialog>
  );
}
