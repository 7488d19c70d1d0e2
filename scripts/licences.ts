/**
 * Writes the list of the packages that Urn Key is made of, with their licences: `npm run licences` after the packages have changed. From
 * the lock file, so that it names what is really installed; the test beside it fails where it is old.
 */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { LICENCES_FILE, listLicences } from './lib/licences';
import { ROOT } from './lib/processes.mjs';

writeFileSync(join(ROOT, LICENCES_FILE), listLicences());
