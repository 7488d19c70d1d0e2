import type { Instrument } from '@/core/record/instrument';
import type { UsedInstruments } from '@/core/record/person';
import { familyOf, type SlotFamily } from '@/core/record/slots';
import { REMEMBERED_MAX } from '@/core/record/vocabulary';
import { FAMILIES } from './sortFamilies';

/** Can this sort of instrument be put to such a slot? */
export const serves = ({ kind }: Pick<Instrument, 'kind'>, family: SlotFamily): boolean =>
  kind === 'by_hand' ? familyOf({ family }).quantity === 'length' : FAMILIES[kind].includes(family);

/** Does it span the size? One whose range was not said does. */
export const spans = ({ range }: Pick<Instrument, 'range'>, size: number | null): boolean =>
  !range || size === null || (size >= range.low && size <= range.high);

/** Is what it shows heard here, without anybody typing it? */
export const isHeard = ({ isSimulated, speaks }: Pick<Instrument, 'isSimulated' | 'speaks'>): boolean =>
  isSimulated || speaks?.by === 'process' || speaks?.by === 'serial';

type Bench = {
  family: SlotFamily;
  instruments: readonly Instrument[];
  /** What the person has used, last first. */
  used: UsedInstruments | undefined;
  /** The job is one of the demo's. */
  isDemo: boolean;
};

/** What may be picked for a slot: finest first; what is simulated, or the demo's, stands behind the shop's own. */
export function offeredFor({ family, instruments, isDemo }: Omit<Bench, 'used'>): Instrument[] {
  const isStrange = (each: Instrument) => !isDemo && (each.isSimulated || each.isDemo === true);
  return instruments
    .filter((each) => !each.isOff && serves(each, family) && !(isStrange(each) && !each.isSimulated))
    .sort((a, b) => Number(isStrange(a)) - Number(isStrange(b)) || a.u - b.u);
}

/**
 * With nothing said, the coarsest that the shop has: a verdict may then turn out surer than it was given, never the other way. A rule
 * only where there is nothing else.
 */
function usual(offered: readonly Instrument[], sizeMm: number | null): Instrument | null {
  const typed = offered.filter((each) => !each.isSimulated);
  const byHand = typed.find(({ kind }) => kind === 'by_hand');
  const fine = typed.filter((each) => each.kind !== 'steel_rule');
  return byHand ?? fine.filter((each) => spans(each, sizeMm)).at(-1) ?? fine.at(-1) ?? typed.at(-1) ?? null;
}

/**
 * The instrument that a slot is read with: what this person last used for such slots and is here; a simulated one on the shop's own jobs
 * only where it was `asked` for, now.
 * @param asked what was picked on this screen; null: nothing yet
 * @param sizeMm the size that belongs there, mm; null: not known
 * @returns `heard` what speaks to this screen; `typed` what a typed figure was read with
 */
export function chooseInstrument(bench: Bench & { asked: string | null; sizeMm: number | null }): {
  heard: Instrument | null;
  typed: Instrument | null;
  offered: Instrument[];
} {
  const offered = offeredFor(bench);
  const used = (bench.used?.[bench.family] ?? [])
    .map((id) => offered.find((each) => each.id === id))
    .filter((each) => each !== undefined);
  const asked = offered.find(({ id }) => id === bench.asked);
  const first = asked ?? used.find((each) => bench.isDemo || !each.isSimulated);
  const real = [first, ...used].find((each) => each && !each.isSimulated);
  return {
    heard: first && isHeard(first) ? first : null,
    typed: real ?? usual(offered, bench.sizeMm),
    offered,
  };
}

/** What is remembered once an instrument was taken for a family: itself first. */
export const remembering = (
  used: UsedInstruments | undefined,
  families: readonly SlotFamily[],
  { id }: Pick<Instrument, 'id'>,
): UsedInstruments =>
  Object.fromEntries(
    families.map((family) => [
      family,
      [id, ...(used?.[family] ?? []).filter((each) => each !== id)].slice(0, REMEMBERED_MAX),
    ]),
  );
