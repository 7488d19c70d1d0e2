import { ESLint } from 'eslint';
import { describe, expect, it } from 'vitest';

/** The lint rules that keep the layers apart, tried on planted violations: a rule that never fires guards nothing. */
const eslint = new ESLint();

async function rulesBroken(filePath: string, code: string) {
  const [result] = await eslint.lintText(code, { filePath });
  return result!.messages.map(({ ruleId }) => ruleId);
}

describe('the layers', () => {
  it.each([
    [
      'core must not know React',
      'src/core/fit/planted.ts',
      "import { useState } from 'react';\nexport const a = useState;",
    ],
    [
      'core must not know the database driver',
      'src/core/fit/planted.ts',
      "import pg from 'pg';\nexport const a = pg;",
    ],
    [
      'core must not know Node',
      'src/core/heat/planted.ts',
      "import { readFileSync } from 'node:fs';\nexport const a = readFileSync;",
    ],
    [
      'core must not reach into the server',
      'src/core/job/planted.ts',
      "import { pool } from '@/server/pool';\nexport const a = pool;",
    ],
    [
      'core must not reach into the interface',
      'src/core/job/planted.ts',
      "import { token } from '@/ui/theme/tokens';\nexport const a = token;",
    ],
    [
      'server must not know the rooms',
      'src/server/planted.ts',
      "import { outbox } from '@/bench/record/outbox';\nexport const a = outbox;",
    ],
    [
      'rooms must not reach into the server',
      'src/bench/home/planted.ts',
      "import { pool } from '@/server/pool';\nexport const a = pool;",
    ],
    [
      'ui must not know a place',
      'src/ui/planted.ts',
      "import { outbox } from '@/bench/record/outbox';\nexport const a = outbox;",
    ],
    [
      'gauges must not reach into the server',
      'src/gauges/planted.ts',
      "import { pool } from '@/server/pool';\nexport const a = pool;",
    ],
  ])(
    '%s',
    async (_what, filePath, code) =>
      expect(await rulesBroken(filePath, code)).toContain('no-restricted-imports'),
    60_000,
  );

  it('core has no clock, no chance and no network of its own', async () => {
    expect(await rulesBroken('src/core/heat/planted.ts', 'export const a = Date.now();')).toContain(
      'no-restricted-properties',
    );
    expect(await rulesBroken('src/core/heat/planted.ts', 'export const a = Math.random();')).toContain(
      'no-restricted-properties',
    );
    expect(await rulesBroken('src/core/heat/planted.ts', "export const a = fetch('x');")).toContain(
      'no-restricted-globals',
    );
  }, 60_000);

  it('lets through what is allowed', async () => {
    expect(
      await rulesBroken(
        'src/core/job/planted.ts',
        "import { fitPlane } from '@/core/seating/plane';\nexport const a = fitPlane;",
      ),
    ).toEqual([]);
    expect(
      await rulesBroken(
        'src/bench/home/planted.ts',
        "import { token } from '@/ui/theme/tokens';\nexport const a = token;",
      ),
    ).toEqual([]);
  }, 60_000);
});
