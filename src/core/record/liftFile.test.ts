import { asId } from '../../../tests/support/ids';
import { describe, expect, it } from 'vitest';
import { filesOfVersion2, type OldFile } from '../../../tests/support/oldFiles';
import type { Edit } from './edits';
import type { Seat } from './job';
import { parseJobFile } from './jobFile';
import { JOB_FILE_VERSION, liftJob } from './liftFile';
import { liftEdit } from './liftHead';
import { journalOf, journalWords } from './journals';

const files = filesOfVersion2();
const named = (machine: string) => files.find(({ job }) => job.machine === machine)!;
function read(file: object) {
  const parsed = parseJobFile(JSON.stringify(file));
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  return parsed.value;
}
const issuesOf = (file: object) => {
  const parsed = parseJobFile(JSON.stringify(file));
  return parsed.ok ? [] : parsed.issues.map(({ code, field }) => `${code} ${field}`);
};
const seatsOf = (machine: string) => read(named(machine)).job.castings.flatMap(({ seats }) => seats);

describe('a job file of version 2', () => {
  it.each(files.map((file) => [file.job.machine, file] as const))(
    '%s keeps every entry, id and photograph',
    (_machine, file) => {
      const now = read(file);
      expect(now.version).toBe(JOB_FILE_VERSION);
      expect(now.readings).toEqual(file.readings);
      expect(now.photographs).toEqual(file.photographs.map((each) => ({ ...each, about: null })));
      expect(now.events.map(({ id, at, kind }) => [id, at, kind])).toEqual(
        file.events.map(({ id, at, kind }) => [id, at, kind]),
      );
      expect(now.job.castings.flatMap(({ seats }) => seats.map(({ id }) => id))).toEqual(
        file.job.castings.flatMap(({ seats }) => seats.map(({ id }) => id)),
      );
    },
  );

  it('every seat is told by what it takes', () => {
    const kinds = (machine: string) => seatsOf(machine).map(({ spec }) => [spec.kind, spec.part.type]);
    expect(kinds('Ostrel 250, frame')).toEqual([
      ['race_in_bore', 'tapered_roller'],
      ['race_in_bore', 'tapered_roller'],
      ['seal_in_bore', 'seal'],
    ]);
    expect(kinds('Bolver 570, swing arm').filter(([kind]) => kind === 'bush_in_bore')).toHaveLength(2);
    expect(kinds('Pelling 90, gearbox')[0]).toEqual(['bearing_in_bore', 'deep_groove']);
    expect(seatsOf('Tarn 220, in the frame').map(({ spec }) => spec.part)).toContainEqual(
      expect.objectContaining({ type: 'seal', material: 'nbr' }),
    );
  });

  it('what was said of a shaft on its seats is one shaft with its journals', () => {
    const { job } = read(named('Ostrel 250'));
    const crank = job.shafts.find(({ name }) => name === 'crank')!;
    expect(crank.seats.map(({ name }) => name)).toEqual(['left journal', 'right journal']);
    const clutch = job.shafts.find(({ name }) => name === 'clutch shaft')!;
    expect(clutch.seats.map(({ name }) => name)).toEqual(['Clutch shaft', 'Right clutch shaft']);
    const old = named('Ostrel 250').job.castings.flatMap(({ seats }) => seats);
    for (const { id, name, spec } of old) {
      const was = spec.journal as { name: string; nominalMm: number } | undefined;
      const journal = journalOf(job.shafts, id);
      expect(journal && [journalWords(journal, name), journal.seat.spec.journal.nominalMm]).toEqual(
        was ? [was.name, was.nominalMm] : null,
      );
    }
  });

  it('a lip’s track is no seat of a bearing; a race that stood turns on its shaft', () => {
    const { shafts } = read(named('Bolver 570, front drive')).job;
    const specs = shafts.flatMap(({ seats }) => seats.map(({ spec }) => spec));
    expect(specs.filter(({ kind }) => kind === 'seal_on_shaft')).toHaveLength(2);
    for (const spec of specs)
      if (spec.kind === 'bearing_on_shaft') expect(spec).toMatchObject({ part: null, load: 'rotating' });
  });

  it('lifted twice is the same job', () =>
    expect(read(named('Ostrel 250')).job).toEqual(read(named('Ostrel 250')).job));

  it('a kind that a shop kept then is lifted the same way', () =>
    expect(liftJob(named('Ostrel 250').job, 2)).toEqual(read(named('Ostrel 250')).job));

  it.each([
    [
      'castings that are none',
      (file: OldFile) => Object.assign(file.job, { castings: 7 }),
      'bad_type job.castings',
    ],
    [
      'a seat whose part nobody knows',
      (file: OldFile) => Object.assign(file.job.castings[0]!.seats[0]!.spec, { part: { type: 'magic' } }),
      'missing job.shafts',
    ],
    [
      'an outside under its bore',
      (file: OldFile) =>
        Object.assign(file.job.castings[0]!.seats[0]!.spec.part as object, { outsideMm: 12 }),
      'not_above_bore job.castings.0.seats.0.spec.part.outsideMm',
    ],
  ])('is still refused for %s', (_what, change, issue) => {
    const copy = structuredClone(named('Pelling 90'));
    change(copy);
    expect(issuesOf(copy)).toContain(issue);
  });
});

describe('a change of a seat that waited in a browser meanwhile', () => {
  const [old] = named('Ostrel 250, frame').job.castings[0]!.seats;
  const [today] = seatsOf('Ostrel 250, frame');
  const edit = (spec: object): Edit => ({
    what: 'seat',
    version: 1,
    seatId: today!.id,
    change: { spec: spec as Seat['spec'], name: 'a', xMm: 0, yMm: 0 },
  });
  it('is lifted with it', () => expect(liftEdit(edit(old!.spec))).toEqual(edit(today!.spec)));
  it('stays as it is when it is of today', () => {
    for (const { spec } of seatsOf('Ostrel 250')) expect(liftEdit(edit(spec))).toEqual(edit(spec));
  });
  it('of a new seat too', () => {
    const seat = { ...today!, spec: old!.spec as unknown as Seat['spec'] };
    expect(liftEdit({ what: 'new_seat', castingId: asId('c'), seat })).toEqual({
      what: 'new_seat',
      castingId: 'c',
      seat: today,
    });
  });
});

describe('a job file of version 1', () => {
  it('had neither plan nor photographs, and is read', () => {
    const { photographs: _photographs, ...rest } = structuredClone(named('Pelling 90'));
    const { plan: _plan, ...job } = rest.job;
    const now = read({ ...rest, version: 1, job });
    expect([now.version, now.job.plan.parts, now.photographs]).toEqual([JOB_FILE_VERSION, [], []]);
    expect(now.readings).toEqual(rest.readings);
  });
  it.each([0, -1, 1.5])('there is no version %s', (version) =>
    expect(issuesOf({ ...named('Pelling 90'), version })).toEqual(['not_a_job_file format']),
  );
});
