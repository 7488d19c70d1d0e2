import { isHeated } from '@/core/heat/waySorts';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import type { EventBody } from '@/core/record/entries';
import type { JobHead, Seat } from '@/core/record/job';
import { readingsInTheMiddle } from './demoFloats';
import { seatsOf } from './demoHead';
import { DiaryEntries } from './diaryEntries';

/** What is done at a seat or on a whole job, each in the entries that it leaves. */
export class Diary extends DiaryEntries {
  /** To its owner: tools counted, signed on both sides. */
  handedOver(minutesAgo: number, who: string, by: string, minutes = 150) {
    return this.note(minutesAgo, who, 'tools_counted', { missing: '' })
      .note(minutesAgo, who, 'refilled', { what: 'grease', amount: '' })
      .note(minutesAgo, who, 'spent_noted', { minutes })
      .note(minutesAgo, who, 'hand_over_signed', { as: 'workshop', name: by })
      .note(minutesAgo, who, 'job_handed_over', {});
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
      ...(isHeated(way) && { heatedBy: 'oven' }),
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

  /** Looked over, got at, and everything out and clean; `sealsIn` names seats whose seal was forgotten. */
  allOut(minutesAgo: number, who: string, head: JobHead, sealsIn: readonly string[] = []) {
    this.note(minutesAgo, who, 'looked_over', { decision: 'renew' });
    for (const { key } of head.plan.access) this.note(minutesAgo, who, 'access_done', { key });
    const early: readonly string[] = ['look', 'access', 'out', 'clean'];
    for (const { key, stage } of head.plan.tasks)
      if (early.includes(stage)) this.note(minutesAgo, who, 'task_done', { key });
    for (const seat of seatsOf(head)) {
      const { spec, name } = seat;
      const isSeal = spec.kind === 'seal_in_bore';
      if (!isSeal && spec.seal?.leftIn && !sealsIn.includes(name))
        this.happen(minutesAgo, who, seat, 'seal_taken_out', {});
      if (spec.retainingRing) this.happen(minutesAgo, who, seat, 'retaining_ring_out', {});
      const isOut = this.events.some(({ kind, seatId }) => kind === 'taken_out' && seatId === seat.id);
      const way = isSeal ? 'hook_or_lever' : 'fall_out_hot';
      if (!isOut) this.happen(minutesAgo, who, seat, 'taken_out', { way, isSpoilt: isSeal });
      this.happen(minutesAgo, who, seat, 'cleaned', { what: 'bore' });
    }
    return this;
  }

  /** Kit counted, and every new bearing turned and listened to. */
  allTried(minutesAgo: number, who: string, head: JobHead) {
    for (const seat of seatsOf(head))
      if (seat.spec.kind === 'bearing_in_bore')
        this.happen(minutesAgo, who, seat, 'new_part_felt', { isGood: true });
    for (const { key: partKey, count } of head.plan.parts)
      this.note(minutesAgo, who, 'kit_counted', { partKey, count });
    for (const { key, stage } of head.plan.tasks)
      if (stage === 'parts') this.note(minutesAgo, who, 'task_done', { key });
    return this;
  }

  /** Felt round its rim, turned through its lip. */
  private sealProven(minutesAgo: number, who: string, seat: Seat) {
    this.happen(minutesAgo, who, seat, 'seal_felt', { isEven: true });
    this.happen(minutesAgo, who, seat, 'lip_checked', { isFolded: false });
  }

  /** Seals in, rings in, closed and proven: what is left when every seat is home. */
  allClosed(minutesAgo: number, who: string, head: JobHead) {
    for (const seat of seatsOf(head)) {
      if (seat.spec.retainingRing)
        this.happen(minutesAgo, who, seat, 'retaining_ring_in', {
          isAllRound: true,
          isClearOfPassage: true,
        });
      if (seat.spec.kind === 'seal_in_bore') this.sealProven(minutesAgo, who, seat);
      else if (seat.spec.seal) {
        this.happen(minutesAgo, who, seat, 'seal_fitted', { outside: 'grease' });
        this.sealProven(minutesAgo, who, seat);
      }
    }
    for (const { key } of head.plan.stacks) {
      this.note(minutesAgo, who, 'stack_bagged', { stackKey: key });
      this.note(minutesAgo, who, 'stack_put_back', { stackKey: key });
    }
    for (const { key } of head.plan.tasks) this.note(minutesAgo, who, 'task_done', { key });
    for (const float of head.plan.floats) {
      const { instrument, figures } = readingsInTheMiddle(float);
      this.read(minutesAgo, who, null, instrument, figures);
      this.note(minutesAgo, who, 'float_accepted', { floatKey: float.key, by: 'figures' });
    }
    return this;
  }

  /** Everything on a seat from measuring to square, some hours back: a finished one. */
  finish(
    minutesAgo: number,
    who: string,
    seat: Seat,
    way: EventBody<'way_in_chosen'>['way'] = 'heat_chill',
    /** In place of a drop that nobody measured. */
    drop?: () => void,
  ) {
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
    if (drop) drop();
    else this.happen(minutesAgo - 40, who, seat, 'let_go', {}).happen(minutesAgo - 40, who, seat, 'home', {});
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
