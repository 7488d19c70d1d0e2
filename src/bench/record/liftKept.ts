import type { Issue } from '@/core/quantity/result';
import type { Edit } from '@/core/record/edits';
import type { JobEvent } from '@/core/record/entries';
import { liftEvent } from '@/core/record/events/versions';
import type { Kept, KeptPhotograph } from './kept';

/**
 * As earlier releases kept them: one reason and not a list; bodies of events and sizes of seats in their older shapes; photographs without
 * a type, in a store of their own.
 */
export async function lifted(kept: Kept): Promise<Kept> {
  const refused =
    kept.refused && !Array.isArray(kept.refused) ? [kept.refused as unknown as Issue] : kept.refused;
  if (kept.type === 'event') return { ...kept, refused, entry: liftEvent(kept.entry) as JobEvent };
  if (kept.type !== 'edit') return { ...kept, refused };
  // Rare, and not small: only where it is needed. Without it the server says what it does not take.
  const lift = await import('@/core/record/liftHead').then(
    ({ liftEdit }) => liftEdit,
    () => (edit: Edit) => edit,
  );
  return { ...kept, refused, edit: lift(kept.edit) };
}
export const liftedPhotograph = (kept: object): Kept =>
  ({ ...kept, type: 'photograph', refused: null }) as KeptPhotograph;
