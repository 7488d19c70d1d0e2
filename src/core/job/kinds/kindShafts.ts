import { parseBearing } from '@/core/catalogue/bearings/designation';
import type { ShaftClass } from '@/core/catalogue/limits';
import { gatherShafts, plainShaft } from '@/core/record/gatherShafts';
import type { AnyId } from '@/core/record/ids';
import type { Casting } from '@/core/record/job';
import type { Shaft, ShaftSeat } from '@/core/record/shafts';
import type { KindSeat } from './seats';

/** What a kind says of a seat on a shaft: its class, and the cone that is the shaft's own where no casting has the part. */
type KindJournal = { name: string; usualClass: ShaftClass; cone?: string };

export type KindShaft = Pick<Shaft, 'name'> &
  Partial<Pick<Shaft, 'material' | 'lengthMm' | 'ends'>> & { seats?: readonly KindJournal[] };

/** Where a cone's part comes to when running: on the shaft as it is. Common practice, no source. */
const RUNNING = { shaftC: 30, ringC: 30 };

function coneSeat(id: ShaftSeat['id'], { name, usualClass }: KindJournal, designation: string): ShaftSeat {
  const cone = parseBearing(designation);
  if (!cone.ok || cone.value.type !== 'tapered_roller')
    throw new Error(`no cone in our own data: ${designation}`);
  const { boreMm, outsideMm, widthMm, chamferMm, type } = cone.value;
  return {
    id,
    name,
    version: 1,
    spec: {
      kind: 'bearing_on_shaft',
      journal: { nominalMm: boreMm, lengthMm: null, fromFirstEndMm: null, shoulderToward: null },
      sharedWith: null,
      part: {
        designation: cone.value.designation,
        boreMm,
        outsideMm,
        widthMm,
        chamferMm,
        type,
        closure: 'open',
        cage: 'steel',
      },
      load: 'rotating',
      running: RUNNING,
      usualClass,
    },
  };
}

/** A shaft with what its kind says of it. */
function withSaid(shaft: Shaft, { seats = [], ...said }: KindShaft, makeId: (name: string) => AnyId): Shaft {
  const classOf = (name: string) => seats.find((seat) => seat.name === name)?.usualClass;
  const own = seats.flatMap((seat) =>
    seat.cone ? [coneSeat(makeId(`journal ${shaft.name} ${seat.name}`), seat, seat.cone)] : [],
  );
  const gathered = shaft.seats.map((seat) => {
    const usualClass = classOf(seat.name);
    return seat.spec.kind === 'bearing_on_shaft' && usualClass
      ? { ...seat, spec: { ...seat.spec, usualClass } }
      : seat;
  });
  return { ...shaft, ...said, seats: [...gathered, ...own] };
}

/** The shafts of a kind: those that its seats speak of, and what is said of them beyond. */
export function shaftsOfKind(
  {
    castings: kindCastings,
    shafts = [],
  }: { castings: readonly { seats: readonly KindSeat[] }[]; shafts?: readonly KindShaft[] },
  castings: readonly Casting[],
  makeId: (name: string) => AnyId,
): Shaft[] {
  const named = kindCastings.flatMap(({ seats }, i) =>
    seats.flatMap(({ shaft, spec }, j) =>
      shaft ? [{ words: shaft, nominalMm: spec.part.boreMm, seat: castings[i]!.seats[j]! }] : [],
    ),
  );
  const gathered = gatherShafts(named, {
    shaft: (name) => makeId(`shaft ${name}`),
    journal: (seatName) => makeId(`journal in ${seatName}`),
  });
  const alone = shafts
    .filter(({ name }) => !gathered.some((shaft) => shaft.name === name))
    .map(({ name }) => plainShaft(makeId(`shaft ${name}`), name));
  return [...gathered, ...alone].map((shaft) =>
    withSaid(shaft, shafts.find(({ name }) => name === shaft.name) ?? { name: shaft.name }, makeId),
  );
}
