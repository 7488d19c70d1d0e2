import { jobFileJsonSchema } from '@/core/record/jobFile';

export const dynamic = 'force-static';

export const GET = () => Response.json(jobFileJsonSchema());
