import 'server-only';
import { shopNow } from '../clock';
import { newId } from '../ids';
import { z } from 'zod';
import { jobIdSchema } from '@/core/record/ids';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { copyHead, ownNumbers, withoutSeats } from '@/core/job/copyJob';
import { startJob, type JobKind } from '@/core/job/kinds/jobKind';
import { FROM_SCRATCH, oneSeat } from '@/core/job/kinds/oneSeat';
import { REFERENCE_C } from '@/core/quantity/measured';
import type { EventBody } from '@/core/record/entries';
import { bearingPartSchema, racePartSchema } from '@/core/record/fittedPart';
import { boreSpecSchema } from '@/core/record/seatSpec';
import { castingSchema, type JobHead } from '@/core/record/job';
import { UNNAMED_MACHINE } from '@/core/record/vocabulary';
import { checkValue, Refusal } from '../http';
import { notify } from '../live/notify';
import { inTransaction, type Queryable } from '../pool';
import { freeNumber } from './freeNumber';
import { insertJobHead } from './insertJobHead';
import { apart, readStanding, standAnew } from '../projection/standing';
import { insertEntries } from './entryRows';
import { loadPeople } from './loadJob';
import { loadOwnKind } from './ownKinds';

/** `part` and `material` are what a one-seat job is made of. */
export const startJobSchema = z.strictObject({
  kind: z.string().max(60),
  machine: z.string().trim().max(80),
  part: bearingPartSchema
    .omit({ cage: true, material: true })
    .extend({
      type: z.enum([...bearingPartSchema.shape.type.options, ...racePartSchema.shape.type.values]).optional(),
    })
    .optional(),
  material: castingSchema.shape.material.optional(),
  /** “Same as last”: castings, parts and plan of this job, never its readings. */
  copyOf: jobIdSchema.optional(),
  /** One of the shop's own kinds, with `kind: "own"`. */
  ownKind: z.uuid().optional(),
  /** Tried out with simulated gauges on a simulated workpiece; it stands with the demo. */
  isRehearsal: z.boolean().optional(),
});

function kindOf({ kind, part, material }: z.infer<typeof startJobSchema>): JobKind {
  if (kind === 'one_seat') {
    if (!part || !material)
      throw new Refusal(400, 'missing', 'A one-seat job needs its part and the metal around it.', [
        ...(part ? [] : [{ code: 'missing', field: 'part' }]),
        ...(material ? [] : [{ code: 'missing', field: 'material' }]),
      ]);
    const made = oneSeat(part, material);
    checkValue(boreSpecSchema, made.castings[0]!.seats[0]!.spec);
    return made;
  }
  if (kind === 'from_scratch') return FROM_SCRATCH;
  const found = JOB_KINDS.find((each) => each.kind === kind);
  if (!found)
    throw new Refusal(400, 'unknown_kind', 'There is no such kind of job.', [
      { code: 'unknown_kind', field: 'kind', given: kind },
    ]);
  return found;
}

/** What the new job is made from: a job that was here, a kind of the shop's own, or a kind that comes with the product. */
async function makeHead(
  client: Queryable,
  asked: z.infer<typeof startJobSchema>,
  given: { number: number; openedAt: string },
): Promise<{ head: JobHead; machineNote: EventBody<'machine_noted'> | null }> {
  if (asked.copyOf) {
    const model = await readStanding(asked.copyOf);
    if (!model)
      throw new Refusal(404, 'not_found', 'There is no such job to copy.', [
        { code: 'points_nowhere', field: 'copyOf', given: asked.copyOf },
      ]);
    const { head, state } = apart(model.job);
    return {
      head: copyHead(withoutSeats(head, state.work.removedSeats), {
        ...given,
        machine: asked.machine || head.machine,
        makeId: () => newId(),
      }),
      machineNote: ownNumbers(state.work.machine),
    };
  }
  if (asked.ownKind) {
    const kind = await loadOwnKind(client, asked.ownKind);
    if (!kind)
      throw new Refusal(404, 'not_found', 'There is no such kind in this shop.', [
        { code: 'points_nowhere', field: 'ownKind', given: asked.ownKind },
      ]);
    return {
      head: copyHead(kind.head, {
        ...given,
        machine: asked.machine || UNNAMED_MACHINE,
        makeId: () => newId(),
      }),
      machineNote: null,
    };
  }
  return {
    head: startJob(kindOf(asked), {
      ...given,
      machine: asked.machine || UNNAMED_MACHINE,
      roomC: REFERENCE_C,
      makeId: () => newId(),
    }),
    machineNote: null,
  };
}

/** Nobody takes it for the machine itself. */
const rehearsedMachine = (machine: string) => `${(machine || UNNAMED_MACHINE).slice(0, 68)}, rehearsal`;

/** Opens a job of a kind, under the next free number. No field but the kind is needed to begin. */
export async function startNewJob(sent: z.infer<typeof startJobSchema>): Promise<JobHead> {
  const asked = sent.isRehearsal ? { ...sent, machine: rehearsedMachine(sent.machine) } : sent;
  return inTransaction(async (client) => {
    await client.query('LOCK TABLE job IN SHARE ROW EXCLUSIVE MODE');
    const openedAt = new Date(await shopNow()).toISOString();
    const { head, machineNote } = await makeHead(client, asked, {
      number: await freeNumber(client),
      openedAt,
    });
    await insertJobHead(client, head, { isDemo: asked.isRehearsal === true });
    const person = machineNote && (await loadPeople(client))[0];
    if (person)
      await insertEntries(client, head.id, {
        readings: [],
        events: [
          {
            id: newId(),
            seatId: null,
            castingId: null,
            personId: person.id,
            kind: 'machine_noted',
            body: machineNote,
            at: openedAt,
          },
        ],
      });
    await standAnew(head.id, client);
    await notify(client, { kind: 'job', jobId: head.id });
    return head;
  });
}
