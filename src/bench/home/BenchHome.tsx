'use client';
import { PageTitle } from '@/ui/parts/PageTitle';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from '@/ui/parts/Link';
import { useMemo, useState } from 'react';
import type { AskContext } from '@/core/ask/answer';
import { bagCode } from '@/core/board/bagCode';
import type { BenchJob } from '@/core/board/benchLine';
import type { Units } from '@/core/quantity/format';
import type { WalkStyle } from '@/core/record/vocabulary';
import type { HeatItem } from '@/core/board/heatItems';
import type { Person } from '@/core/record/person';
import { Head } from '@/bench/frame/Head';
import { HeatBarPlace } from '@/bench/frame/HeatBarPlace';
import { NextMoveBand } from '@/bench/frame/NextMoveBand';
import { placesFrom } from '@/bench/frame/places';
import { usePerson } from '@/bench/record/hooks';
import { Alert } from '@/ui/parts/Alert';
import { MARK_WORDS, StateMark, type MarkName } from '@/ui/marks/StateMark';
import { token, TYPE } from '@/ui/theme/tokens';
import { sayMove } from '@/ui/words/moves';
import { type MoveWords } from '@/ui/words/moveParts';
import { AskLine } from './AskLine';
import { CastingLine } from './CastingLine';
import { JobFileTaker } from './JobFileTaker';
import { later } from '@/bench/record/later';
import type { KindToStart } from './JobStarter';
import { BenchFilter, FILTERS, type FilterName } from './BenchFilter';
import { PutAwayBar, usePutAway } from './PutAway';
import { StartEmpty } from './StartEmpty';
import { Note } from '@/ui/parts/text';
import { Column } from '@/ui/parts/layout';
import { pathOf, JobColumn } from './JobColumn';
import { useBench, type Bench } from './useBench';

type Props = {
  shop: { name: string; showsDemo: boolean; hasDemo: boolean };
  initial: Bench;
  people: readonly Person[];
  kinds: readonly KindToStart[];
  ownKinds: readonly { id: string; name: string }[];
  heat: readonly HeatItem[];
  nowMs: number;
  /** What the address asks: a bag’s label leads here with its code. */ asked: string;
};

/** Hot metal and cold parts first, then what can be done now, then what waits, then what is done. */
const URGENT = ['say_home_or_stuck', 'drop_now', 'take_out_and_drop', 'reheat', 'free_it'] as const;

function rankOf(job: BenchJob, walk: WalkStyle): number {
  const i = URGENT.indexOf(job.moves[walk].code as (typeof URGENT)[number]);
  if (i >= 0) return i;
  return job.isDone ? 99 : job.waiting ? 50 : 10;
}

const mostUrgent = (jobs: readonly BenchJob[], walk: WalkStyle): BenchJob | undefined =>
  [...jobs].sort((a, b) => rankOf(a, walk) - rankOf(b, walk))[0];

const MARKS: readonly MarkName[] = [
  'as_found',
  'measured',
  'planned',
  'cold',
  'hot',
  'home',
  'proven',
  'trouble',
];

/** Arrow keys go from job to job; the browser keeps the rest. */
function moveFocus(event: React.KeyboardEvent) {
  const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
  const links = [...document.querySelectorAll<HTMLElement>('[data-job-link]')];
  const here = links.findIndex((link) => link === document.activeElement);
  if (!by || here < 0) return;
  event.preventDefault();
  links[(here + by + links.length) % links.length]?.focus();
}

type AskContextProps = Pick<Props, 'kinds'> & { units: Units; jobs: Bench['jobs'] };

/** The jobs on the bench as they are now. */
const useAskContext = ({ units, kinds, jobs }: AskContextProps) =>
  useMemo<AskContext>(
    () => ({
      units,
      kinds,
      jobs: jobs.map(({ jobId, machine, number, stackCodes }) => ({
        jobId,
        machine,
        number,
        stackCodes,
        code: bagCode(number),
      })),
    }),
    [units, kinds, jobs],
  );

export function BenchHome({ shop, initial, people, kinds, ownKinds, heat, nowMs, asked }: Props) {
  const person = usePerson(people);
  const walk = person?.walk ?? 'full';
  const [filter, setFilter] = useState<FilterName>('all');
  const putAway = usePutAway(person ?? null);
  const { jobs, unreadable } = useBench(initial, nowMs);
  const first = mostUrgent(jobs, walk);
  const shown = jobs.filter(FILTERS[filter].isShown);
  const units = person?.units ?? 'metric';
  const context = useAskContext({ units, kinds, jobs });
  const [isStarting, setStarting] = useState(jobs.length === 0);
  const words = first
    ? sayMove(first.moves[walk])
    : { headline: 'No job on the bench.', reason: 'Start one, or take in a job file.' };
  return (
    <Column sx={{ minHeight: '100vh', px: { xs: 2, sm: 4 } }}>
      <PageTitle parts={['Bench']} />
      <Head
        title={shop.name}
        titleHref="/tools#shop-name"
        subtitle={`${jobs.length} jobs in work`}
        people={people}
        places={placesFrom('Bench')}
      />
      <Box component="main" sx={{ flex: 1, display: 'flex', flexDirection: 'column' }} onKeyDown={moveFocus}>
        <FirstMove words={words} first={first} walk={walk} />
        {unreadable.map(({ id, number, machine }) => (
          <Alert key={id} testId="unreadable">
            <Box sx={{ py: 1 }}>
              <b>
                Job {number}, {machine}, can not be read.
              </b>{' '}
              Its entries are stored; the server’s log says what stands in the way.
            </Box>
          </Alert>
        ))}
        <AskLine context={context} asked={asked} walk={walk} />
        <FilterRow
          jobs={jobs}
          filter={filter}
          setFilter={setFilter}
          isStarting={isStarting}
          setStarting={setStarting}
        />
        {isStarting && (
          <JobStarter kinds={kinds} jobs={jobs} ownKinds={ownKinds} walk={walk} showsDemo={shop.showsDemo} />
        )}
        <CastingLine
          jobs={shown}
          renderJob={(job) => (
            <JobColumn job={job} walk={walk} onPutAway={filter === 'done' ? putAway.start : null} />
          )}
          pathOf={(job) => pathOf(job, walk)}
        />
        {shown.length === 0 && (
          <Box sx={{ fontSize: TYPE.name, py: 4 }} data-testid="bench-empty">
            {jobs.length === 0
              ? 'The bench is empty. Start a job: one tap for its kind, one to begin.'
              : `No job is ${FILTERS[filter].words.toLowerCase()} now.`}
          </Box>
        )}
        <MarksKey />
        <Box sx={{ flex: 1, minHeight: 16 }} />
        <MoreJobs shop={shop} />
      </Box>
      <HeatBarPlace initial={heat} own={null} people={people} units={units} initialMs={nowMs} />
      <PutAwayBar {...putAway} />
    </Column>
  );
}

/** Fetched right after the first drawing, and opened by a tap. */
const JobStarter = later(() => import('./JobStarter'), 'JobStarter');

type FilterRowProps = {
  jobs: readonly BenchJob[];
  filter: FilterName;
  setFilter: (filter: FilterName) => void;
  isStarting: boolean;
  setStarting: (isStarting: boolean) => void;
};

/** Which jobs stand on the line, and beside it the start of another one: at the top, however many there are. */
const FilterRow = ({ jobs, filter, setFilter, isStarting, setStarting }: FilterRowProps) => (
  <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'flex-start', columnGap: 2 }}>
    <BenchFilter jobs={jobs} filter={filter} onFilter={setFilter} />
    <Button
      variant="outlined"
      aria-expanded={isStarting}
      onClick={() => setStarting(!isStarting)}
      sx={{ ml: 'auto', minHeight: 48 }}
    >
      Start a job
    </Button>
  </Box>
);

type FirstMoveProps = {
  words: MoveWords;
  first: BenchJob | undefined;
  walk: WalkStyle;
};

/** The most urgent move of all jobs. */
function FirstMove({ words, first, walk }: FirstMoveProps) {
  return (
    <NextMoveBand
      headline={words.headline}
      reason={
        first ? (
          <>
            {first.machine}: {words.reason}
          </>
        ) : (
          words.reason
        )
      }
    >
      {first && (
        <Button variant="contained" component={Link} href={pathOf(first, walk)} sx={{ minWidth: 168 }}>
          Go there
        </Button>
      )}
    </NextMoveBand>
  );
}

/** What each mark means. */
const MarksKey = () => (
  <Note sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, rowGap: 0.5, alignItems: 'center', mt: 2 }}>
    {MARKS.map((name) => (
      <Box key={name} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <StateMark name={name} size={20} />
        {MARK_WORDS[name]}
      </Box>
    ))}
    <Box sx={{ flex: 1, textAlign: 'right' }}>all drawn to one scale</Box>
  </Note>
);

type MoreJobsProps = {
  shop: { name: string; showsDemo: boolean; hasDemo: boolean };
};

/** Taking a job in, and the ways to the heat board, orders, look-over rounds and tools. */
function MoreJobs({ shop }: MoreJobsProps) {
  return (
    <Box
      sx={{
        mx: { xs: -2, sm: -4 },
        px: { xs: 2, sm: 4 },
        py: 1.5,
        backgroundColor: token('plate'),
        borderTop: `2px solid ${token('ink')}`,
      }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 3 }}>
        <JobFileTaker />
        <Button variant="text" component={Link} href="/heat">
          Heat board
        </Button>
        <Button variant="text" component={Link} href="/orders">
          Orders
        </Button>
        <Button variant="text" component={Link} href="/rounds">
          Look-over
        </Button>
        <Button variant="text" component={Link} href="/tools">
          Tool wall
        </Button>
        <StartEmpty showsDemo={shop.showsDemo} hasDemo={shop.hasDemo} />
      </Box>
    </Box>
  );
}
