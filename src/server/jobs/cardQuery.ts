import { z } from 'zod';
import { UNITS } from '@/core/record/person';

/** In whose units a job's card is printed; left out: mm and °C. */
export const cardQuery = z.object({ units: z.enum(UNITS).default('metric') });
