import { openApiDocument } from '@/server/sums/openApi';

export const dynamic = 'force-static';

export const GET = () => Response.json(openApiDocument());
