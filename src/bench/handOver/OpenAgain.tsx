'use client';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { doneAgain, partsUsedUp, usedUpBy } from '@/core/handOver/openAgain';
import type { SeatView } from '@/core/job/seatView';
import { jobPath } from '@/bench/frame/places';
import { useJob } from '@/bench/record/JobProvider';
import { PlainField } from '@/ui/fields/PlainField';
import { Column, Row } from '@/ui/parts/layout';
import { Note, Text } from '@/ui/parts/text';
import { LOCKING_WORDS } from '@/ui/words/walk';

/** A list with one more, or without it. */
const turned = (list: readonly string[], one: string) =>
  list.includes(one) ? list.filter((each) => each !== one) : [...list, one];

/** Opened again: why, which seats come out, what that uses up; what was proved of them before stays on record. */
export function OpenAgain() {
  const { job, record, person, addEvent } = useJob();
  const router = useRouter();
  const [why, setWhy] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [opened, setOpened] = useState<readonly string[]>([]);
  const views = job.seats.filter(({ seat }) => opened.includes(seat.id));
  const [missing, setMissing] = useState<readonly string[]>([]);
  const spent = partsUsedUp(job, views);
  const turn = ({ seat: { id } }: SeatView) => setOpened(turned(opened, id));
  const open = () => {
    if (why.trim() === '') {
      setProblem('Say why: it is asked when the next one fails.');
      return;
    }
    addEvent('job_opened_again', { why: why.trim().slice(0, 160), ...doneAgain(job) }, {});
    for (const { seat } of views) addEvent('seat_opened_again', {}, { seatId: seat.id });
    for (const { key } of spent.filter((part) => missing.includes(part.key)))
      addEvent('order_noted', { partKey: key, state: 'ordered', kitNumber: '', promisedFor: null }, {});
    router.push(jobPath(record.id, person?.walk ?? 'full'));
  };
  return (
    <Column data-testid="open-again" sx={{ gap: 1, alignItems: 'flex-start' }}>
      <Typography variant="h2">Open it again</Typography>
      <PlainField
        label="Why"
        name="open-why"
        value={why}
        problem={problem}
        onChange={(text) => {
          setWhy(text);
          setProblem(null);
        }}
      />
      <Note>Which seats come out again? Without one, only what closes it is done anew.</Note>
      <Row>
        {job.seats.map((view) => (
          <Button
            key={view.seat.id}
            variant={opened.includes(view.seat.id) ? 'contained' : 'outlined'}
            aria-pressed={opened.includes(view.seat.id)}
            onClick={() => turn(view)}
          >
            {view.seat.name}
          </Button>
        ))}
      </Row>
      <UsedUp views={views} />
      {spent.length > 0 && (
        <>
          <Note>Which of these are not on the shelf? They are ordered, and the walk waits for them.</Note>
          <Row>
            {spent.map((part) => (
              <Button
                key={part.key}
                variant={missing.includes(part.key) ? 'contained' : 'outlined'}
                aria-pressed={missing.includes(part.key)}
                onClick={() => setMissing(turned(missing, part.key))}
              >
                {part.name}
              </Button>
            ))}
          </Row>
        </>
      )}
      <Button variant="outlined" onClick={open}>
        Open it again
      </Button>
    </Column>
  );
}

function UsedUp({ views }: { views: readonly SeatView[] }) {
  const { job } = useJob();
  const { seals, fasteners } = usedUpBy(job, views);
  const said = [
    ...seals.map((name) => `seal of ${name}`),
    ...fasteners.map(({ name, locking }) => `${name} (${LOCKING_WORDS[locking].toLowerCase()})`),
  ];
  return (
    <Text data-testid="used-up">
      <b>Uses up:</b> {['the gaskets between what comes apart', ...said].join('; ')}.
    </Text>
  );
}
