'use client';
import Button from '@mui/material/Button';
import { Link } from '@/ui/parts/Link';
import { useState } from 'react';
import { makeEvent } from '@/core/record/makeEvent';
import type { Person } from '@/core/record/person';
import type { Units } from '@/core/quantity/format';
import { writeAddress } from '@/core/sums/address';
import type { FromSeat } from '@/core/sums/fromSeat';
import type { Solved } from '@/core/sums/allSums';
import { sumPath, type SumDescription } from '@/core/sums/sum';
import { PersonPicker } from '@/bench/frame/PersonPicker';
import { usePerson } from '@/bench/record/hooks';
import { liveStream } from '@/bench/record/liveStream';
import { newId } from '@/bench/record/newId';
import { outbox } from '@/bench/record/outbox';
import { useAskPerson } from '@/bench/record/useAskPerson';
import { sayAnswer } from '@/ui/words/sayAnswer';
import { sayInputs } from '@/ui/words/sayInputs';
import type { Inputs } from './useInputs';

type Props = {
  from: FromSeat;
  people: readonly Person[];
  sum: SumDescription;
  units: Units;
  /** What is answered now; null while an entry is none. */
  answered: { inputs: Inputs; solved: Solved } | null;
};

/** What of a sum goes on record: the answer as it is read, and all that went in. */
function bodyOf(sum: SumDescription, { inputs, solved }: NonNullable<Props['answered']>, units: Units) {
  const head = sum.answers.find(({ name }) => name === sum.headline)!;
  const { figure, unit } = sayAnswer(head, solved.answers, units);
  const verdict = solved.verdict ? `; ${solved.verdict.words}` : '';
  return {
    path: sumPath(sum),
    query: writeAddress(sum.fields, inputs).toString(),
    title: sum.title,
    answer: `${figure} ${unit}`.trim().concat(verdict).slice(0, 160),
    given: sayInputs(sum.fields, inputs, units).slice(0, 60),
  };
}

/** Keeps the answer, with what went in, in the record of the seat that the sum was opened from. */
export function KeepSum({ from, people, sum, units, answered }: Props) {
  const person = usePerson(people);
  const { isAskingPerson, askPerson, stopAsking } = useAskPerson(person);
  const [kept, setKept] = useState<unknown>(null);
  const keep = ({ id: personId }: Person) => {
    if (!answered) return;
    const entry = makeEvent({
      id: newId(),
      seatId: from.seatId,
      castingId: null,
      personId,
      kind: 'sum_kept',
      body: bodyOf(sum, answered, units),
      at: new Date(liveStream.now()).toISOString(),
    });
    void outbox.keep({ id: entry.id, jobId: from.jobId, refused: null, type: 'event', entry });
    setKept(answered.inputs);
  };
  const isKept = answered !== null && kept === answered.inputs;
  return (
    <>
      <Button
        variant="contained"
        disabled={answered === null || isKept}
        onClick={() => (person ? keep(person) : askPerson(keep))}
      >
        {isKept ? 'Kept with the seat' : `Keep with ${from.seatName}`}
      </Button>
      <Button component={Link} variant="text" href={`/jobs/${from.jobId}/${from.seatId}/record`}>
        Its record
      </Button>
      <PersonPicker people={people} isOpen={isAskingPerson} onClose={stopAsking} />
    </>
  );
}
