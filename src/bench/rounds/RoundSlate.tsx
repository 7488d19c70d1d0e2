import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { PointView, RoundView } from '@/core/look/round';
import type { PointFinding } from '@/core/record/vocabulary';
import type { Round } from '@/core/look/roundSchema';
import type { Person } from '@/core/record/person';
import { freeKey } from '@/core/record/vocabulary';
import { liveStream } from '@/bench/record/liveStream';
import { newId } from '@/bench/record/newId';
import { keepShopEdit } from '@/bench/record/useShop';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { EntryField, readText } from '@/ui/fields/EntryField';
import { Ruled } from '@/ui/parts/layout';
import { Lead, Note, Quiet } from '@/ui/parts/text';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { TapLink } from '@/ui/parts/TapLink';
import { clock } from '@/ui/words/clock';
import { ASKS_WORDS, POINT_WORDS } from '@/ui/words/rounds';

type Props = { view: RoundView; person: Person | null };
type Findings = Record<string, PointFinding>;

/** One round: each weak point with what was found on it before, answered by a tap; done, the rest counts as good. */
export function RoundSlate({ view: { round, lastMs, points }, person }: Props) {
  const [findings, setFindings] = useState<Findings>({});
  const done = () => {
    if (!person) return;
    const all = Object.fromEntries(points.map(({ key }) => [key, findings[key] ?? ('good' as const)]));
    keepShopEdit({
      what: 'round_gone',
      gone: {
        id: newId(),
        roundId: round.id,
        personId: person.id,
        findings: all,
        at: new Date(liveStream.now()).toISOString(),
      },
    });
    setFindings({});
  };
  const keep = (changed: Round['points']) =>
    keepShopEdit({ what: 'round', round: { ...round, points: changed } });
  return (
    <Box data-testid="round" sx={{ maxWidth: 900 }}>
      <Quiet sx={{ my: 1 }} suppressHydrationWarning data-testid="round-last">
        {lastMs === null ? 'Not gone yet.' : `Last gone ${clock(new Date(lastMs).toISOString())}.`}
      </Quiet>
      {points.map((point) => (
        <PointRow
          key={point.key}
          point={point}
          value={findings[point.key] ?? null}
          onPick={(finding) => setFindings({ ...findings, [point.key]: finding })}
          onTakeOff={() => keep(round.points.filter(({ key }) => key !== point.key))}
          isLast={points.length === 1}
        />
      ))}
      <EntryField
        label="Another weak point"
        name="new-point"
        shown=""
        read={readText}
        width="min(420px, 100%)"
        onTake={(name) => {
          if (name === '') return;
          const key = freeKey(name, new Set(round.points.map((each) => each.key)));
          keep([...round.points, { key, name: name.slice(0, 120) }]);
        }}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 2, mt: 2 }}>
        <Button variant="contained" onClick={done} disabled={!person} sx={{ minHeight: 60, px: 4 }}>
          Round done: the rest is good
        </Button>
        {!person && <Note>Say first who is at the bench.</Note>}
        <Button variant="text" onClick={() => keepShopEdit({ what: 'round_off', round })} sx={{ ml: 'auto' }}>
          Take this model off
        </Button>
      </Box>
    </Box>
  );
}

type PointProps = {
  point: PointView;
  value: PointFinding | null;
  onPick: (finding: PointFinding) => void;
  onTakeOff: () => void;
  isLast: boolean;
};

function PointRow({ point: { key, name, before, asks }, value, onPick, onTakeOff, isLast }: PointProps) {
  return (
    <Ruled
      data-point={key}
      data-asks={asks}
      sx={{ display: 'flex', alignItems: 'center', gap: 2, py: 0.75, flexWrap: { xs: 'wrap', md: 'nowrap' } }}
    >
      <Box sx={{ flex: 1, minWidth: { xs: '100%', md: 240 } }}>
        <Lead sx={{ fontWeight: 750, fontStretch: STRETCH.headline }}>{name}</Lead>
        <Note>
          {before.length === 0 ? 'not looked at yet' : before.map((each) => POINT_WORDS[each]).join(' · ')}
          {asks !== 'nothing' && <b> {ASKS_WORDS[asks]}</b>}
          {asks === 'job' && (
            <>
              {' '}
              <TapLink href="/">Start one on the Bench</TapLink>
            </>
          )}
        </Note>
      </Box>
      <ChoiceRow
        label={name}
        isLabelHidden
        options={optionsFrom(POINT_WORDS)}
        value={value}
        onPick={onPick}
      />
      {!isLast && (
        <Button
          variant="text"
          onClick={onTakeOff}
          aria-label={`Take off: ${name}`}
          sx={{ fontSize: TYPE.small }}
        >
          Take off
        </Button>
      )}
    </Ruled>
  );
}
