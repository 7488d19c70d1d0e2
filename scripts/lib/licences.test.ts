import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { LICENCES_FILE, listLicences } from './licences';
import { ROOT } from './processes.mjs';

describe('the list of licences that ships', () => {
  const shipped = readFileSync(join(ROOT, LICENCES_FILE), 'utf8');
  it('is that of the packages as they are locked: run `npm run licences`', () =>
    expect(shipped).toBe(listLicences()));
  it('names every package that the product asks for, each with its licence', () => {
    const { dependencies } = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8')) as {
      dependencies: Record<string, string>;
    };
    for (const [name, version] of Object.entries(dependencies))
      expect(shipped).toContain(`\n${name} ${version}: `);
    expect(shipped).not.toContain('licence not named');
  });
});
