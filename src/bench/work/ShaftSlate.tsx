'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { JournalView } from '@/core/job/journalView';
import { waysOff, waysOnto } from '@/core/job/shaftWays';
import { counting } from '@/core/job/counting';
import { asText, showForce, showSize, showTemperature, type Units } from '@/core/quantity/format';
import type { EventBody } from '@/core/record/entries';
import { bandOf } from '@/core/quantity/measured';
import type { WayOff } from '@/core/shaft/waysOff';
import type { WayOnto } from '@/core/shaft/waysOnto';
import { useJob } from '@/bench/record/JobProvider';
import { SceneView } from '@/ui/drawing/SceneView';
import { AllTheSame, type Because } from '@/ui/fields/AllTheSame';
import { EntryField, readText } from '@/ui/fields/EntryField';
import { Ruled } from '@/ui/parts/layout';
import { Link } from '@/ui/parts/Link';
import { Lead, Note, Text } from '@/ui/parts/text';
import { STRETCH } from '@/ui/theme/tokens';
import { FIT_FIGURE_WORDS, sayTight } from '@/ui/words/fits';
import {
  SHAFT_OBJECTION_WORDS,
  SHAFT_OFF_WORDS,
  SHAFT_ON_WORDS,
  SHAFT_VERDICT_WORDS,
} from '@/ui/words/shafts';
import { buildShaftSection } from './buildShaftSection';

/** One seat on a shaft: drawn, its fit judged, and its bearing off and on, each way with what it takes and what speaks against it. */
export function ShaftSlate({ view }: { view: JournalView }) {
  const { person, job } = useJob();
  const units = person?.units ?? 'metric';
  const { history, part, spec } = view;
  const isOff = history.offShaft !== null;
  const isOn = history.ontoShaft !== null;
  const scene = useMemo(
    () =>
      buildShaftSection({
        width: 350,
        height: 220,
        part,
        nominalMm: spec.journal.nominalMm,
        isOn: isOn || !isOff,
        force: isOn ? null : isOff ? 'on' : 'off',
        say: (mm) => showSize(mm, units, 2).figure,
      }),
    [part, spec.journal.nominalMm, isOn, isOff, units],
  );
  return (
    <Box data-testid="shaft-slate" sx={{ mt: 1 }}>
      <Typography variant="h2">{titleOf(view)}</Typography>
      <SceneView scene={scene} />
      <FitLine view={view} units={units} />
      <Done view={view} />
      {!isOff && !isOn && (
        <Ways title="Off its shaft" does="off" ways={waysOff(view, job.tools)} view={view} units={units} />
      )}
      {!isOn && (
        <Ways title="Onto its shaft" does="onto" ways={waysOnto(view, job)} view={view} units={units} />
      )}
    </Box>
  );
}

export const titleOf = ({ shaft, seat, part }: JournalView) =>
  `${shaft.name}: ${seat.name === shaft.name ? part.designation : `${seat.name}, ${part.designation}`}`;

function FitLine({ view: { fit, spec, readings }, units }: { view: JournalView; units: Units }) {
  if (!fit) return <Text>Its fit is not known: read the shaft and the bore, or say its class.</Text>;
  const { low, high } = bandOf(fit.forHoldMm);
  const words = SHAFT_VERDICT_WORDS[fit.verdict];
  const isRead = counting(readings, 'journal').length > 0;
  return (
    <Box>
      <Typography variant="h3" data-testid="shaft-verdict">
        {words.word}.
      </Typography>
      <Note>
        {sayTight(low, units)} to {sayTight(high, units)}, {FIT_FIGURE_WORDS.hold}
        {isRead ? '' : spec.usualClass ? `, from its usual class ${spec.usualClass}` : ''}. {words.meaning}
        {fit.forceN.high > 0 &&
          ` About ${asText(showForce(fit.forceN.high, units))} to push it, at the most.`}
      </Note>
    </Box>
  );
}

const Done = ({ view: { history } }: { view: JournalView }) => (
  <>
    {history.offShaft && (
      <Text data-testid="off-shaft">
        <b>Off:</b> {history.offShaft.how || SHAFT_OFF_WORDS[history.offShaft.way].name.toLowerCase()}.
        {history.offShaft.isSpoilt && ' It is not used again.'}
      </Text>
    )}
    {history.ontoShaft && (
      <Text data-testid="onto-shaft">
        <b>On:</b> {history.ontoShaft.how || SHAFT_ON_WORDS[history.ontoShaft.way].name.toLowerCase()}.
      </Text>
    )}
  </>
);

type WaysProps = { title: string; view: JournalView; units: Units } & (
  { does: 'off'; ways: WayOff[] } | { does: 'onto'; ways: WayOnto[] }
);
/** Puts a way on record, with what more is said of it. */
type PutDown = (more: { how?: string; because?: Because }) => void;

function Ways({ title, does, ways, view, units }: WaysProps) {
  const { addEvent, record } = useJob();
  const seatId = view.seat.id;
  const recordOf = (way: WayOff | WayOnto): PutDown =>
    does === 'off'
      ? (more) => addEvent('off_shaft', { ...(bodyOf(way) as EventBody<'off_shaft'>), ...more }, { seatId })
      : (more) =>
          addEvent('onto_shaft', { way: way.way as EventBody<'onto_shaft'>['way'], ...more }, { seatId });
  const words = (way: WayOff | WayOnto) =>
    does === 'off' ? SHAFT_OFF_WORDS[way.way as WayOff['way']] : SHAFT_ON_WORDS[way.way as WayOnto['way']];
  const allowed = ways.filter(({ against, way }) => against.length === 0 && way !== 'another');
  const another = ways.find(({ way }) => way === 'another');
  return (
    <Box data-testid={`ways-${does}`} sx={{ mt: 1 }}>
      <Typography variant="h3">{title}</Typography>
      {allowed.map((way, i) => (
        <AllowedWay
          key={way.way}
          way={way}
          words={words(way)}
          isKindest={i === 0}
          does={does}
          runPath={`/jobs/${record.id}/${seatId}/slide-${does === 'off' ? 'off' : 'on'}`}
          units={units}
          onDone={() => recordOf(way)({})}
        />
      ))}
      {another && (
        <Ruled sx={{ py: 0.75 }}>
          <EntryField
            label={does === 'off' ? 'Another way: how it came off' : 'Another way: how it went on'}
            name={`another-${does}`}
            shown=""
            read={readText}
            onTake={(how) => how && recordOf(another)({ how })}
          />
        </Ruled>
      )}
      {ways
        .filter(({ against }) => against.length > 0)
        .map((way) => (
          <AllTheSame
            key={way.way}
            way={way.way}
            name={words(way).name}
            against={way.against.map((each) => SHAFT_OBJECTION_WORDS[each])}
            onTake={(because) => recordOf(way)({ because })}
          />
        ))}
    </Box>
  );
}

const bodyOf = (way: WayOff | WayOnto) => ({ way: way.way, isSpoilt: 'isSpoilt' in way && way.isSpoilt });

type AllowedProps = {
  way: WayOff | WayOnto;
  words: { name: string; how: string };
  isKindest: boolean;
  does: 'off' | 'onto';
  /** Where it is warmed with its clock. */
  runPath: string;
  units: Units;
  onDone: () => void;
};

/** What a way by heat or cold asks for first. */
const FIRST_ACT: Partial<Record<string, string>> = {
  warm: 'Warm it',
  chill: 'Freeze it',
  warm_and_chill: 'Freeze it',
  warm_off: 'Warm it',
};

function AllowedWay({ way, words, isKindest, does, runPath, units, onDone }: AllowedProps) {
  const first = FIRST_ACT[way.way];
  const figures = [
    way.forceN !== null && way.forceN > 0 && `Up to ${asText(showForce(way.forceN, units))}.`,
    way.heatC !== null && `At ${asText(showTemperature(way.heatC, units))} it slides.`,
    way.tool !== null && `On the wall: ${way.tool}.`,
  ].filter(Boolean);
  return (
    <Ruled data-way={way.way} sx={{ py: 0.75, display: 'flex', gap: 1, alignItems: 'center' }}>
      <Box sx={{ flex: 1 }}>
        <Lead sx={{ fontWeight: 750, fontStretch: STRETCH.headline }}>
          {words.name}
          {isKindest ? ' (kindest)' : ''}
        </Lead>
        <Note>
          {figures.join(' ')} {words.how}
        </Note>
      </Box>
      {first && (
        <Button variant="outlined" component={Link} href={runPath} aria-label={`${first}: ${words.name}`}>
          {first}
        </Button>
      )}
      <Button
        variant="outlined"
        onClick={onDone}
        aria-label={`It is ${does === 'off' ? 'off' : 'on'}: ${words.name}`}
      >
        {does === 'off' ? 'Off' : 'On'}
      </Button>
    </Ruled>
  );
}
