import { openApiDocument } from '@/server/openApi/document';

export const dynamic = 'force-static';

export const GET = () => Response.json(openApiDocument());
