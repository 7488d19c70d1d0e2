import type { PartState, SeatState } from '@/core/job/seatView';
import type { MarkName } from '@/ui/marks/StateMark';

export const seatMark = (state: SeatState): MarkName => state;
/** The bearing has a mark of its own only while it says something that the seat's mark does not. */
export const partMark = (state: PartState): MarkName | null => (state === 'cold' ? 'cold' : null);
