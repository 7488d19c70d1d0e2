'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { guardOf } from '@/core/record/seatFacts';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { token, TYPE } from '@/ui/theme/tokens';
import { Framed } from '@/ui/parts/layout';

const AsFound = later(() => import('./AsFound'), 'AsFound');
const RemovalList = later(() => import('./RemovalList'), 'RemovalList');

/** Stripping one seat: get at it, write down how it stands, then the ways out that its geometry allows. */
export function StripSlate({ seatId }: { seatId: SeatId }) {
  const { job, addEvent } = useJob();
  const view = useSeatView(seatId);
  if (!view) return null;
  const { plan, work } = job;
  const access = plan.access.filter(({ key }) => !work.accessDone.includes(key));
  const leftHand = view.history.takenOut ? [] : plan.fasteners.filter(({ isLeftHand }) => isLeftHand);
  const hidden = plan.hidden.filter(({ under }) => under === seatId);
  return (
    <Box data-testid="strip-slate">
      {access.length > 0 && (
        <Box sx={{ mb: 1.5 }}>
          <Typography variant="h3">Get at it</Typography>
          {access.map(({ key, name }) => (
            <Button
              key={key}
              variant="text"
              onClick={() => addEvent('access_done', { key })}
              sx={{
                display: 'flex',
                width: '100%',
                justifyContent: 'flex-start',
                minHeight: 48,
                px: 0,
                fontSize: TYPE.text,
                borderTop: `1px solid ${token('rule')}`,
              }}
            >
              {name}: done
            </Button>
          ))}
        </Box>
      )}
      {leftHand.length > 0 && (
        <Box
          role="note"
          data-testid="left-hand"
          sx={{ borderLeft: `6px double ${token('ink')}`, pl: 1, mb: 1.5, fontSize: TYPE.text }}
        >
          <b>Left-hand thread:</b>{' '}
          {leftHand.map(({ name, size }) => `${name.toLowerCase()}, ${size}`).join('; ')}. Clockwise loosens.
          Break it loose by hand first.
        </Box>
      )}
      <Typography variant="h2">{view.seat.name}</Typography>
      <AsFound
        seatId={seatId}
        found={view.history.asFound}
        isSeal={view.seat.spec.kind === 'seal_in_bore'}
        hasSeal={guardOf(view.seat.spec) !== null}
      />
      {hidden.map(({ key, name }) => (
        <Framed key={key} role="alert" data-hidden={key} sx={{ fontSize: TYPE.text }}>
          <b>Hidden: {name.charAt(0).toLowerCase() + name.slice(1)}.</b>{' '}
          {key in work.hidden
            ? work.hidden[key]
              ? 'Found, and noted.'
              : 'Looked for: not there.'
            : 'It is forgotten easily.'}
          {!(key in work.hidden) && (
            <ChoiceRow
              label="Hidden part"
              isLabelHidden
              options={[
                { value: 'yes', words: 'Found it' },
                { value: 'no', words: 'It is not there' },
              ]}
              value={null}
              onPick={(answer) => addEvent('hidden_found', { key, isThere: answer === 'yes' })}
            />
          )}
        </Framed>
      ))}
      <RemovalList view={view} hasUnfound={hidden.some(({ key }) => !(key in work.hidden))} />
    </Box>
  );
}
