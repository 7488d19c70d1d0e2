import type { InstrumentId, PersonId } from '@/core/record/ids';
import type { Thresholds } from '@/core/heat/mildest';
import type { Round, RoundGone } from '@/core/look/roundSchema';
import type { StockItem } from '@/core/tools/stock';
import type { Tool } from '@/core/tools/tool';
import type { HeatPlan } from './heatPlan';
import type { Instrument } from './instrument';
import type { Person } from './person';

/**
 * What is changed in the shop and belongs to no job: its tool wall, its stock, its instruments and its people. The last change holds, so
 * that none carries a version.
 */
export type Choices = Partial<Pick<Person, 'units' | 'walk' | 'instruments'>>;
export type ShopEdit =
  | { what: 'tool'; tool: Tool }
  | { what: 'tool_off'; tool: Tool }
  | { what: 'stock'; item: StockItem }
  | { what: 'stock_off'; item: StockItem }
  | { what: 'instrument'; instrument: Instrument }
  | { what: 'instrument_off'; instrument: Instrument }
  | { what: 'calibration'; instrumentId: InstrumentId; calibrationDue: string | null }
  | { what: 'person'; person: Pick<Person, 'id' | 'initials' | 'name' | 'units'> }
  | { what: 'round'; round: Round }
  | { what: 'round_off'; round: Round }
  | { what: 'round_gone'; gone: RoundGone }
  | { what: 'rules'; rules: Thresholds }
  | { what: 'heat_plan'; heatPlan: HeatPlan }
  | { what: 'choices'; personId: PersonId; choices: Choices };

/** What an edit changes: of two edits of one thing, the later one is sent. */
export function shopThingOf(edit: ShopEdit): string {
  switch (edit.what) {
    case 'tool':
    case 'tool_off':
      return edit.tool.id;
    case 'stock':
    case 'stock_off':
      return edit.item.id;
    case 'instrument':
    case 'instrument_off':
      return edit.instrument.id;
    case 'calibration':
      return edit.instrumentId;
    case 'person':
      return edit.person.id;
    case 'round':
    case 'round_off':
      return edit.round.id;
    case 'round_gone':
      return edit.gone.id;
    case 'rules':
    case 'heat_plan':
      return edit.what;
    // A person must be there before they have choices: two things.
    case 'choices':
      return `choices ${edit.personId}`;
  }
}

export const mergeShopEdits = (first: ShopEdit, second: ShopEdit): ShopEdit =>
  first.what === 'choices' && second.what === 'choices'
    ? { ...second, choices: withChoices(first.choices, second.choices) }
    : second;

/** What was chosen later holds; of instruments, family by family. */
export const withChoices = <C extends Choices>(before: C, { instruments, ...later }: Choices): C => ({
  ...before,
  ...later,
  ...(instruments && { instruments: { ...before.instruments, ...instruments } }),
});

/** A list with a thing in its place, at its end where it is new, or without it. */
function withThing<T extends { id: string }>(list: readonly T[], thing: T, isOff: boolean): T[] {
  if (isOff) return list.filter(({ id }) => id !== thing.id);
  return list.some(({ id }) => id === thing.id)
    ? list.map((each) => (each.id === thing.id ? thing : each))
    : [...list, thing];
}

/** What a shop has, as far as a screen has been told. */
export type Shop = {
  tools: readonly Tool[];
  stock: readonly StockItem[];
  instruments: readonly Instrument[];
  people: readonly Person[];
  rules: Thresholds;
  heatPlan: HeatPlan;
  rounds: readonly Round[];
  roundsGone: readonly RoundGone[];
};

type ListEdit = {
  of: 'tools' | 'stock' | 'instruments' | 'rounds' | 'roundsGone';
  thing: { id: string };
  isOff: boolean;
};

/** An edit that puts a thing into a list, changes it there, or takes it out; null: it is another. */
function listEditOf(edit: ShopEdit): ListEdit | null {
  switch (edit.what) {
    case 'tool':
    case 'tool_off':
      return { of: 'tools', thing: edit.tool, isOff: edit.what === 'tool_off' };
    case 'stock':
    case 'stock_off':
      return { of: 'stock', thing: edit.item, isOff: edit.what === 'stock_off' };
    case 'instrument':
    case 'instrument_off':
      return { of: 'instruments', thing: edit.instrument, isOff: edit.what === 'instrument_off' };
    case 'round':
    case 'round_off':
      return { of: 'rounds', thing: edit.round, isOff: edit.what === 'round_off' };
    case 'round_gone':
      return { of: 'roundsGone', thing: edit.gone, isOff: false };
    default:
      return null;
  }
}

const changed = <T extends { id: string }>(list: readonly T[], id: string, change: (thing: T) => T): T[] =>
  list.map((each) => (each.id === id ? change(each) : each));

/** The shop once the edit is stored: of what is known of it, the lists that the edit does not touch are the very same. */
export function applyShopEdit<S extends Partial<Shop>>(shop: S, edit: ShopEdit): S {
  const inList = listEditOf(edit);
  if (inList) {
    const list: readonly { id: string }[] | undefined = shop[inList.of];
    return list ? { ...shop, [inList.of]: withThing(list, inList.thing, inList.isOff) } : shop;
  }
  const { instruments, people } = shop;
  switch (edit.what) {
    case 'calibration': {
      if (!instruments) return shop;
      const { instrumentId, calibrationDue } = edit;
      return {
        ...shop,
        instruments: changed(instruments, instrumentId, (each) => ({ ...each, calibrationDue })),
      };
    }
    case 'person': {
      if (!people) return shop;
      const known = people.find(({ id }) => id === edit.person.id);
      return { ...shop, people: withThing(people, { ...known, ...edit.person }, false) };
    }
    case 'rules':
      return shop.rules ? { ...shop, rules: edit.rules } : shop;
    case 'heat_plan':
      return shop.heatPlan ? { ...shop, heatPlan: edit.heatPlan } : shop;
    case 'choices': {
      if (!people) return shop;
      return { ...shop, people: changed(people, edit.personId, (each) => withChoices(each, edit.choices)) };
    }
    default:
      return shop;
  }
}
