import type { PointView } from '@/core/look/round';
import type { PointFinding } from '@/core/record/vocabulary';

/** Words of look-over rounds. */
export const POINT_WORDS: Record<PointFinding, string> = { good: 'good', watch: 'a little', bad: 'bad' };

export const ASKS_WORDS: Record<PointView['asks'], string> = {
  nothing: '',
  look_closely: 'A little play last time: look closely.',
  job: 'It wants a job now.',
};

/** What a round over a model that is new here starts with; each shop makes it its own. */
export const FIRST_POINTS = [
  'Wheels: rock them at the rim',
  'Swing arm: lift and rock it',
  'Steering head: turn it through, rock it',
  'Seals: weeping?',
  'Oil: low, black, milky?',
];
