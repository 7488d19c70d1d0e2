'use client';
import Box from '@mui/material/Box';
import type { BenchJob } from '@/core/board/benchLine';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';

export const FILTERS = {
  all: { words: 'All', isShown: () => true },
  warm: {
    words: 'Hot or cold',
    isShown: ({ headline, castings }: BenchJob) =>
      headline.state === 'hot' ||
      castings.some(({ isHot, seats }) => isHot || seats.some(({ partState }) => partState === 'cold')),
  },
  trouble: {
    words: 'In trouble',
    isShown: ({ castings }: BenchJob) =>
      castings.some(({ seats }) => seats.some(({ seatState }) => seatState === 'trouble')),
  },
  waiting: { words: 'Waiting', isShown: ({ waiting }: BenchJob) => waiting !== null },
  ready: { words: 'Ready to go on', isShown: ({ waiting, isDone }: BenchJob) => waiting === null && !isDone },
  done: { words: 'Done', isShown: ({ isDone }: BenchJob) => isDone },
} as const satisfies Record<string, { words: string; isShown: (job: BenchJob) => boolean }>;
export type FilterName = keyof typeof FILTERS;

/** Which jobs stand on the line; each choice says how many it would show. */
export function BenchFilter({
  jobs,
  filter,
  onFilter,
}: {
  jobs: readonly BenchJob[];
  filter: FilterName;
  onFilter: (filter: FilterName) => void;
}) {
  if (jobs.length < 2) return null;
  const options = (Object.keys(FILTERS) as FilterName[]).map((value) => ({
    value,
    words: `${FILTERS[value].words} ${jobs.filter(FILTERS[value].isShown).length}`,
  }));
  return (
    <Box sx={{ mb: 1 }} data-testid="bench-filter">
      <ChoiceRow label="Show" isLabelHidden options={options} value={filter} onPick={onFilter} />
    </Box>
  );
}
