import { describe, expect, it } from 'vitest';
import { judgeRod, rodFromForce, rodFromTorque, type RodInput } from './threadedRod';

const M10: RodInput = {
  thread: { diameterMm: 10, pitchMm: 1.5 },
  strength: '8.8',
  frictionThread: 0.12,
  frictionNutFace: 0.12,
  nutFaceMeanDiameterMm: 13,
};
const at = (forceN: number, changes: Partial<RodInput> = {}) => {
  const rod = rodFromForce({ ...M10, ...changes }, forceN);
  if (!rod.ok) throw new Error('refused');
  return rod.value;
};

describe('a threaded rod that pulls', () => {
  // By hand, VDI 2230 form: d₂ 9.026, d₃ 8.160, A_s 57.99 mm²; 10 kN: σ 172.4; T_thread 8.64 N·m, W_p 124.6 mm³: τ 69.4 MPa;
  // √(172.4² + 3·69.4²) = 210.2 of 580 MPa. With the nut's face: 8.64 + 0.12·13/2·10 = 16.44 N·m.
  it('10 kN on M10: 16.44 N·m at the nut, and with the twist 0.362 of proof', () => {
    expect(at(10_000).torqueNm).toBeCloseTo(16.44, 2);
    expect(at(10_000).combinedUtilisation).toBeCloseTo(0.3624, 4);
    expect(at(10_000).utilisation).toBeCloseTo(172.44 / 580, 4);
  });

  it('the friction of the nut’s face is no twist of the rod', () =>
    expect(at(10_000, { frictionNutFace: 0.01 }).combinedUtilisation).toBeCloseTo(0.3624, 4));

  it('stops at three times the torque, but never beyond four fifths of proof with the twist: 36.3 N·m', () => {
    expect(at(5_000).stopAtTorqueNm).toBeCloseTo(3 * 8.22, 1);
    expect(at(10_000).stopAtTorqueNm).toBeCloseTo(36.3, 1);
    expect(at(20_000).stopAtTorqueNm).toBeCloseTo(36.3, 1);
  });

  it('holds when let go while µ is above P·cos 30°/(π·d₂) = 0.0458', () => {
    expect(at(1000, { frictionThread: 0.0453 }).isSelfLocking).toBe(false);
    expect(at(1000, { frictionThread: 0.0463 }).isSelfLocking).toBe(true);
  });

  it.each([
    [0.76, 'sound'],
    [0.81, 'may_be_over'],
    [0.99, 'may_be_over'],
    [1.01, 'over_proof'],
  ] as const)('at %f of proof with the twist it is %s', (combinedUtilisation, verdict) =>
    expect(judgeRod({ combinedUtilisation })).toBe(verdict),
  );

  it('force and torque say the same of one rod', () => {
    const byTorque = rodFromTorque(M10, at(12_000).torqueNm);
    expect(byTorque.ok && byTorque.value.combinedUtilisation).toBeCloseTo(at(12_000).combinedUtilisation, 9);
  });
});
