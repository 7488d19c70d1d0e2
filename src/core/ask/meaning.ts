import { isBagCode } from '@/core/board/bagCode';
import { describeSum, SUMS } from '@/core/sums/allSums';
import { findByWords } from '@/core/sums/findByWords';
import { sumPath } from '@/core/sums/sum';
import type { AskAnswer, AskableJob, AskContext, HelpTopic } from './answer';
import { namedMetal } from './metals';
import { solvedSum } from './solvedSum';
import { meantWord } from './words';

/** What people type when it happens. */
const HELP_WORDS: Record<string, HelpTopic> = {
  stuck: 'stuck',
  grabbed: 'stuck',
  jammed: 'stuck',
  halfway: 'stuck',
  'half way': 'stuck',
  'half in': 'stuck',
  cocked: 'cocked',
  crooked: 'cocked',
  tilted: 'cocked',
};

export function askHelp(words: readonly string[]): AskAnswer | null {
  const text = ` ${words
    .join(' ')
    .toLowerCase()
    .replace(/[^a-z ]/g, '')} `;
  const said = Object.keys(HELP_WORDS).find((word) => text.includes(` ${word} `));
  return said ? { answer: 'help', topic: HELP_WORDS[said]! } : null;
}

const asJob = ({ jobId, machine, number, code }: AskableJob): AskAnswer => ({
  answer: 'job',
  jobId,
  machine,
  number,
  code,
});

/** `ABCD`, `bag ABCD`, `job 412`, a bare number that is a job’s, or the whole name of its machine. */
export function askJob(words: readonly string[], { jobs }: AskContext): AskAnswer | null {
  const isBag = /^(bag|tray)$/i.test(words[0] ?? '');
  const isNumber = /^job$/i.test(words[0] ?? '');
  const text = (isBag || isNumber ? words.slice(1) : words).join(' ').toUpperCase();
  const byCode = isBagCode(text)
    ? jobs.find(({ code, stackCodes = [] }) => code === text || stackCodes.includes(text))
    : undefined;
  const found =
    byCode ??
    (isBag
      ? undefined
      : jobs.find(({ number }) => /^#?\d+$/.test(text) && number === Number(text.replace('#', '')))) ??
    jobs.find(({ machine }) => machine.trim() !== '' && machine.toUpperCase() === text);
  return found ? asJob(found) : null;
}

/** A job by a part of its machine’s name, when nothing else answers: the latest. */
export function askMachine(words: readonly string[], { jobs }: AskContext): AskAnswer | null {
  if (words.join('').length < 3) return null;
  const [found] = findByWords(
    [...jobs].filter(({ machine }) => machine.trim() !== '').sort((a, b) => b.number - a.number),
    words.join(' '),
    ({ machine }) => machine,
  );
  return found ? asJob(found) : null;
}

export function askMaterial(words: readonly string[]): AskAnswer | null {
  const names = words.filter((word) => !/^(cast|grey|gray)$/i.test(word));
  const material = names.length === 1 ? namedMetal(names[0]!) : null;
  return material ? { answer: 'material', material } : null;
}

const SUM_ENTRIES = SUMS.filter(({ isAlias }) => !isAlias);
const sumWords = (sum: (typeof SUMS)[number]) => `${sum.title} ${sum.keywords} ${sum.lead}`;
const kindWords = ({ name, keywords }: AskContext['kinds'][number]) => `${name} ${keywords}`;

/** Numbers beside words are inputs, not words. */
const withoutNumbers = (words: readonly string[]) => words.filter((word) => !/^[\d.,:/x-]+$/i.test(word));

/** What a sum or a kind of job is called, with finger-slips put right. */
export function askWords(words: readonly string[], { kinds }: AskContext): AskAnswer | null {
  const lower = withoutNumbers(words).map((word) => word.toLowerCase());
  if (lower.length === 0 || lower.join('').length < 3) return null;
  const known = [
    ...new Set(
      [...kinds.map(kindWords), ...SUM_ENTRIES.map(sumWords)]
        .join(' ')
        .toLowerCase()
        .match(/[a-z]+/g),
    ),
  ];
  const text = lower
    .map((word) => (known.some((each) => each.startsWith(word)) ? word : (meantWord(word, known) ?? word)))
    .join(' ');
  const fitting = findByWords(kinds, text, kindWords).map(({ kind, name }) => ({ jobKind: kind, name }));
  if (fitting.length > 0) return { answer: 'job_kind', kinds: fitting };
  const found = findByWords(SUM_ENTRIES, text, sumWords);
  const only = found.length === 1 ? solvedSum(sumPath(found[0]!), {}) : null;
  if (only) return { answer: 'sum', ...only };
  return found.length > 0 ? { answer: 'sums', sums: found.slice(0, 6).map(describeSum) } : null;
}
