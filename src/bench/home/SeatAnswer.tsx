'use client';
import Box from '@mui/material/Box';
import { FREEZER_C } from '@/core/heat/soak';
import { clearanceFromFreezer, type QuickSeat } from '@/core/ask/quickSeat';
import { asText, showFit, showForce, showTemperature, type Units } from '@/core/quantity/format';
import { bearingMarks } from '@/ui/drawing/bearing';
import type { Scene } from '@/ui/drawing/scene';
import { dimension, polygon, rule, text, upright } from '@/ui/drawing/marks';
import { say } from '@/ui/sumPictures/sumInput';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { FIT_FIGURE_WORDS } from '@/ui/words/fits';
import { Note, Quiet } from '@/ui/parts/text';

export const PICTURE = { width: 460, height: 300 };

/** The bearing over its seat: what it is, how hot, how cold. */
export function seatScene(
  { part, heatToC, isTooHot }: Pick<QuickSeat, 'part' | 'heatToC' | 'isTooHot'>,
  units: Units,
): Scene {
  const { width, height } = PICTURE;
  const axis = 40;
  const scale = Math.min((width - 232) / (part.outsideMm / 2), (height - 150) / part.widthMm);
  const x = (r: number) => axis + r * scale;
  const [top, bottom] = [92, 92 + part.widthMm * scale];
  const edge = x(part.outsideMm / 2);
  return {
    width,
    height,
    description: `${part.designation}, cold, over its hot bore.`,
    marks: [
      polygon(
        'casting',
        [
          [edge + 6, top - 8],
          [edge + 66, top - 8],
          [edge + 66, bottom + 52],
          [edge - 20, bottom + 52],
          [edge - 20, bottom + 28],
          [edge + 6, bottom + 28],
        ],
        { hatch: 'rising', tone: isTooHot ? 'plain' : 'heat' },
      ),
      ...bearingMarks({
        part,
        x,
        pxPerMm: scale,
        topPx: top,
        bottomPx: bottom,
        tone: 'cold',
        line: 'outline',
      }),
      rule(
        'axis',
        [
          [axis, 14],
          [axis, height - 6],
        ],
        'centre',
      ),
      rule(
        'drop',
        [
          [(axis + edge) / 2, bottom + 4],
          [(axis + edge) / 2, bottom + 34],
        ],
        'outline',
        'end',
      ),
      ...dimension('outside', [axis, edge], 40, top, `⌀ ${say(part.outsideMm, 'size_mm', units)}`),
      ...dimension('bore', [axis, x(part.boreMm / 2)], 72, top, `⌀ ${say(part.boreMm, 'size_mm', units)}`),
      ...upright('width', edge + 84, [top, bottom], edge, say(part.widthMm, 'size_mm', units)),
      ...(isTooHot
        ? []
        : [
            text('hot', edge + 34, bottom + 48, say(heatToC.fromFreezer, 'celsius', units), {
              isBold: true,
              size: 20,
              tone: 'heat',
              hasGround: true,
            }),
          ]),
    ],
  };
}

export const Figure = ({
  label,
  figure,
  unit,
  note,
  tone,
}: {
  label: string;
  figure: string;
  unit: string;
  note?: string;
  tone?: 'heat' | 'cold';
}) => (
  <Box sx={{ minWidth: 0 }}>
    <Note>{label}</Note>
    <Box
      sx={{
        fontSize: { xs: TYPE.figure, md: TYPE.headline },
        fontWeight: 830,
        fontStretch: STRETCH.headline,
        lineHeight: 1,
        color: tone ? token(tone) : token('ink'),
        whiteSpace: 'nowrap',
      }}
    >
      {figure}
      <Box component="span" sx={{ fontSize: '0.48em', ml: 0.75 }}>
        {unit}
      </Box>
    </Box>
    {note && <Quiet sx={{ fontSize: TYPE.fine, lineHeight: 1.2 }}>{note}</Quiet>}
  </Box>
);

const RACE_WORDS = { outer: 'outer race', shell_rim: 'rim of the shell', either: 'either race' } as const;

type SeatAnswerProps = {
  seat: QuickSeat;
  note: string | null;
  /** A casting temperature that was asked about, °C. */
  housingC: number | null;
  units: Units;
};

/** Does it drop at the heat that was asked about, and what in it would that harm? */
function AtThisHeat({ seat, housingC, units }: { seat: QuickSeat; housingC: number; units: Units }) {
  const { leastMm, mostMm } = clearanceFromFreezer(seat, housingC);
  const heat = asText(showTemperature(housingC, units));
  return (
    <Box component="b" sx={{ display: 'block', color: token('ink') }}>
      {leastMm > 0
        ? `At ${heat} it drops: ${asText(showFit(leastMm, units))} … ${asText(showFit(mostMm, units))} free, bearing cold.`
        : mostMm > 0
          ? `At ${heat} it may drop or grab: the tightest still lacks ${asText(showFit(-leastMm, units))}.`
          : `At ${heat} it does not drop: ${asText(showFit(-mostMm, units))} … ${asText(showFit(-leastMm, units))} tight.`}
      {housingC > seat.ceilingC && ` Hotter than the bearing takes.`}
    </Box>
  );
}

export function SeatAnswer({ seat, note, housingC, units }: SeatAnswerProps) {
  const { fitMm, heatToC, isTooHot, freezerMinutes, forceN, freeAboveC, usualClass, ceilingC } = seat;
  const least = fitMm.value - 3 * fitMm.u;
  const most = fitMm.value + 3 * fitMm.u;
  const heat = showTemperature(heatToC.fromFreezer, units);
  const isAlreadyFree = heatToC.fromFreezer <= 20;
  return (
    <>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, auto)' },
          columnGap: 3,
          rowGap: 1.5,
          justifyContent: 'space-between',
        }}
      >
        <Figure
          label="Heat the casting to"
          {...(isAlreadyFree ? { figure: 'no heat', unit: '' } : { ...heat, tone: 'heat' as const })}
          note={`bearing cold; ${asText(showTemperature(heatToC.warm, units))} if it is not`}
        />
        <Figure
          label="In the freezer"
          figure={String(Math.round(freezerMinutes))}
          unit="min"
          tone="cold"
          note={`within a degree of ${asText(showTemperature(FREEZER_C, units))}`}
        />
        <Figure
          label="Push the"
          figure={RACE_WORDS[seat.pushRace]}
          unit=""
          note={
            forceN
              ? `driven cold: ${asText(showForce(forceN.low, units))} … ${asText(showForce(forceN.high, units))}`
              : undefined
          }
        />
        <Figure
          label={`Usual fit, ${usualClass}`}
          {...showFit(Math.abs(fitMm.value), units)}
          note={`${fitMm.value >= 0 ? 'tight' : 'clear'} ${FIT_FIGURE_WORDS.drop}; from ${asText(showFit(least, units))} to ${asText(showFit(most, units))}`}
        />
      </Box>
      <Note sx={{ mt: 1.5 }}>
        {note && (
          <>
            <b>{note}.</b>{' '}
          </>
        )}
        Not measured: usual fit, heat for the tightest of it.{' '}
        {freeAboveC !== null && freeAboveC > 20
          ? `Both together stay free above ${asText(showTemperature(freeAboveC, units))}. `
          : ''}
        The bearing itself takes {asText(showTemperature(ceilingC, units))}.
        {housingC !== null && <AtThisHeat seat={seat} housingC={housingC} units={units} />}
        {isTooHot && (
          <Box component="b" sx={{ display: 'block', color: token('ink') }}>
            Too hot for this metal: press or draw it in.
          </Box>
        )}
      </Note>
      <Box role="note" sx={{ mt: 0.5, fontSize: TYPE.small }}>
        Hot metal: gloves; seals out first; no fuel or solvent near it. The machine’s manual comes first.
      </Box>
    </>
  );
}
