import type { Way } from '@/core/record/vocabulary';

const HEATED: readonly Way[] = ['heat', 'heat_chill', 'warm_tap', 'warm_draw'];
export const isHeated = (way: Way) => HEATED.includes(way);
const CHILLED: readonly Way[] = ['chill', 'chill_press', 'heat_chill', 'warm_tap'];
export const isChilled = (way: Way) => CHILLED.includes(way);
/** The part falls home by itself: something must stop it there. */
const DROPS: readonly Way[] = ['chill', 'heat', 'heat_chill'];
export const isDrop = (way: Way) => DROPS.includes(way);
