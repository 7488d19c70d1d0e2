import type { SeatView } from './seatView';

/** Does it hang in its bore, and is not out of it yet? */
export const isHanging = ({ history: { stuck } }: Pick<SeatView, 'history'>): boolean =>
  stuck !== null && stuck.outMs === null;
