import { answer } from '@/server/http';
import { pool } from '@/server/pool';

export const dynamic = 'force-dynamic';

export const GET = () =>
  answer(async () => {
    await pool().query('SELECT 1');
    return Response.json({ ok: true });
  });
