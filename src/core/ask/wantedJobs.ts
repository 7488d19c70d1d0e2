import { jobOfCode } from '@/core/board/bagCode';
import { splitWords } from './words';

/** What a question says of the job that it may mean. */
export type WantedJobs = {
  /** A job's own number, or that of its bag's code. */
  numbers: number[];
  /** Jobs of which a stack's bag may have this code; of their numbers, what is left after the jobs that have codes. */
  stackNumbers: number[];
  /** The whole of it, as a machine's name. */
  machine: string;
  /** Beginnings of words of a machine's name: letters and digits alone, lower case. */
  words: string[];
};

const MOST_NUMBER = 2_147_483_647;

/** Which jobs `ask` could answer with, so that only they are fetched: see `askJob` and `askMachine`. */
export function wantedJobs(typed: string): WantedJobs {
  const all = splitWords(typed);
  const words = /^(bag|tray|job)$/i.test(all[0] ?? '') ? all.slice(1) : all;
  const codes = words.flatMap((word) => jobOfCode(word) ?? []);
  return {
    numbers: [
      ...words
        .filter((word) => /^#?\d+$/.test(word))
        .map((word) => Number(word.replace('#', '')))
        .filter((number) => number <= MOST_NUMBER),
      ...codes.map(({ own }) => own),
    ],
    stackNumbers: codes.flatMap(({ ofStack }) => ofStack ?? []),
    machine: words.join(' '),
    words: all
      .join(' ')
      .toLowerCase()
      .split(/[^a-z0-9]+/)
      .filter(Boolean),
  };
}
