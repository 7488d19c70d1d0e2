import { cookies } from 'next/headers';
import { WALKS, type WalkStyle } from '@/core/record/vocabulary';
import { WALK_COOKIE } from '@/bench/frame/walkCookie';

/** The walk of whoever was last at this screen, as its browser keeps it; nobody yet: the full one. */
export async function readWalkHere(): Promise<WalkStyle> {
  const kept = (await cookies()).get(WALK_COOKIE)?.value;
  return WALKS.find((walk) => walk === kept) ?? 'full';
}
