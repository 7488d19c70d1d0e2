import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { lockCluster, noteMigration, openDataFolder } from './dataFolder.mjs';

let folder: string;
const KNOWN = ['000001_first', '000002_second'];
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'urn-key-folder-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('a data folder', () => {
  it('says what it is from the first start on, and is the same one at the next', () => {
    const first = openDataFolder(folder, KNOWN);
    noteMigration(folder, '000002_second');
    expect(openDataFolder(folder, KNOWN)).toEqual({ ...first, migration: '000002_second' });
    expect(first.id).toMatch(/^[0-9a-f]{12}$/);
  });

  it('of a newer version is not opened, and says so', () => {
    openDataFolder(folder, KNOWN);
    noteMigration(folder, '000009_of-next-year');
    expect(() => openDataFolder(folder, KNOWN)).toThrow(/newer Urn Key \(000009_of-next-year\)/);
  });

  it('of the version before the note is taken as it is', () => {
    writeFileSync(join(folder, 'secret'), 'x');
    expect(openDataFolder(folder, KNOWN).migration).toBe(null);
  });

  it('that holds something else is left alone', () => {
    writeFileSync(join(folder, 'holiday.jpg'), 'x');
    expect(() => openDataFolder(folder, KNOWN)).toThrow(/holds something else/);
  });

  it('with a damaged note is left alone too', () => {
    writeFileSync(join(folder, 'urn-key.json'), '{"what":');
    expect(() => openDataFolder(folder, KNOWN)).toThrow(/can not be read/);
  });
});

describe('the lock beside the cluster', () => {
  it('is held by a living start, and given back', () => {
    const giveBack = lockCluster(folder);
    expect(readFileSync(join(folder, 'start.pid'), 'utf8')).toMatch(new RegExp(`^${process.pid} `));
    giveBack();
    lockCluster(folder)();
  });

  it('of another process that lives keeps a second start out', () => {
    lockCluster(folder);
    const held = readFileSync(join(folder, 'start.pid'), 'utf8');
    const parent = process.ppid;
    const ticks = readFileSync(`/proc/${parent}/stat`, 'utf8').split(') ').at(-1)!.split(' ')[19];
    writeFileSync(join(folder, 'start.pid'), `${parent} ${held.split(' ')[1]} ${ticks}\n`);
    expect(() => lockCluster(folder)).toThrow(/Another Urn Key/);
  });

  // After a power cut the number in the file may belong to any process; its start tells them apart.
  it.each(['%P', '%P another-boot 12', '%P %B 12'])(
    'left by a process whose number is another one’s now (%s) does not hold',
    (form) => {
      lockCluster(folder);
      const boot = readFileSync(join(folder, 'start.pid'), 'utf8').split(' ')[1]!;
      writeFileSync(join(folder, 'start.pid'), form.replace('%P', String(process.ppid)).replace('%B', boot));
      expect(() => lockCluster(folder)).not.toThrow();
    },
  );
});
