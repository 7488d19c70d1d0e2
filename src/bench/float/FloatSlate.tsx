'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { FloatView } from '@/core/job/floatView';
import type { Units } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { EntryField, readText } from '@/ui/fields/EntryField';
import { Column } from '@/ui/parts/layout';
import { Lead, Note, Text } from '@/ui/parts/text';
import { TYPE } from '@/ui/theme/tokens';
import { CONTACT_WORDS, sayFloat } from '@/ui/words/floats';

const FloatLimits = later(() => import('./FloatLimits'), 'FloatLimits');
const PressureClock = later(() => import('./PressureClock'), 'PressureClock');
const ShimPicks = later(() => import('./ShimPicks'), 'ShimPicks');

type Props = {
  view: FloatView;
  all: readonly FloatView[];
  onPick: (key: string) => void;
  units: Units;
};

/** What it comes to, what would tell where it can't be told, shims from the shelf, and the word that it is right. */
export function FloatSlate({ view, all, onPick, units }: Props) {
  const { headline, reason } = sayFloat(view, units);
  return (
    <Column data-testid="float-slate" sx={{ gap: 1 }}>
      {all.length > 1 && (
        <ChoiceRow
          label="What is measured"
          isLabelHidden
          options={all.map(({ float, isDone }) => ({
            value: float.key,
            words: isDone ? `${float.name} ✓` : float.name,
          }))}
          value={view.float.key}
          onPick={onPick}
        />
      )}
      <Typography variant="h2">{view.float.name}</Typography>
      <Lead
        role="status"
        data-testid="float-verdict"
        data-decision={view.decision ?? 'not_read'}
        sx={{ fontSize: TYPE.head, fontWeight: 800, lineHeight: 1.1 }}
      >
        {headline}
      </Lead>
      <Text>{reason}</Text>
      <Doubt view={view} />
      {view.float.sort === 'case_pressure' && <PressureClock view={view} />}
      {view.float.sort === 'room' && view.decision !== null && <ShimPicks view={view} units={units} />}
      {view.float.sort === 'backlash' && <Contact view={view} />}
      <Accept view={view} />
      <FloatLimits view={view} units={units} />
    </Column>
  );
}

/** The link that spreads it most is what to measure next; what can't be told is read again, or with something finer. */
function Doubt({ view: { result, wouldReadingTell } }: Pick<Props, 'view'>) {
  const doubt = result.sort === 'room' ? result.room.largestDoubt : null;
  const link = result.sort === 'room' && doubt ? result.links.find(({ key }) => key === doubt.key) : null;
  return (
    <>
      {link && doubt && doubt.shareOfVariance > 0.3 && (
        <Note data-testid="float-doubt">
          Most of its doubt, {Math.round(100 * doubt.shareOfVariance)} %, is the {link.name}:{' '}
          {link.isRead ? 'read it again, or with something finer.' : 'it is not read yet.'}
        </Note>
      )}
      {wouldReadingTell && !link && (
        <Note data-testid="float-doubt">
          Too near to its limit for this gauge: read it again, or with a finer one.
        </Note>
      )}
    </>
  );
}

function Contact({ view: { float, done } }: Pick<Props, 'view'>) {
  const { addEvent } = useJob();
  return (
    <Box>
      <ChoiceRow
        label="Paint wears off"
        options={(Object.keys(CONTACT_WORDS) as (keyof typeof CONTACT_WORDS)[]).map((value) => ({
          value,
          words: CONTACT_WORDS[value].name,
        }))}
        value={done.contact}
        onPick={(where) => addEvent('contact_noted', { floatKey: float.key, where }, {})}
      />
      {done.contact && <Note>{CONTACT_WORDS[done.contact].then}</Note>}
    </Box>
  );
}

/** Right by its figures; by hand where nothing was read; against its figures only with a reason. */
function Accept({ view: { float, decision, done } }: Pick<Props, 'view'>) {
  const { addEvent } = useJob();
  const { sort } = float;
  const accept = (by: 'figures' | 'hand', because?: string) =>
    addEvent('float_accepted', { floatKey: float.key, by, ...(because && { because }) }, {});
  if (done.accepted)
    return (
      <Lead data-testid="float-accepted">
        Kept: right {done.accepted.by === 'figures' ? 'by its figures' : 'by hand'}
        {done.accepted.because && `: ${done.accepted.because}`}.
      </Lead>
    );
  if (decision === 'pass')
    return (
      <Button variant="contained" onClick={() => accept('figures')}>
        Its figures are right: keep
      </Button>
    );
  return (
    <Column sx={{ gap: 1, alignItems: 'flex-start' }}>
      {decision === 'fail' && sort === 'o_ring' && (
        <Button variant="contained" onClick={() => accept('hand')}>
          A new one goes in
        </Button>
      )}
      {decision === null && (
        <Button variant="outlined" onClick={() => accept('hand')}>
          Not read: right by hand
        </Button>
      )}
      {decision !== null && (
        <EntryField
          label="Keep it all the same, because"
          name="float-because"
          shown=""
          read={readText}
          onTake={(because) => because && accept('hand', because)}
        />
      )}
    </Column>
  );
}
