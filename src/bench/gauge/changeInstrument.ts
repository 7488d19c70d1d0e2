import type { Instrument } from '@/core/record/instrument';
import { newId } from '@/bench/record/newId';
import { keepShopEdit } from '@/bench/record/useShop';

/** Typed in inches and back, a figure is the same within this share. */
const SAME_SHARE = 0.005;
const isOther = (a: number, b: number) => Math.abs(a - b) > SAME_SHARE * b;

/**
 * Stores an instrument, or its change. One that is reckoned with otherwise from now on is another: what was read before keeps the doubt
 * that it was read with.
 */
export function changeInstrument(before: Instrument | null, instrument: Instrument) {
  const isAnother =
    before !== null && (isOther(instrument.u, before.u) || isOther(instrument.resolution, before.resolution));
  if (isAnother) keepShopEdit({ what: 'instrument_off', instrument: before });
  keepShopEdit({
    what: 'instrument',
    instrument: isAnother ? { ...instrument, id: newId() as Instrument['id'] } : instrument,
  });
}
