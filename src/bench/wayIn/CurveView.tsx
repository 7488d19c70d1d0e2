'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { DropCourse } from '@/core/heat/dropCourse';
import { isDrop } from '@/core/heat/waySorts';
import type { WayIn } from '@/core/heat/wayIn';
import type { LaneInput } from '@/core/job/planLanes';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { Note, Quiet, Text } from '@/ui/parts/text';
import { DropCurve, type Ghost, type Models } from './DropCurve';
import { useCourse } from './useLanes';

const MODEL_WORDS = [
  { value: 'lumped', words: 'as one lump' },
  { value: 'radial', words: 'along the radius' },
  { value: 'both', words: 'both' },
] as const;
const MOST_GHOSTS = 4;

type Props = {
  input: LaneInput;
  way: WayIn;
  units: Units;
  ghosts: readonly Ghost[];
  setGhosts: (ghosts: readonly Ghost[]) => void;
};

/** What the two models say of the window, and how far they are apart. */
function sayModels({ likelyUntilS, sureUntilS, radial }: DropCourse): string {
  if (!radial) return 'The drawn sizes make no boss: the lump alone counts.';
  const [lump, along] = [likelyUntilS, radial.likelyUntilS];
  if (lump === null || along === null || lump <= 0) return 'Both models agree that it stays open.';
  const apart = Math.round(((along - lump) / lump) * 100);
  return `Likely until ${Math.round(lump)} s as one lump, ${Math.round(along)} s along the radius (${apart > 0 ? '+' : ''}${apart} %)${sureUntilS !== null && sureUntilS <= Math.min(lump, along) ? ': what is sure ends before either' : ''}.`;
}

/** The course of the shown way after the door; lines can be kept to see what another figure changes. */
export function CurveView({ input, way, units, ghosts, setGhosts }: Props) {
  const [models, setModels] = useState<Models>('both');
  const [asked, setAsked] = useState({ lanes: input, way });
  // One object for each question: the course is reckoned anew only when it differs.
  if (asked.lanes !== input || asked.way !== way) setAsked({ lanes: input, way });
  const { course, isOld } = useCourse(asked);
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  const words = `${degrees(way.housingC)}, ${degrees(way.ringC)}, ${Math.round(input.trial.carryS)} s`;
  if (!course) return <Note role="status">Reckoning the course…</Note>;
  return (
    <Box
      data-testid="drop-curve"
      aria-busy={isOld}
      sx={{ display: 'flex', flexDirection: 'column', flex: 1, minHeight: { xs: 460, lg: 380 } }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', columnGap: 2, flexWrap: 'wrap' }}>
        <ChoiceRow label="Model" isLabelHidden options={MODEL_WORDS} value={models} onPick={setModels} />
        <Button
          variant="outlined"
          disabled={ghosts.length >= MOST_GHOSTS || ghosts.some((ghost) => ghost.words === words)}
          onClick={() => setGhosts([...ghosts, { key: words, words, course }])}
        >
          Keep this line
        </Button>
      </Box>
      <Box sx={{ flex: 1, minHeight: 280, position: 'relative', overflow: 'hidden' }}>
        <DropCurve
          course={course}
          ghosts={ghosts}
          models={models}
          carryS={input.trial.carryS}
          wantedMm={input.trial.wantedMm}
          units={units}
          isDrop={isDrop(way.way)}
        />
      </Box>
      <Text data-testid="model-words">{sayModels(course)}</Text>
      {ghosts.length > 0 && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2 }}>
          <Quiet>Kept, grey:</Quiet>
          {ghosts.map((ghost) => (
            <Button
              key={ghost.key}
              variant="text"
              sx={{ minHeight: 48, px: 0 }}
              onClick={() => setGhosts(ghosts.filter(({ key }) => key !== ghost.key))}
            >
              {ghost.words} ✕
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}
