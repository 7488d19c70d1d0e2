import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './processes.mjs';

type Locked = { version?: string; license?: string; dev?: boolean; devOptional?: boolean };

export const LICENCES_FILE = 'public/third-party-licences.txt';

/** Packages that name their licence in a file beside them alone: read there by a person. */
const READ_BY_HAND: Record<string, string> = { 'png-js': 'MIT' };

const HEAD = `Urn Key is made with these packages. Each stands under the licence beside it; the licence's text comes with the package
(node_modules/<name>/LICENSE). Its typeface, Archivo, stands under the SIL Open Font License 1.1.
`;

/** Every package that runs with Urn Key, by name, from the lock file: a name, a version, a licence to the line. */
export function listLicences(lockFile = join(ROOT, 'package-lock.json')): string {
  const { packages } = JSON.parse(readFileSync(lockFile, 'utf8')) as { packages: Record<string, Locked> };
  const lines = Object.entries(packages).flatMap(([path, { version, license, dev, devOptional }]) => {
    const name = path.replace(/^.*node_modules\//, '');
    const says = license ?? READ_BY_HAND[name] ?? 'licence not named';
    return path === '' || dev || devOptional ? [] : [`${name} ${version ?? ''}: ${says}`];
  });
  return `${HEAD}\n${[...new Set(lines)].sort().join('\n')}\n`;
}
