import { z } from 'zod';
import { seatIdSchema, type JournalId, type SeatId, type ShaftId } from './ids';
import { type NamedJournal, gatherShafts } from './gatherShafts';
import { boreKindOf } from './seatFacts';
import type { BoreSpec } from './seatSpec';
import type { Edit } from './edits';

/**
 * A job's head as files of version 2 and kinds kept before it carried it: every seat was a `bearing_in_bore`, whatever its part, and the
 * shaft that goes in was a name and a size on the seat. Of the rest only what the lifting needs; the schema of today has the last word.
 */
const oldSpecSchema = z.looseObject({
  part: z.looseObject({
    type: z
      .enum([
        'deep_groove',
        'cylindrical_roller',
        'tapered_roller',
        'drawn_cup',
        'needle_rings',
        'bush',
        'seal',
      ])
      .optional(),
    designation: z.string(),
  }),
  load: z.enum(['standing', 'rotating']),
  running: z.looseObject({ ringC: z.number() }),
  journal: z.looseObject({ name: z.string(), nominalMm: z.number() }).optional(),
});
const oldHeadSchema = z.looseObject({
  castings: z.array(
    z.looseObject({
      seats: z.array(z.looseObject({ id: seatIdSchema, name: z.string(), spec: oldSpecSchema })),
    }),
  ),
});
type OldSpec = z.infer<typeof oldSpecSchema>;

/** What a seal is of stood in its designation only. */
const sealMaterial = (designation: string) =>
  /FKM/i.test(designation) ? 'fkm' : /ACM/i.test(designation) ? 'acm' : 'nbr';

function liftSpec({ journal: _journal, ...spec }: OldSpec): BoreSpec {
  const { type = 'deep_groove', closure, cage, material, ...sizes } = spec.part;
  const kind = boreKindOf(type);
  const lifted =
    kind === 'seal_in_bore'
      ? {
          kind,
          part: { ...sizes, type, material: sealMaterial(sizes.designation) },
          housing: spec.housing,
          retainingRing: spec.retainingRing,
        }
      : {
          ...spec,
          kind,
          part: {
            ...sizes,
            type,
            ...(kind === 'bush_in_bore'
              ? { material: material ?? 'bearing_steel' }
              : material !== undefined && { material }),
            ...(kind === 'bearing_in_bore' && { closure, cage }),
          },
        };
  // Not yet checked: that is the schema's affair.
  return lifted as unknown as BoreSpec;
}

/**
 * Ids of what had none before, made from those of the seats so that one job lifted twice is one job: the seat's, marked as of version 8
 * (RFC 9562: of an own making), and for the shaft with another variant digit of the same meaning.
 */
const journalId = (seatId: SeatId) => `${seatId.slice(0, 14)}8${seatId.slice(15)}` as JournalId;
const OTHER_DIGIT: Record<string, string> = { '8': '9', '9': '8', a: 'b', b: 'a' };
function shaftId(seatId: SeatId): ShaftId {
  const id = journalId(seatId);
  const digit = id.charAt(19);
  return `${id.slice(0, 19)}${OTHER_DIGIT[digit] ?? digit}${id.slice(20)}` as ShaftId;
}

/** The same job as it is carried now. What is not of the old shape stays as it is, for the schema of today to refuse. */
export function liftHead(head: unknown): unknown {
  const old = oldHeadSchema.safeParse(head);
  if (!old.success) return head;
  const named: NamedJournal[] = [];
  const castings = old.data.castings.map((casting) => ({
    ...casting,
    seats: casting.seats.map((seat) => {
      const { journal } = seat.spec;
      const lifted = { ...seat, spec: liftSpec(seat.spec) };
      if (journal) named.push({ words: journal.name, nominalMm: journal.nominalMm, seat: lifted });
      return lifted;
    }),
  }));
  return {
    ...old.data,
    castings,
    shafts: gatherShafts(named, {
      shaft: (_name, seatId) => shaftId(seatId),
      journal: (_name, seatId) => journalId(seatId),
    }),
  };
}

/** A change of a seat that waited while its shape changed; one of today's shape stays as it is. */
export function liftEdit(edit: Edit): Edit {
  const liftOld = (spec: BoreSpec): BoreSpec => {
    const old = spec.kind === 'bearing_in_bore' ? oldSpecSchema.safeParse(spec).data : undefined;
    return old ? liftSpec(old) : spec;
  };
  if (edit.what === 'seat') return { ...edit, change: { ...edit.change, spec: liftOld(edit.change.spec) } };
  if (edit.what === 'new_seat') return { ...edit, seat: { ...edit.seat, spec: liftOld(edit.seat.spec) } };
  return edit;
}
