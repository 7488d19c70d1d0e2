import { describe, expect, it } from 'vitest';
import { idOf } from '../../../database/demo/demo';
import { freshJob } from '../../../tests/support/freshJob';
import { event, NOW, reading, viewJob, withEntries } from '../../../tests/support/records';
import type { EventBody } from '@/core/record/entries';
import type { JobRecord } from '@/core/record/job';
import { readSlot } from '@/core/record/slots';
import { stockItemSchema } from '@/core/tools/stock';
import { areFloatsDone, floatOffers, floatsOf } from '@/core/walk/floatOffers';
import { checkFloatReading } from './checkFloatReading';
import { checkPlace } from './checkPlace';
import { viewFloats } from './floatView';
import { pickShims } from './floatShims';
import { BLIND_NEEDLE_GEARBOX_A } from './kinds/blindNeedleGearbox';
import { FINAL_DRIVE } from './kinds/finalDrive';
import { FLAT_TWIN_HOUSING } from './kinds/flatTwinHousing';
import { OFFROAD_CRANKCASE } from './kinds/offroadCrankcase';
import { STEERING_HEAD } from './kinds/steeringHead';
import { TWO_STROKE_CRANKCASE } from './kinds/twoStrokeCrankcase';

type Figures = Record<string, number>;
/** Readings of floats by their slots, as they come: of no seat. */
const readings = (figures: Figures) =>
  Object.entries(figures).map(([slot, value], i) => ({
    ...reading(idOf('none'), slot, value, i),
    seatId: null,
  }));
const floatIn = (
  record: JobRecord,
  key: string,
  figures: Figures,
  accepted?: EventBody<'float_accepted'>,
) => {
  const job = viewJob(
    withEntries(record, readings(figures), accepted ? [event('float_accepted', accepted, {}, 60)] : []),
    NOW + 100_000,
  );
  return { job, view: viewFloats(job).find(({ float }) => float.key === key)! };
};

describe('what is measured between parts', () => {
  const offroad = freshJob(OFFROAD_CRANKCASE);
  const { links, low, high } = offroad.plan.floats.find(({ key }) => key === 'crank_room')!;
  const chain = (spareMm: number): Figures => {
    const room = links.reduce((sum, { sign, nominalMm }) => sum + sign * nominalMm, 0);
    return Object.fromEntries(
      links.map(({ key, nominalMm }) => [
        `link.crank_room.${key}`,
        nominalMm + (key === 'left_half' ? spareMm - room : 0),
      ]),
    );
  };

  it('a chain that nobody read has a figure, and no decision', () => {
    const { view } = floatIn(offroad, 'crank_room', {});
    expect(view.result.sort).toBe('room');
    expect(view.decision).toBeNull();
    expect(view.isDone).toBe(false);
  });
  it('a chain in the middle of what is wanted is right cold and warm; a crank without room is not', () => {
    const middle = floatIn(offroad, 'crank_room', chain((low + high) / 2)).view;
    expect(middle.decision).toBe('pass');
    expect(floatIn(offroad, 'crank_room', chain(-0.3)).view.decision).toBe('fail');
  });
  it('what is too near to its limit asks for another reading', () => {
    const { view } = floatIn(freshJob(FINAL_DRIVE), 'pinion_backlash', {
      'dial.pinion_backlash.one_way.0': 0.1,
      'dial.pinion_backlash.other_way.0': 0.181,
    });
    expect(view).toMatchObject({ decision: 'cannot decide', wouldReadingTell: true });
  });
  it('warm, read at 30 °C: a casting’s size is taken back to 20 °C', () => {
    const text = 'link.crank_room.left_half';
    const { nominalMm } = links.find(({ key }) => key === 'left_half')!;
    const warm = withEntries(offroad, [{ ...readings({ [text]: nominalMm })[0]!, metalC: 30 }], []);
    const [view] = viewFloats(viewJob(warm, NOW + 1000)).filter(({ float }) => float.key === 'crank_room');
    const link =
      view!.result.sort === 'room' ? view!.result.links.find(({ key }) => key === 'left_half')! : null;
    // Aluminium, 10 K: more than 2 µm per cm; whatever was at hand is taken to be as warm as the room.
    expect(nominalMm - link!.mm.value).toBeGreaterThan(nominalMm * 10 * 18e-6);
  });

  it('feelers: half of the difference, toward the wider gap', () => {
    const { view } = floatIn(freshJob(TWO_STROKE_CRANKCASE), 'crank_side_load', {
      'feeler.crank_side_load.left': 0.42,
      'feeler.crank_side_load.right': 0.26,
    });
    expect(view.result).toMatchObject({ sort: 'side_load', move: { toward: 'left' } });
    expect(view.result.sort === 'side_load' && view.result.move!.mm.value).toBeCloseTo(0.08, 9);
    expect(view.decision).toBe('fail');
  });
  it('run-out: both sides turned under the dial', () => {
    const round = (part: string, tirMm: number): Figures =>
      Object.fromEntries(
        [0, 90, 180, 270].map((deg) => [
          `dial.crank_run_out.${part}.${deg}`,
          0.2 + (tirMm / 2) * Math.cos((deg * Math.PI) / 180),
        ]),
      );
    const run = (left: number, right: number) =>
      floatIn(freshJob(TWO_STROKE_CRANKCASE), 'crank_run_out', {
        ...round('left', left),
        ...round('right', right),
      }).view;
    expect(run(0.02, 0.02).decision).toBe('pass');
    expect(run(0.02, 0.12).decision).toBe('fail');
    expect(run(0.02, 0.02).result).toMatchObject({ sort: 'run_out', both: { kind: 'same_bow' } });
  });
  it('preload: pull × lever, the cables’ drag taken off', () => {
    const { view } = floatIn(freshJob(STEERING_HEAD), 'head_preload', {
      'pull.head_preload.1': 6,
      'pull.head_preload.2': 5.6,
      'pull.head_preload.drag': 0.8,
    });
    expect(view.result.sort === 'preload' && view.result.torqueNm!.value).toBeCloseTo(5 * 0.36, 9);
    expect(view.decision).toBe('pass');
  });
  const oRing = (section: number) =>
    floatIn(offroad, 'collar_o_ring', {
      'link.collar_o_ring.section': section,
      'link.collar_o_ring.new_section': 1.95,
      'link.collar_o_ring.gland': 1.5,
    }).view;
  it('an O-ring by what is left of its squeeze: 1.95 → 1.70 in 1.50 has lost 56 %', () => {
    const worn = oRing(1.7);
    expect(worn.decision).toBe('fail');
    expect(worn.result).toMatchObject({ sort: 'o_ring', state: { verdict: 'replace' } });
    expect(worn.result.sort === 'o_ring' && worn.result.state.set).toBeCloseTo(0.556, 3);
    expect(oRing(1.9).decision).toBe('pass');
    const ofRing = offroad.plan.tasks.find(({ floats }) => floats?.includes('collar_o_ring'))!;
    const { job } = floatIn(offroad, 'collar_o_ring', { 'link.collar_o_ring.section': 1.65 });
    expect(floatOffers(ofRing, job, []).map(({ code }) => code)).toEqual(['renewed']);
  });
  it('a closed case: 0.07 bar a minute is the bound, the rig’s own loss taken off, and the leak is told', () => {
    const stood = (endBar: number, rigBar = 0) =>
      floatIn(freshJob(TWO_STROKE_CRANKCASE), 'case_pressure', {
        'pressure.case_pressure.rig': rigBar,
        'pressure.case_pressure.start': 0.33,
        'pressure.case_pressure.end': endBar,
      }).view;
    const leaks = stood(0);
    expect(leaks.decision).toBe('fail');
    // 0.33 bar in 3 minutes out of 600 cm³: 0.11 bar/min is 65 cm³ a minute at the shop’s pressure.
    expect(leaks.result.sort === 'case_pressure' && leaks.result.leak!.leakCm3Min).toBeCloseTo(
      (600 * 0.11) / 1.013,
      6,
    );
    expect(stood(0.3).decision).toBe('pass');
    expect(stood(0.12).decision).toBe('cannot decide');
    // What the rig loses by itself is not the case’s.
    expect(stood(0.09, 0.06).decision).toBe('pass');
  });
  it('a housing stands out alike on both sides, or leans', () => {
    const proud = (left: number, right: number) =>
      floatIn(freshJob(FLAT_TWIN_HOUSING), 'housing_proud', {
        'feeler.housing_proud.left': left,
        'feeler.housing_proud.right': right,
      }).view;
    expect(proud(0.08, 0.09).decision).toBe('pass');
    expect(proud(0.08, 0.25).decision).toBe('fail');
  });
  it('a shaft that is to be as it was: what was read before is what is wanted after', () => {
    const record = freshJob(BLIND_NEEDLE_GEARBOX_A);
    const after = record.plan.floats.find(({ like }) => like)!;
    const figures = (key: string, playMm: number): Figures => ({
      [`dial.${key}.pushed.0`]: 0.1,
      [`dial.${key}.pulled.0`]: 0.1 + playMm,
    });
    const run = (now: number) =>
      floatIn(record, after.key, { ...figures(after.like!, 0.22), ...figures(after.key, now) }).view;
    expect(run(0.225).decision).toBe('pass');
    expect(run(0.34).decision).toBe('fail');
  });
});

describe('what a piece of work that measures takes for an answer', () => {
  const record = freshJob(TWO_STROKE_CRANKCASE);
  const task = record.plan.tasks.find(({ floats }) => floats?.includes('crank_side_load'))!;
  const figures = (left: number, right: number): Figures => ({
    'feeler.crank_side_load.left': left,
    'feeler.crank_side_load.right': right,
  });
  const codes = (read: Figures, accepted?: EventBody<'float_accepted'>) => {
    const { job } = floatIn(record, 'crank_side_load', read, accepted);
    return floatOffers(task, job, []).map(({ code }) => code);
  };
  it('nothing read: right by hand. Read and right: by its figures. Refused by its figures: by no one tap', () => {
    expect(codes({})).toEqual(['right_by_hand']);
    expect(codes(figures(0.31, 0.31))).toEqual(['figures_right']);
    expect(codes(figures(0.5, 0.2))).toEqual([]);
  });
  it('kept all the same with a reason: it is done', () => {
    const accepted = { floatKey: 'crank_side_load', by: 'hand', because: 'as it always was' } as const;
    const { job } = floatIn(record, 'crank_side_load', figures(0.5, 0.2), accepted);
    expect(floatsOf(task, job)).toHaveLength(1);
    expect(areFloatsDone(task, job)).toBe(true);
  });
});

describe('shims from the shelf', () => {
  const shim = (um: number, count: number) =>
    stockItemSchema.parse({
      id: idOf(`shim ${um}`),
      sort: 'shim',
      name: `shim ${um}`,
      widthMm: um / 1000,
      insideMm: null,
      outsideMm: null,
      count,
    });
  const record = freshJob(OFFROAD_CRANKCASE);
  const { view } = floatIn(record, 'crank_room', { 'link.crank_room.gasket': 0.9 });
  const bareMm = view.result.sort === 'room' ? view.result.room.bareMm.value : NaN;
  const wanted = { ...view, low: bareMm - 0.45, high: bareMm - 0.35 };

  it('the nearest first, on both sides so that the crank stands in the middle; others behind', () => {
    const picks = pickShims(wanted, [shim(100, 2), shim(200, 2), shim(400, 1)]);
    if (!picks.ok) throw new Error('refused');
    expect(picks.value[0]!.roomMm).toBeCloseTo(bareMm - 0.4, 3);
    expect(picks.value.length).toBeGreaterThan(1);
    const inHalves = picks.value.find(({ leftMm }) => leftMm.join() === '0.2')!;
    expect(inHalves).toMatchObject({ rightMm: [0.2], offMiddleMm: 0 });
  });
  it('an empty shelf gives no shims, and says what is left without', () => {
    const picks = pickShims(wanted, []);
    expect(picks.ok && picks.value.every(({ leftMm, rightMm }) => leftMm.length + rightMm.length === 0)).toBe(
      true,
    );
  });
});

describe('a reading of a float', () => {
  const record = freshJob(STEERING_HEAD);
  const float = record.plan.floats.find(({ key }) => key === 'head_preload')!;
  const pull = readSlot('pull.head_preload.2');
  const typed = (text: string, units: 'metric' | 'imperial') =>
    checkFloatReading({ float, slot: pull, typed: text, units });

  it('a pressure is taken in bar or psi, and never above what seals stand', () => {
    const closed = freshJob(TWO_STROKE_CRANKCASE).plan.floats.find(({ key }) => key === 'case_pressure')!;
    const slot = readSlot('pressure.case_pressure.start');
    const read = (text: string, units: 'metric' | 'imperial') =>
      checkFloatReading({ float: closed, slot, typed: text, units });
    const psi = read('5', 'imperial');
    expect(psi.ok && psi.value).toBeCloseTo(5 * 0.0689476, 6);
    expect(read('0.33', 'metric')).toMatchObject({ ok: true, value: 0.33 });
    expect(read('-0.4', 'metric')).toMatchObject({ ok: true });
    expect(read('0.8', 'metric')).toMatchObject({ ok: false, issues: [{ code: 'over_the_cap', max: 0.5 }] });
  });
  it('a pull is taken in the person’s unit, or as it is typed', () => {
    expect(typed('5,5', 'metric')).toMatchObject({ ok: true, value: 5.5 });
    const pounds = typed('1.25', 'imperial');
    expect(pounds.ok && pounds.value).toBeCloseTo(1.25 * 4.4482216, 4);
    const kilos = typed('0.6 kg', 'metric');
    expect(kilos.ok && kilos.value).toBeCloseTo(0.6 * 9.80665, 6);
  });
  it('what no lever is pulled with is refused', () => {
    expect(typed('900', 'metric').ok).toBe(false);
    expect(typed('-3', 'metric').ok).toBe(false);
    expect(typed('much', 'metric').ok).toBe(false);
  });
  it('belongs to a float of the job, and to no seat', () => {
    const places = {
      castings: record.castings,
      shafts: record.shafts,
      floats: record.plan.floats,
      people: new Set<string>([idOf('person iq')]),
      instruments: new Set<string>([idOf('by hand')]),
    };
    const codes = (slot: string, seatId: string | null = null) =>
      checkPlace({ ...readings({ [slot]: 5 })[0]!, seatId: seatId as never }, places).map(({ code }) => code);
    expect(codes('pull.head_preload.2')).toEqual([]);
    expect(codes('pull.no_such_float.settled')).toEqual(['slot_of_another']);
    expect(codes('pull.head_preload.2', record.castings[0]!.seats[0]!.id)).toEqual(['slot_of_another']);
  });
});
