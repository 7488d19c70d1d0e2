import type { InstrumentId, PersonId } from '@/core/record/ids';
import type { Thresholds } from '@/core/heat/mildest';
import type { Round, RoundGone } from '@/core/look/roundSchema';
import type { StockItem } from '@/core/tools/stock';
import type { Tool } from '@/core/tools/tool';
import type { Instrument, Person } from './job';

/**
 * What is changed in the shop and belongs to no job: its tool wall, its stock, its instruments and its people. The last change holds, so
 * that none carries a version.
 */
type Choices = Partial<Pick<Person, 'units' | 'walk'>>;
export type ShopEdit =
  | { what: 'tool'; tool: Tool }
  | { what: 'tool_off'; tool: Tool }
  | { what: 'stock'; item: StockItem }
  | { what: 'stock_off'; item: StockItem }
  | { what: 'calibration'; instrumentId: InstrumentId; calibrationDue: string | null }
  | { what: 'person'; person: Pick<Person, 'id' | 'initials' | 'name' | 'units'> }
  | { what: 'round'; round: Round }
  | { what: 'round_off'; round: Round }
  | { what: 'round_gone'; gone: RoundGone }
  | { what: 'rules'; rules: Thresholds }
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
      return 'rules';
    // A person must be there before they have choices: two things.
    case 'choices':
      return `choices ${edit.personId}`;
  }
}

export const mergeShopEdits = (first: ShopEdit, second: ShopEdit): ShopEdit =>
  first.what === 'choices' && second.what === 'choices'
    ? { ...second, choices: { ...first.choices, ...second.choices } }
    : second;

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
  rounds: readonly Round[];
  roundsGone: readonly RoundGone[];
};

/** The shop once the edit is stored: of what is known of it, the lists that the edit does not touch are the very same. */
export function applyShopEdit<S extends Partial<Shop>>(shop: S, edit: ShopEdit): S {
  const { tools, stock, instruments, people, rounds } = shop;
  switch (edit.what) {
    case 'tool':
    case 'tool_off':
      return tools ? { ...shop, tools: withThing(tools, edit.tool, edit.what === 'tool_off') } : shop;
    case 'stock':
    case 'stock_off':
      return stock ? { ...shop, stock: withThing(stock, edit.item, edit.what === 'stock_off') } : shop;
    case 'calibration': {
      if (!instruments) return shop;
      const { instrumentId, calibrationDue } = edit;
      const changed = instruments.map((each) =>
        each.id === instrumentId ? { ...each, calibrationDue } : each,
      );
      return { ...shop, instruments: changed };
    }
    case 'person': {
      if (!people) return shop;
      const known = people.find(({ id }) => id === edit.person.id);
      return { ...shop, people: withThing(people, { ...known, ...edit.person }, false) };
    }
    case 'round':
    case 'round_off':
      return rounds ? { ...shop, rounds: withThing(rounds, edit.round, edit.what === 'round_off') } : shop;
    case 'round_gone':
      return shop.roundsGone ? { ...shop, roundsGone: withThing(shop.roundsGone, edit.gone, false) } : shop;
    case 'rules':
      return shop.rules ? { ...shop, rules: edit.rules } : shop;
    case 'choices': {
      if (!people) return shop;
      const { personId, choices } = edit;
      return {
        ...shop,
        people: people.map((each) => (each.id === personId ? { ...each, ...choices } : each)),
      };
    }
  }
}
