import { benchPaths } from './bench';
import { ERROR, ISSUE, MEASURED, READING } from './common';
import { gaugePaths } from './gauges';
import { jobFileShape, jobPaths } from './jobs';
import { partPaths } from './parts';
import { withPathParameters, type Paths } from './shapes';
import { SHOP_SCHEMAS, shopPaths } from './shop';
import { sumPaths } from './sums';

const PATHS: Paths = { ...sumPaths(), ...partPaths, ...jobPaths, ...benchPaths, ...shopPaths, ...gaugePaths };

/** The whole API as an OpenAPI 3.1 document: every route, what it takes, what it answers, how it refuses. */
export function openApiDocument() {
  const { $schema: _dialect, ...jobFile } = jobFileShape();
  return {
    openapi: '3.1.0',
    info: {
      title: 'Urn Key',
      version: '1',
      description:
        'Sums, parts, orders, jobs, gauges and the shop of the fitting bench. Units stand in the names. A material’s name may stand in place of its numbers. Every refusal has one shape. What is asked for with GET carries an ETag.',
    },
    paths: withPathParameters(PATHS),
    components: {
      schemas: {
        Error: ERROR,
        Issue: ISSUE,
        Measured: MEASURED,
        Reading: READING,
        ...SHOP_SCHEMAS,
        JobFile: jobFile,
      },
    },
  };
}
