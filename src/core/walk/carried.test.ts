import { describe, expect, it } from 'vitest';
import { FINAL_DRIVE } from '@/core/job/kinds/finalDrive';
import type { JobKind } from '@/core/job/kinds/jobKind';
import { SIDE_GEARBOX } from '@/core/job/kinds/sideGearbox';
import { proofsOf } from '@/core/handOver/proofs';
import { viewJob } from '@/core/job/seatView';
import type { Offer } from '@/core/walk/offer';
import { expectSound, playKind } from '../../../tests/support/playKind';
import { asMoves, type PlayedJob } from './play';

/** What goes out or in on its shaft, as a careful person sees it (common practice, no source). */
const usual = ([first]: readonly Offer[]) => first!;
const play = (kind: JobKind, choose: (offers: readonly Offer[]) => Offer = usual) =>
  playKind(kind, 'quick', choose);
/** The moves that put an event of this kind on record for a seat. */
function movesWith({ played, last, entries }: PlayedJob, seatName: string, eventKind: string): string[] {
  const seat = last.castings.flatMap(({ seats }) => seats).find(({ name }) => name === seatName)!;
  expect(entries.events.filter(({ kind, seatId }) => kind === eventKind && seatId === seat.id)).toHaveLength(
    1,
  );
  return played.flatMap(({ move, taken }) =>
    taken.drafts().some(({ kind, seatId }) => kind === eventKind && seatId === seat.id)
      ? [move.items[0]!.name]
      : [],
  );
}
const endsOf = ({ last, endMs }: PlayedJob) => viewJob(last, endMs);
const choose =
  (name: string) =>
  (offers: readonly Offer[]): Offer =>
    offers.find((each) => each.name === name) ?? offers[0]!;

describe('a bearing that stays on its shaft', () => {
  const drive = play(FINAL_DRIVE);
  it('leaves its case with the pinion, and only then the pinion is pressed out of it', () => {
    expect(movesWith(drive, 'Pinion bearing', 'taken_out')).toEqual([
      'Pinion out of the case, its bearing with it',
    ]);
    const names = asMoves(drive.played).map(({ move }) => move.items[0]!.name);
    const at = (start: string) => names.findIndex((name) => name.startsWith(start));
    expect(at('Pinion out of the case')).toBeLessThan(at('Pinion pressed out'));
    expect(at('Pinion pressed out')).toBeLessThan(at('O-ring under the pinion bearing'));
  });
  it('how deep the pilot needle stands is asked when the pinion is out of it', () => {
    const order = asMoves(drive.played).map(({ move: { code, items } }) => `${code} ${items[0]!.name}`);
    expect(order.indexOf('note_as_found Pinion pilot needle')).toBeGreaterThan(
      order.indexOf('do_task Pinion out of the case, its bearing with it'),
    );
  });
  it('goes home with it too, drawn in cold; nothing of it is warmed, driven or read round by itself', () => {
    expect(movesWith(drive, 'Pinion bearing', 'home')).toEqual([
      'Pinion in with its bearing, square; ring nut with adhesive, to its torque',
    ]);
    const asked = drive.played
      .flatMap(({ move }) => move.items)
      .filter(({ name }) => name === 'Pinion bearing');
    expect(new Set(asked.map(({ act }) => act))).toEqual(new Set(['clean', 'compare', 'feel']));
    const { history } = endsOf(drive).seats.find(({ seat }) => seat.name === 'Pinion bearing')!;
    expect(history.wayIn?.way).toMatch(/^(drive|press|draw_in)$/);
    expect(history.takenOut).toMatchObject({ way: 'came_with_shaft', isSpoilt: false });
  });
  it('cocked, it is not home: the work stays open and says what now', () => {
    let isFirst = true;
    const cocked = play(FINAL_DRIVE, (offers) => {
      const trouble = isFirst ? offers.find(({ name }) => name === 'It cocked in the bore') : undefined;
      if (trouble) isFirst = false;
      return trouble ?? offers[0]!;
    });
    const again = cocked.played.filter(({ move }) => move.items[0]!.name.startsWith('Pinion in with'));
    expect(again).toHaveLength(2);
    expect(again[1]!.move.reason).toMatch(/^Stop\. .*rod and washers/);
    expect(again[1]!.job.seats.find(({ seat }) => seat.name === 'Pinion bearing')!.history.homeMs).toBeNull();
  });
  it('is proved with the rest, nothing is open at its end, and the tools were counted once', () => {
    expect(drive.last.state.work.handOver.toolsMissing).toBe('');
    const open = proofsOf(endsOf(drive)).filter(({ by }) => by === 'open');
    expect(open.map(({ name }) => name)).toEqual([]);
    expectSound(FINAL_DRIVE, 'quick', drive.played);
  });
});

describe('on the shaft first, or in the case first', () => {
  const cover = 'Middle shaft, cover';
  it('on the shafts: the cover goes on over their bearings', () => {
    const box = play(SIDE_GEARBOX);
    expect(movesWith(box, cover, 'taken_out')).toEqual(['Shafts out; bearings off them']);
    expect(movesWith(box, cover, 'home')).toEqual([
      'Cover on, square over its bearings; bolts criss-cross, light',
    ]);
    expectSound(SIDE_GEARBOX, 'quick', box.played);
  });
  it('into the cover first: each is driven in by its outer race, and the cover carries none', () => {
    const box = play(SIDE_GEARBOX, choose('Into the cover first'));
    const [move] = box.played.filter(({ move: { code, items } }) =>
      code === 'push_it_in' ? items.some(({ name }) => name === cover) : false,
    );
    expect(movesWith(box, cover, 'home')).toEqual([move!.move.items[0]!.name]);
    const ontoShaft = box.entries.events.filter(({ kind }) => kind === 'onto_shaft');
    expect(ontoShaft).toEqual([]);
  });
  it('work that is not on this machine carries nothing: the seats ask for themselves', () => {
    const box = play(SIDE_GEARBOX, (offers) => {
      const without = offers.find(({ code }) => code === 'not_here');
      const isCover = offers[0]!.drafts().some(({ kind }) => kind === 'off_shaft');
      return isCover && without ? without : offers[0]!;
    });
    expect(movesWith(box, cover, 'taken_out')).toEqual(['Input shaft, cover']);
  });
});
