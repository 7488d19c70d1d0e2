'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { viewRounds, type RoundView } from '@/core/look/round';
import type { Round, RoundGone } from '@/core/look/roundSchema';
import { withKeys } from '@/core/record/vocabulary';
import { PlaceFrame, type PlaceProps } from '@/bench/frame/PlaceFrame';
import { usePerson } from '@/bench/record/hooks';
import { newId } from '@/bench/record/newId';
import { keepShopEdit, useShop } from '@/bench/record/useShop';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { EntryField, readText } from '@/ui/fields/EntryField';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { FIRST_POINTS } from '@/ui/words/rounds';
import { Lead } from '@/ui/parts/text';
import { RoundSlate } from './RoundSlate';

type Props = PlaceProps & { rounds: readonly Round[]; roundsGone: readonly RoundGone[] };

/** A round over a model that is new here, with points that the shop makes its own. */
const firstRound = (model: string): Round => ({
  id: newId(),
  model: model.slice(0, 80),
  points: withKeys(FIRST_POINTS.map((name) => ({ name }))),
});

/** The most that any round asks for, in one line. */
function headline(views: readonly RoundView[]): string {
  const wanted = views.flatMap(({ round, points }) =>
    points.flatMap(({ asks, name }) => (asks === 'job' ? [`${round.model}, ${name.toLowerCase()}`] : [])),
  );
  if (wanted.length > 0)
    return `Start a job: ${wanted[0]}${wanted.length > 1 ? ` and ${wanted.length - 1} more` : ''}.`;
  return views.length === 0
    ? 'Say which model is looked over after each outing.'
    : 'Nothing asks for a job: go round after the next outing.';
}

/** The known weak points of each model, looked over after each outing, so that play is found while it is small. */
export function RoundsPage({ rounds: roundsSaid, roundsGone: goneSaid, ...place }: Props) {
  const { rounds, roundsGone } = useShop({ rounds: roundsSaid, roundsGone: goneSaid }, place.nowMs);
  const person = usePerson(place.people);
  const views = viewRounds(rounds, roundsGone);
  // What is looked at stays, though a round that was gone takes another place.
  const [picked, setPicked] = useState(views[0]?.round.id ?? null);
  const shown = views.find(({ round }) => round.id === picked) ?? views[0];
  return (
    <PlaceFrame here="Bench" title="Look-over" subtitle={`${rounds.length} models`} {...place}>
      <Box
        component="h1"
        sx={{ mt: 2, mb: 1, fontSize: TYPE.headline, fontWeight: 800, fontStretch: STRETCH.headline }}
        data-testid="rounds-headline"
      >
        {headline(views)}
      </Box>
      <ChoiceRow
        label="Model"
        isLabelHidden
        options={views.map(({ round }) => ({ value: round.id, words: round.model }))}
        value={shown?.round.id ?? null}
        onPick={setPicked}
      />
      {shown ? (
        <RoundSlate key={shown.round.id} view={shown} person={person ?? null} />
      ) : (
        <Lead sx={{ my: 2 }}>No model is looked over yet.</Lead>
      )}
      <Box sx={{ mt: 4, maxWidth: 420 }}>
        <Typography variant="h3">Another model</Typography>
        <EntryField
          label="Its name, as its jobs are called"
          name="new-model"
          shown=""
          read={readText}
          onTake={(model) => {
            if (model === '') return;
            const round = firstRound(model);
            keepShopEdit({ what: 'round', round });
            setPicked(round.id);
          }}
        />
      </Box>
    </PlaceFrame>
  );
}
