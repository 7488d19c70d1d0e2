'use client';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { HOW_FAR, openAgainDrafts, usedUpBy, type HowFar, type UsedUp } from '@/core/handOver/openAgain';
import { jobPath } from '@/bench/frame/places';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { PlainField } from '@/ui/fields/PlainField';
import { Column, Row } from '@/ui/parts/layout';
import { Note, Text } from '@/ui/parts/text';
import { HOW_FAR_WORDS } from '@/ui/words/handOver';
import { inSentence } from '@/ui/words/sentence';
import { LOCKING_WORDS } from '@/ui/words/walk';

/** A list with one more, or without it. */
const turned = (list: readonly string[], one: string) =>
  list.includes(one) ? list.filter((each) => each !== one) : [...list, one];

/** Opened again: why, how far, which seats come out, what that uses up; what was proved of them before stays on record. */
export function OpenAgain() {
  const { job, record, person, takeOffer } = useJob();
  const router = useRouter();
  const [why, setWhy] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [howFar, setHowFar] = useState<HowFar>('apart');
  const [picked, setPicked] = useState<readonly string[]>([]);
  const [missing, setMissing] = useState<readonly string[]>([]);
  const opening = { howFar, opened: job.seats.filter(({ seat }) => picked.includes(seat.id)) };
  const used = usedUpBy(job, opening);
  const open = () => {
    if (why.trim() === '') {
      setProblem('Say why: it is asked when the next one fails.');
      return;
    }
    takeOffer(openAgainDrafts(job, opening, { why: why.trim().slice(0, 160), missing }));
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
      <ChoiceRow
        label="How far does it come apart?"
        options={HOW_FAR.map((value) => ({ value, words: HOW_FAR_WORDS[value] }))}
        value={howFar}
        onPick={setHowFar}
      />
      <Toggles
        ask="Which seats come out again?"
        options={job.seats.map(({ seat: { id, name } }) => ({ key: id, name }))}
        picked={picked}
        onTurn={(id) => setPicked(turned(picked, id))}
      />
      <UsedUpText used={used} />
      {used.parts.length > 0 && (
        <Toggles
          ask="Which of these are not on the shelf? They are ordered, and the walk waits for them."
          options={used.parts}
          picked={missing}
          onTurn={(key) => setMissing(turned(missing, key))}
        />
      )}
      <Button variant="outlined" onClick={open}>
        Open it again
      </Button>
    </Column>
  );
}

type TogglesProps = {
  ask: string;
  options: readonly { key: string; name: string }[];
  picked: readonly string[];
  onTurn: (key: string) => void;
};

const Toggles = ({ ask, options, picked, onTurn }: TogglesProps) => (
  <>
    <Note>{ask}</Note>
    <Row>
      {options.map(({ key, name }) => (
        <Button
          key={key}
          variant={picked.includes(key) ? 'contained' : 'outlined'}
          aria-pressed={picked.includes(key)}
          onClick={() => onTurn(key)}
        >
          {name}
        </Button>
      ))}
    </Row>
  </>
);

function UsedUpText({ used: { parts, fasteners } }: { used: UsedUp }) {
  const said = [
    ...parts.map(({ name }) => inSentence(name)),
    ...fasteners.map(({ name, locking }) => `${inSentence(name)} (${LOCKING_WORDS[locking].toLowerCase()})`),
  ];
  return (
    <Text data-testid="used-up">
      <b>Uses up:</b> {said.length > 0 ? said.join('; ') : 'nothing'}.
    </Text>
  );
}
