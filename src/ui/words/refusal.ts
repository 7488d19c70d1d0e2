import { differing, type Edit, type Standing } from '@/core/record/edits';
import type { JobEvent, Reading } from '@/core/record/entries';
import type { ShopEdit } from '@/core/record/shopEdits';
import type { Issue } from '@/core/quantity/result';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { sayEvent } from './events';
import { sayIssue } from './issues';
import { readSlot } from '@/core/record/slots';
import { slotWords } from './slots';

const FIELD_WORDS: Readonly<Record<string, string>> = {
  value: 'the reading',
  typed: 'the reading',
  metalC: 'temperature of the metal',
  takenAt: 'time',
  at: 'time',
  personId: 'person',
  instrumentId: 'instrument',
  seatId: 'seat',
  castingId: 'casting',
};

/** What a refused entry is about, in the trade's words: where, what was read or done. */
export function sayRefusedEntry(
  kept: { type: 'reading'; entry: Reading } | { type: 'event'; entry: JobEvent },
  seatName: string,
  units: Units,
): string {
  const where = seatName ? `${seatName}, ` : '';
  if (kept.type === 'event') return where + sayEvent(kept.entry, units);
  const { slot, typed, metalC } = kept.entry;
  return `${where}${slotWords(readSlot(slot))}: “${typed}”, metal at ${asText(showTemperature(metalC, units))}`;
}

const EDITED_WORDS: Readonly<Record<string, string>> = {
  spec: 'its sizes',
  name: 'its name',
  xMm: 'where it lies',
  yMm: 'where it lies',
  order: 'order of the seats',
  parts: 'parts',
  stacks: 'stacks',
  fasteners: 'fasteners',
  access: 'work to get at it',
  checks: 'checks',
  hidden: 'what lies hidden',
  inspect: 'what is inspected',
  special: 'notes',
  cautions: 'cautions',
};

/** A change that was not taken, with what stands there now in another way. */
export function sayEdit(edit: Edit, seatName: string, standing: Standing | undefined): string {
  const what =
    edit.what === 'new_seat'
      ? `Seat ${edit.seat.name}`
      : edit.what === 'seat'
        ? `Change of ${seatName || 'a seat'}`
        : edit.plan
          ? 'Change of the plan'
          : 'Change of the casting';
  const fields = standing ? differing(edit, standing).map((key) => EDITED_WORDS[key] ?? key) : [];
  return fields.length > 0 ? `${what}, which differs in ${[...new Set(fields)].join(', ')}` : what;
}

/** Why it was not taken: each value that is wrong by its name. */
export const sayRefusal = (issues: readonly Issue[], units: Units): string =>
  issues
    .map((issue) => {
      const field = FIELD_WORDS[issue.field];
      return field ? `${field}: ${sayIssue(issue, units)}` : sayIssue(issue, units);
    })
    .join(' ');

/** Why somebody new was not taken. */
export const sayNewcomer = (issues: readonly Issue[]): string =>
  issues.some(({ code }) => code === 'not_unique')
    ? 'These initials are somebody else’s.'
    : sayRefusal(issues, 'metric');

/** A change of the shop that was not taken. */
export function sayShopEdit(edit: ShopEdit): string {
  switch (edit.what) {
    case 'heat_plan':
      return 'What is wanted of the heats';
    case 'tool':
    case 'tool_off':
      return `Change of ${edit.tool.name}`;
    case 'stock':
    case 'stock_off':
      return `Change of ${edit.item.name} in stock`;
    case 'instrument':
    case 'instrument_off':
      return `Change of ${edit.instrument.name}`;
    case 'calibration':
      return 'Change of a calibration day';
    case 'person':
      return `${edit.person.initials}, ${edit.person.name}`;
    case 'round':
    case 'round_off':
      return `Round over ${edit.round.model}`;
    case 'round_gone':
      return 'A round that was gone';
    case 'rules':
      return 'Change of what counts as a real nip';
    case 'choices':
      return 'Choice of units or walk';
  }
}
