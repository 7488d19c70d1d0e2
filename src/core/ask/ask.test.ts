import { asId } from '../../../tests/support/ids';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { bagCode, isBagCode } from '@/core/board/bagCode';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import type { AskContext } from './answer';
import { ask } from './ask';
import { usualClassFor } from '@/core/fit/usualClass';
import { quickSeat } from './quickSeat';
import { ANSWER_KINDS, sayForApi } from './sayForApi';

const CONTEXT: AskContext = {
  units: 'metric',
  jobs: [{ jobId: asId('j7'), code: bagCode(7), machine: 'Ostrel 250', number: 7 }],
  kinds: JOB_KINDS,
};
const asked = (text: string, units: AskContext['units'] = 'metric') => ask(text, { ...CONTEXT, units });

describe('the ask line', () => {
  it('a designation and a metal: heat, freezer minutes, race to push, usual fit', () => {
    const answer = asked('6306 al');
    expect(answer).toMatchObject({
      answer: 'bearing',
      seat: {
        part: { designation: '6306', outsideMm: 72 },
        material: 'alsi9cu3',
        usualClass: 'N7',
        pushRace: 'outer',
      },
    });
    if (answer?.answer !== 'bearing' || !answer.seat) return;
    // ISO 286 N7 and ISO 492 Normal at 72 mm: middle 17.5 µm; from the freezer that is well under 100 °C in aluminium.
    expect(answer.seat.fitMm.value * 1000).toBeCloseTo(17.5, 6);
    expect(answer.seat.heatToC.fromFreezer).toBeLessThan(answer.seat.heatToC.warm);
    expect(answer.seat.heatToC.warm - answer.seat.heatToC.fromFreezer).toBeCloseTo((38 * 12) / 21.8, 0);
    expect(answer.seat.freezerMinutes).toBeGreaterThan(40);
    expect(answer.seat.forceN!.high).toBeGreaterThan(answer.seat.forceN!.low);
  });
  it.each([
    ['6306', 'alsi9cu3'],
    ['6306 mg', 'az91'],
    ['hk2016 tube', 'mild_steel'],
    ['nj206 case', 'alsi9cu3'],
  ])('%s is in %s', (text, material) =>
    expect(asked(text)).toMatchObject({ answer: 'bearing', seat: { material } }),
  );
  it('three sizes name the bearing that has them, or what does not match', () => {
    expect(asked('25 62 17')).toMatchObject({
      answer: 'bearing',
      seat: { part: { designation: '6305' } },
      note: '6305 has these sizes',
    });
    const odd = asked('25x51x15');
    expect(odd).toMatchObject({ answer: 'sizes', seat: { part: { designation: '25×51×15' } } });
    expect(odd?.answer === 'sizes' && odd.note).toContain('outside 1.00 mm bigger');
    expect(asked('.9843 2.4409 .6693', 'imperial')).toMatchObject({
      seat: { part: { designation: '6305' } },
    });
  });
  it('a thread and a torque: a rod’s pull, or a bolt’s load', () => {
    expect(asked('m10 rod 20nm')).toMatchObject({
      answer: 'rod',
      sum: { topic: 'press_rod', mode: 'force' },
      inputs: { torque_Nm: 20, pitch_mm: 1.5, strength_class: '4.6' },
    });
    // Common practice, no source: nobody who says a thread and a torque means a rod.
    expect(asked('m6 11 ft-lb')).toMatchObject({ answer: 'bolt', sum: { topic: 'bolt_torque' } });
    expect(asked('m6 bolt 8.8 10 ft-lb')).toMatchObject({
      answer: 'bolt',
      isStrengthAssumed: false,
      sum: { topic: 'bolt_torque' },
      inputs: { strength_class: '8.8' },
    });
  });
  it('a bag code opens its job, a job kind starts one, words find sums', () => {
    expect(asked(bagCode(7).toLowerCase())).toMatchObject({ answer: 'job', jobId: asId('j7') });
    expect(asked('saw case')).toEqual({
      answer: 'job_kind',
      kinds: [{ jobKind: 'saw_crankcase', name: 'Chainsaw crankcase' }],
    });
    expect(asked('infrared')).toMatchObject({ answer: 'sum', sum: { topic: 'thermometer' } });
    expect(asked('shim')).toMatchObject({ answer: 'sums' });
  });
  it.each([
    ['wheel bearing', 'wheel_hub'],
    ['head bearing', 'steering_head'],
    ['leaking seal', 'seal_only'],
    ['two stroke', 'two_stroke_crankcase'],
  ])('“%s” is the job that a person means by it', (text, jobKind) =>
    expect(asked(text)).toMatchObject({ answer: 'job_kind', kinds: [{ jobKind }] }),
  );
  it('“crank” offers the crankcases, not one of them', () => {
    const answer = asked('crank');
    const names = answer?.answer === 'job_kind' ? answer.kinds.map(({ jobKind }) => jobKind) : [];
    expect(names).toEqual(
      expect.arrayContaining(['two_stroke_crankcase', 'offroad_crankcase', 'saw_crankcase']),
    );
    expect(names).not.toContain('seal_only');
  });
  it.each([
    ['stuck', 'stuck'],
    ['Stuck!', 'stuck'],
    ['cocked', 'cocked'],
  ])('“%s” says what to do', (text, topic) => expect(asked(text)).toEqual({ answer: 'help', topic }));
  it('a part that does not press into a bore says what it is', () =>
    expect(asked('AXK2035')).toMatchObject({
      answer: 'bearing',
      seat: null,
      part: { type: 'thrust_needle' },
    }));
  it('each of the common questions takes twelve keys or fewer', () => {
    for (const text of ['6306 al', '25 62 17', 'saw case', 'm10 rod 20nm', bagCode(7)])
      expect(text.length).toBeLessThanOrEqual(12);
  });
  it('forgives a finger-slip in a word, and never guesses a short one', () => {
    expect(asked('chansaw')).toMatchObject({ kinds: [{ jobKind: 'saw_crankcase' }] });
    expect(asked('6306 mangesium')).toMatchObject({ answer: 'bearing', seat: { material: 'az91' } });
    expect(asked('6306 ml')).not.toMatchObject({ answer: 'bearing' });
  });
  it('a seal’s sizes are a seal, unless a bearing is said or has them too', () => {
    expect(asked('30x47x7')).toMatchObject({ answer: 'seal', isInTables: true });
    expect(asked('30x47x7 bearing')).toMatchObject({ answer: 'sizes', widthMm: 7 });
    expect(asked('25 47 12')).toMatchObject({ answer: 'bearing', part: { designation: '6005' } });
  });
  it('a thread alone gets the torque of three quarters of its proof load (ISO 898-1), and says what it took', () => {
    const found = asked('torque m6');
    expect(found).toMatchObject({ answer: 'bolt', isTorqueAssumed: true, strengthClass: '8.8' });
    if (found?.answer !== 'bolt') return;
    // M6 8.8: A_s 20.1 mm² × 580 MPa = 11.7 kN; three quarters of it with little grease is some 9 N·m.
    expect(found.inputs.torque_Nm).toBeGreaterThan(7);
    expect(found.inputs.torque_Nm).toBeLessThan(11);
    expect(found.solved.answers.bolt_utilisation_high).toBeCloseTo(0.75, 1);
  });
  it('a job by its bag, its number, its machine; a number that is a bearing’s is a bearing', () => {
    for (const text of [`bag ${bagCode(7)}`, 'job 7', '#7', 'ostrel 250', 'ostrel'])
      expect(asked(text), text).toMatchObject({ answer: 'job', jobId: asId('j7') });
    expect(asked('6305')).toMatchObject({ answer: 'bearing' });
  });
  it('whatever is typed, nothing is thrown', () =>
    fc.assert(
      fc.property(
        fc.oneof(fc.string({ maxLength: 90 }), fc.stringMatching(/^[m0-9x .,/a-z-]{0,20}$/)),
        fc.constantFrom(...(['metric', 'metric_um', 'imperial'] as const)),
        (text, units) => {
          const found = ask(text, { ...CONTEXT, units });
          if (found) expect(ANSWER_KINDS).toContain(sayForApi(found).answer);
        },
      ),
      { seed: 31, numRuns: 400 },
    ));
});

describe('a seat from its size alone', () => {
  it('drawn cups sit in R7 in light alloy and N7 in steel (ISO 3245 practice, from memory)', () =>
    expect([usualClassFor('drawn_cup', 'az91'), usualClassFor('drawn_cup', 'mild_steel')]).toEqual([
      'R7',
      'N7',
    ]));
  it('steel in steel has no temperature at which both together let go', () => {
    const part = {
      designation: 'x',
      boreMm: 30,
      outsideMm: 48,
      widthMm: 12,
      chamferMm: 1,
      type: 'deep_groove' as const,
      closure: 'open' as const,
    };
    expect(quickSeat(part, 'mild_steel')!.freeAboveC).toBeNull();
    expect(quickSeat(part, 'alsi9cu3')!.freeAboveC).toBeGreaterThan(20);
    expect(quickSeat({ ...part, outsideMm: 600 }, 'alsi9cu3')).toBeNull();
  });
});

describe('bag codes', () => {
  it('are four characters without look-alikes, and no two jobs of a shop’s life share one', () => {
    const codes = Array.from({ length: 20_000 }, (_, i) => bagCode(i + 1));
    expect(new Set(codes).size).toBe(codes.length);
    for (const code of codes.slice(0, 500)) {
      expect(isBagCode(code)).toBe(true);
      expect(code).not.toMatch(/[O0I1S5B8Z2]/);
    }
  });
  it('one wrong character is no neighbour', () => {
    const codes = Array.from({ length: 60 }, (_, i) => bagCode(i + 1));
    for (const [i, a] of codes.entries())
      for (const b of codes.slice(i + 1))
        expect([...a].filter((sign, k) => sign !== b[k]).length).toBeGreaterThan(1);
  });
});
