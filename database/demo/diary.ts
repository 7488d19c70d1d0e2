import { startJob, type JobKind } from '@/core/job/kinds/jobKind';
import type { KindSeat } from '@/core/job/kinds/seats';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import type { EventBody, EventKind, JobEvent, Reading } from '@/core/record/entries';
import type { Casting, JobHead, Photograph, Seat } from '@/core/record/job';
import { JOB_FILE_FORMAT, type JobFile } from '@/core/record/jobFile';
import { JOB_FILE_VERSION } from '@/core/record/liftFile';
import { makeEvent } from '@/core/record/makeEvent';
import { ago, idOf, instrumentsAt, PEOPLE } from './shop';

export type Who = 'iq' | 'tm' | 'jb';

/** Entries of a job, written as a short diary: minutes before now, who, what. */
export class Diary {
  readings: Reading[] = [];
  photographs: (Photograph & { jpegBase64: string })[] = [];
  events: JobEvent[] = [];
  private count = 0;

  constructor(
    private readonly job: string,
    private readonly nowMs: number,
  ) {}

  private time(minutesAgo: number) {
    this.count += 1;
    return new Date(this.nowMs - minutesAgo * 60_000 + this.count * 40).toISOString();
  }

  read(
    minutesAgo: number,
    who: string,
    seat: Seat,
    instrument: string,
    values: Record<string, number>,
    metalC = 20,
  ) {
    for (const [slot, value] of Object.entries(values)) {
      const takenAt = this.time(minutesAgo);
      this.readings.push({
        id: idOf(`${this.job} reading ${this.count}`),
        seatId: seat.id,
        castingId: null,
        personId: idOf(`person ${who}`),
        slot,
        typed: String(value),
        value,
        instrumentId: idOf(instrument),
        metalC,
        takenAt,
      });
    }
    return this;
  }

  happen<K extends EventKind>(
    minutesAgo: number,
    who: string,
    where: Seat | Casting | null,
    kind: K,
    body: EventBody<K>,
  ) {
    const at = this.time(minutesAgo);
    const isSeat = where !== null && 'spec' in where;
    this.events.push(
      makeEvent({
        id: idOf(`${this.job} event ${this.count}`),
        seatId: isSeat ? where.id : null,
        castingId: isSeat ? null : (where?.id ?? null),
        personId: idOf(`person ${who}`),
        kind,
        body,
        at,
      }),
    );
    return this;
  }

  /** A seat read all round: mean bore and outside, a little out of round. */
  measure(minutesAgo: number, who: string, seat: Seat, boreMm: number, outsideMm: number, ovalMm = 0.003) {
    const at = (mm: number) => Number(mm.toFixed(3));
    return this.read(minutesAgo, who, seat, 'bore gauge', {
      'bore.1.0': at(boreMm + ovalMm),
      'bore.1.90': at(boreMm - ovalMm),
      'bore.2.0': at(boreMm + 0.001),
      'bore.2.90': at(boreMm - 0.002),
    }).read(minutesAgo - 2, who, seat, 'micrometer', {
      'outside.0': at(outsideMm),
      'outside.90': at(outsideMm - 0.001),
    });
  }

  choose(
    minutesAgo: number,
    who: string,
    seat: Seat,
    way: EventBody<'way_in_chosen'>['way'],
    housingC: number,
    ringC: number,
  ) {
    return this.happen(minutesAgo, who, seat, 'way_in_chosen', {
      way,
      housingC,
      ringC,
      formulaVersion: FORMULA_VERSION,
    });
  }

  pass(
    minutesAgo: number,
    who: string,
    seat: Seat,
    pass: number,
    sense: 'sunk' | 'standing_out',
    depths: [number, number, number, number],
    circleMm: number,
  ) {
    this.happen(minutesAgo, who, seat, 'square_pass_started', { pass, sense, circleMm });
    return this.read(
      minutesAgo,
      who,
      seat,
      'depth gauge',
      Object.fromEntries(depths.map((mm, i) => [`depth.${pass}.${i * 90}`, mm])),
    );
  }

  /** Said of the whole job. */
  note<K extends EventKind>(minutesAgo: number, who: string, kind: K, body: EventBody<K>) {
    return this.happen(minutesAgo, who, null, kind, body);
  }

  /** As found, then out. */
  strip(
    minutesAgo: number,
    who: string,
    seat: Seat,
    found: EventBody<'as_found_noted'>,
    way: EventBody<'taken_out'>['way'],
  ) {
    return this.happen(minutesAgo, who, seat, 'as_found_noted', found).happen(
      minutesAgo - 6,
      who,
      seat,
      'taken_out',
      { way, isSpoilt: way !== 'fall_out_hot' },
    );
  }

  /** A shim stack, bottom first: thickness and notches of each piece. */
  stack(
    minutesAgo: number,
    who: string,
    stackKey: string,
    pieces: readonly (readonly [
      what: EventBody<'stack_piece_noted'>['what'],
      thicknessMm: number,
      notches: number,
    ])[],
  ) {
    pieces.forEach(([what, thicknessMm, notches], i) =>
      this.note(minutesAgo, who, 'stack_piece_noted', {
        stackKey,
        pieceId: idOf(`${this.job} ${stackKey} ${i}`),
        position: i + 1,
        what,
        thicknessMm,
        notches,
        side: what === 'spacer' ? 'chamfer_out' : 'either',
        mark: '',
        place: '',
      }),
    );
    return this;
  }

  photograph(minutesAgo: number, who: string, seat: Seat | null, caption: string) {
    const takenAt = this.time(minutesAgo);
    this.photographs.push({
      id: idOf(`${this.job} photograph ${this.count}`),
      seatId: seat?.id ?? null,
      personId: idOf(`person ${who}`),
      caption,
      widthPx: 1,
      heightPx: 1,
      bytes: 1,
      takenAt,
      jpegBase64: '',
    });
    return this;
  }

  /** Everything on a seat from measuring to square, some hours back: a finished one. */
  finish(minutesAgo: number, who: string, seat: Seat, way: EventBody<'way_in_chosen'>['way'] = 'heat_chill') {
    const { outsideMm, widthMm } = seat.spec.part;
    this.happen(minutesAgo, who, seat, 'compare_overruled', { reason: 'same_number_as_old' }).measure(
      minutesAgo,
      who,
      seat,
      outsideMm - 0.022,
      outsideMm - 0.006,
    );
    this.choose(
      minutesAgo - 10,
      who,
      seat,
      way,
      way === 'drive' || way === 'chill' ? 20 : 90,
      way === 'drive' || way === 'heat' ? 20 : -18,
    );
    this.happen(minutesAgo - 40, who, seat, 'let_go', {}).happen(minutesAgo - 40, who, seat, 'home', {});
    const deep = seat.spec.housing.depthToShoulderMm - widthMm;
    this.pass(
      minutesAgo - 50,
      who,
      seat,
      1,
      'sunk',
      [deep, deep + 0.01, deep, deep],
      Math.round(outsideMm - 5),
    );
    return this.happen(minutesAgo - 52, who, seat, 'square_accepted', { pass: 1, overruled: false });
  }
}

/** A casting of the demo, whose ids follow from names. */
export type DemoCasting = Omit<Casting, 'id' | 'seats'> & { seats: readonly KindSeat[] };

/** A demo job's head from its kind; `castings` in place of the kind's own where the machine differs from the usual. */
export function demoHead(
  job: string,
  kind: JobKind,
  about: {
    number: number;
    machine: string;
    machineSort?: string;
    minutesAgo: number;
    nowMs: number;
    castings?: readonly DemoCasting[];
    /** Stacks of this machine that its kind does not have. */
    moreStacks?: JobKind['stacks'];
  },
): JobHead {
  const withStacks: JobKind = { ...kind, stacks: [...(kind.stacks ?? []), ...(about.moreStacks ?? [])] };
  const own: JobKind = about.castings
    ? {
        ...withStacks,
        castings: about.castings,
        order: [],
        hidden: (kind.hidden ?? []).map(({ name }) => ({ name })),
      }
    : withStacks;
  const head = startJob(own, {
    number: about.number,
    machine: about.machine,
    roomC: 20,
    openedAt: ago(about.nowMs, about.minutesAgo),
    makeId: (name) => idOf(name === 'job' ? job : `${job} ${name}`),
  });
  return about.machineSort ? { ...head, machineSort: about.machineSort } : head;
}

export const seatsOf = (head: JobHead) => head.castings.flatMap(({ seats }) => seats);

/** A seat by its name; a slip in the demo shows at once. */
export function seatNamed(head: JobHead, name: string): Seat {
  const seat = seatsOf(head).find((each) => each.name === name);
  if (!seat) throw new Error(`no seat ${name} in the demo job of ${head.machine}`);
  return seat;
}

export const partKey = (head: JobHead, start: string): string => {
  const part = head.plan.parts.find(({ name }) => name.startsWith(start));
  if (!part) throw new Error(`no part ${start} in the demo job of ${head.machine}`);
  return part.key;
};

export const demoFile = (job: JobHead, { readings, events, photographs }: Diary, nowMs: number): JobFile => ({
  format: JOB_FILE_FORMAT,
  version: JOB_FILE_VERSION,
  job,
  people: PEOPLE,
  instruments: instrumentsAt(nowMs),
  readings,
  events,
  photographs,
});
