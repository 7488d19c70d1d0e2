'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { slotSizesIn } from '@/core/job/slotSizes';
import { checkReading } from '@/core/job/checkReading';
import { checkFloatReading } from '@/core/job/checkFloatReading';
import { parseMetalTemperature } from '@/core/job/metalTemperature';
import type { Reading } from '@/core/record/entries';
import type { AnySeatId } from '@/core/record/ids';
import type { JobRecord } from '@/core/record/job';
import { familyOf, readSlot } from '@/core/record/slots';
import type { Units } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { ifOpen, later } from '@/bench/record/later';
import { isEdit, isEntry, type KeptInJob, type KeptEdit, type KeptEntry } from '@/bench/record/kept';
import { Alert } from '@/ui/parts/Alert';
import { sayIssue } from '@/ui/words/issues';
import { sayEdit, sayRefusal, sayRefusedEntry } from '@/ui/words/refusal';

const KeyPad = later(() => import('@/ui/fields/KeyPad'), 'KeyPad', ifOpen);

type Correction = { changes: Partial<Reading> } | { problem: string };

/** What was typed in place of the value that was refused. */
function readCorrection(
  entry: Reading,
  record: Pick<JobRecord, 'castings' | 'shafts' | 'plan'>,
  typed: string,
  isMetal: boolean,
  units: Units,
): Correction {
  if (isMetal) {
    const metal = parseMetalTemperature(typed, units);
    return metal.ok ? { changes: { metalC: metal.value } } : { problem: sayIssue(metal.issues[0]!, units) };
  }
  const slot = readSlot(entry.slot);
  const sizes = entry.seatId && slotSizesIn(record, entry.seatId);
  const float = record.plan.floats.find(({ key }) => key === slot.float);
  const checked = sizes
    ? checkReading({ slot, typed, sizes, units })
    : float && checkFloatReading({ float, slot, typed, units });
  if (!checked) return { problem: 'What it was read of is not in this job any more: leave it out.' };
  return checked.ok
    ? { changes: { typed, value: checked.value } }
    : { problem: sayIssue(checked.issues[0]!, units) };
}

/** What was not taken: what each is, why, and the way to put it right. Nothing goes away unless a person leaves it out. */
export function RefusedEntries() {
  const { refused } = useJob();
  return refused.map((kept) =>
    isEntry(kept) ? (
      <RefusedLine key={kept.id} kept={kept} />
    ) : isEdit(kept) ? (
      <RefusedEdit key={kept.id} kept={kept} />
    ) : (
      <Refused key={kept.id} kept={kept} what={`Photograph ${kept.name}`} />
    ),
  );
}

/** One line with what it was, why it was not taken, and the way to let it go; `children` are other ways on. */
function Refused({ kept, what, children }: { kept: KeptInJob; what: string; children?: ReactNode }) {
  const { person, leaveOut } = useJob();
  return (
    <Alert testId="refused">
      <Box sx={{ flex: 1, py: 1 }}>
        <b>Not taken.</b> {what}. {sayRefusal(kept.refused ?? [], person?.units ?? 'metric')}
      </Box>
      {children}
      <Button variant="text" onClick={() => leaveOut(kept.id)}>
        Leave it out
      </Button>
    </Alert>
  );
}

/** A change of the map or the plan that somebody else was quicker with: what differs, and whose holds. */
function RefusedEdit({ kept }: { kept: KeptEdit }) {
  const { record, insist } = useJob();
  const { edit, standing } = kept;
  const seatId = edit.what === 'seat' ? edit.seatId : edit.what === 'new_seat' ? edit.seat.id : null;
  const seat = record.castings.flatMap(({ seats }) => seats).find(({ id }) => id === seatId);
  return (
    <Refused kept={kept} what={sayEdit(edit, seat?.name ?? '', standing)}>
      {standing && (
        <Button variant="outlined" onClick={() => insist(kept.id)}>
          Mine over theirs
        </Button>
      )}
    </Refused>
  );
}

function RefusedLine({ kept }: { kept: KeptEntry }) {
  const { record, person, correct } = useJob();
  const [isCorrecting, setCorrecting] = useState(false);
  const units = person?.units ?? 'metric';
  const seat = [...record.castings, ...record.shafts]
    .flatMap((each): { id: AnySeatId; name: string }[] => each.seats)
    .find(({ id }) => id === kept.entry.seatId);
  const isMetal = (kept.refused ?? []).some(({ field }) => field === 'metalC');
  return (
    <Refused kept={kept} what={sayRefusedEntry(kept, seat?.name ?? '', units)}>
      {kept.type === 'reading' && (
        <Button variant="outlined" onClick={() => setCorrecting(true)}>
          Correct it
        </Button>
      )}
      {kept.type === 'reading' && (
        <KeyPad
          isOpen={isCorrecting}
          title={isMetal ? 'Temperature of the metal' : 'The reading, once more'}
          quantity={isMetal ? 'temperature' : familyOf(readSlot(kept.entry.slot)).quantity}
          onClose={() => setCorrecting(false)}
          onEnter={(typed) => {
            const correction = readCorrection(kept.entry, record, typed, isMetal, units);
            if ('problem' in correction) return correction.problem;
            correct(kept, correction.changes);
            return null;
          }}
        />
      )}
    </Refused>
  );
}
