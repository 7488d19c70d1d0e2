import { EntryField, readText } from '@/ui/fields/EntryField';

/** The number that stands on the old part: a third witness. */
export const OldNumber = ({ shown, onTake }: { shown: string; onTake: (designation: string) => void }) => (
  <EntryField
    label="Number on the old part"
    name="old-number"
    shown={shown}
    read={readText}
    onTake={onTake}
  />
);
