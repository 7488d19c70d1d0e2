import { readWhen } from '@/core/board/readWhen';
import { EntryField } from '@/ui/fields/EntryField';

type Props = { shown: string; nowMs: number; onTake: (atMs: number) => void };

/** An hour, typed as people say it. */
export const WantedHour = ({ shown, nowMs, onTake }: Props) => (
  <EntryField
    name="wanted-hour"
    label="When"
    width={260}
    shown={shown}
    help="Thursday 10:00, in 40 min, back from lunch"
    read={(typed) => readWhen(typed, nowMs)}
    onTake={onTake}
  />
);
