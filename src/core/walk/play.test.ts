import { describe, expect, it } from 'vitest';
import { expectSound, playKind } from '../../../tests/support/playKind';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { planStrip } from '@/core/job/planStrip';
import { covers } from '@/core/strip/coaxial';
import { isOutByHeat } from '@/core/strip/removal';
import type { WalkStyle } from '@/core/record/vocabulary';
import type { JobKind } from '@/core/job/kinds/jobKind';
import { asMoves, type Played } from './play';

const plays = new Map<string, Played[]>();
/** By the usual answers; played once for all that is asked of it. */
function playUsual(kind: JobKind, walk: WalkStyle): Played[] {
  const key = `${kind.kind} ${walk}`;
  const played = plays.get(key) ?? playKind(kind, walk, ([first]) => first!).played;
  plays.set(key, played);
  return played;
}

describe.each(JOB_KINDS.map((kind) => [kind.kind, kind] as const))('%s, played to its end', (_, kind) => {
  it.each(['quick', 'full'] as const)('%s, by the usual answers', (walk) => {
    const played = playUsual(kind, walk);
    expectSound(kind, walk, played);
    // By stages over the whole casting: nothing goes in before all is out, clean and compared.
    const stages = asMoves(played).map(({ move: { stage } }) => stage);
    const first = (stage: string) => stages.indexOf(stage as (typeof stages)[number]);
    const last = (stage: string) => stages.lastIndexOf(stage as (typeof stages)[number]);
    expect(last('out')).toBeLessThan(first('clean'));
    expect(last('clean')).toBeLessThan(first('parts'));
    expect(last('parts')).toBeLessThan(first('in'));
    expect(last('in')).toBeLessThan(last('prove'));
  });
});

describe('how deep a part stood', () => {
  it('is read when the seal or race over it is out, in the longer walk of every kind', () => {
    let met = 0;
    for (const kind of JOB_KINDS) {
      const played = playUsual(kind, 'full');
      const at = (code: string, id: string) =>
        played.findIndex(({ move }) => move.code === code && (move.seatIds as string[]).includes(id));
      const { seats } = played[0]!.job;
      for (const { seat: under, casting } of seats)
        for (const { seat: over } of seats.filter((each) => each.casting.id === casting.id)) {
          const [read, bare] = [at('note_as_found', under.id), at('take_out', over.id)];
          if (!covers(over, under) || read < 0 || bare < 0) continue;
          met += 1;
          expect(read, `${kind.kind}: ${under.name} under ${over.name}`).toBeGreaterThan(bare);
        }
    }
    expect(met).toBeGreaterThan(3);
  });
});

describe('what comes out by heat', () => {
  it('has its own run, at the part itself, once no seal or ring is left in its way', () => {
    let met = 0;
    for (const kind of JOB_KINDS)
      for (const { move, job } of asMoves(playUsual(kind, 'quick'))) {
        const byHeat = move.removals?.some(({ way }) => isOutByHeat(way)) ?? false;
        const isBlocked = move.items.some(({ act }) => act === 'seal_out' || act === 'ring_out');
        expect(move.warmOutOf !== undefined, `${kind.kind}: ${move.id}`).toBe(byHeat && !isBlocked);
        if (!move.warmOutOf) continue;
        met += 1;
        const view = job.seats.find(({ seat }) => seat.id === move.warmOutOf)!;
        expect(planStrip(view, job).ways[0]!.way).toMatch(/^(fall_out_hot|warm_and_pull)$/);
        expect(move.items).toContainEqual(expect.objectContaining({ act: 'part_out', seatId: view.seat.id }));
      }
    expect(met).toBeGreaterThan(3);
  });
});

describe('how much is asked in a hurry', () => {
  const movesOf = (name: string) =>
    asMoves(
      playUsual(
        JOB_KINDS.find(({ kind }) => kind === name)!,
        'quick',
      ),
    );
  it('a hub in some twelve moves, a two-stroke case in some forty-five', () => {
    expect(movesOf('wheel_hub').length).toBeLessThanOrEqual(14);
    expect(movesOf('two_stroke_crankcase').length).toBeLessThanOrEqual(50);
  });
  it('no depth of a seal is asked for, and no size that decides nothing', () => {
    for (const kind of JOB_KINDS)
      for (const { move, job } of movesOf(kind.kind)) {
        const isSeal = move.seatIds.some(
          (id) => job.seats.find(({ seat }) => seat.id === id)!.seat.spec.kind === 'seal_in_bore',
        );
        // Where the seal is the whole job, a picture tells how it stood: no reading is asked for there either.
        if (isSeal && !(kind.kind === 'seal_only' && move.code === 'note_as_found'))
          expect(['note_as_found', 'measure', 'start_square_pass']).not.toContain(move.code);
      }
    expect(movesOf('wheel_hub').map(({ move }) => move.code)).not.toContain('measure');
  });
  it('every caution of the longer walk stands in the quick one too', () => {
    for (const kind of JOB_KINDS) {
      const codes = (walk: WalkStyle) => new Set(playUsual(kind, walk).flatMap(({ move }) => move.cautions));
      const [quick, full] = [codes('quick'), codes('full')];
      // Asked for by the way in alone, which a light cold fit is not asked for.
      expect(
        [...full].filter((code) => !quick.has(code) && code !== 'ceilings' && code !== 'cold'),
        kind.kind,
      ).toEqual([]);
    }
  });
});
