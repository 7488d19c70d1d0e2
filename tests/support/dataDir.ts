import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A throw-away data folder that the user `postgres` can reach too, so that its cluster stays inside and goes with it. */
export function makeDataDir(name: string): { dataDir: string; remove: () => void } {
  const dataDir = mkdtempSync(join(tmpdir(), `urn-key-${name}-`));
  chmodSync(dataDir, 0o755);
  return { dataDir, remove: () => rmSync(dataDir, { recursive: true, force: true }) };
}
