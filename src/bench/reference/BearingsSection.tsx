'use client';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { Link } from '@/ui/parts/Link';
import { useState } from 'react';
import {
  BEARINGS,
  BORE_RANGE,
  findBearingsBySize,
  type SizeDifference,
} from '@/core/catalogue/bearings/catalogue';
import { parseBearing, type Bearing } from '@/core/catalogue/bearings/designation';
import { bareLengthUnit, asText, showFit, showSize, type Units } from '@/core/quantity/format';
import { parseLength } from '@/core/quantity/parseLength';
import { bearingMarks } from '@/ui/drawing/bearing';
import { SceneView } from '@/ui/drawing/SceneView';
import { dimension, rule, upright } from '@/ui/drawing/marks';
import { say } from '@/ui/sumPictures/sumInput';
import { TYPE } from '@/ui/theme/tokens';
import { Listing } from './Listing';
import { Lead, Note } from '@/ui/parts/text';

const COLUMNS = [
  { name: 'Bearing' },
  { name: 'Bore', isNumber: true },
  { name: 'Outside', isNumber: true },
  { name: 'Width', isNumber: true },
  { name: 'What does not match' },
  { name: 'Row remembered' },
];
const LIMIT = 40;

/** `25 62 17`: sizes as measured; one or two of them will do (`– 62` for the outside alone). */
function readSizes(typed: string, units: Units) {
  const parts = typed
    .trim()
    .split(/[\s×x*]+/i)
    .filter(Boolean);
  if (parts.length === 0 || parts.length > 3 || !/^[\d.,/–—-]/.test(parts[0]!)) return null;
  const sizes = parts.map((part) => {
    if (/^[–—-]$/.test(part)) return undefined;
    const read = parseLength(part, bareLengthUnit(units));
    return read.ok ? read.value.mm : null;
  });
  if (sizes.includes(null)) return null;
  const [boreMm, outsideMm, widthMm] = sizes as (number | undefined)[];
  return { boreMm, outsideMm, widthMm };
}

const DIFFERENCES = [
  ['boreMm', 'bore'],
  ['outsideMm', 'outside'],
  ['widthMm', 'width'],
] as const;
const sayDifferences = (found: SizeDifference, units: Units) =>
  DIFFERENCES.filter(([key]) => Math.abs(found[key] ?? 0) > 0.005)
    .map(
      ([key, word]) =>
        `${word} ${asText(showFit(Math.abs(found[key]!), units))} ${found[key]! > 0 ? 'bigger' : 'smaller'}`,
    )
    .join(', ');

function OneBearing({ bearing, units }: { bearing: Bearing; units: Units }) {
  const scale = Math.min(320 / (bearing.outsideMm / 2), 150 / bearing.widthMm);
  const x = (r: number) => 40 + r * scale;
  const [top, bottom] = [70, 70 + bearing.widthMm * scale];
  const scene = {
    width: 520,
    height: 270,
    description: `${bearing.designation}, half-section to scale`,
    marks: [
      ...bearingMarks({
        part: bearing,
        x,
        pxPerMm: scale,
        topPx: top,
        bottomPx: bottom,
        tone: 'plain',
        line: 'outline',
      }),
      rule(
        'axis',
        [
          [40, 10],
          [40, 262],
        ],
        'centre',
      ),
      ...dimension(
        'outside',
        [40, x(bearing.outsideMm / 2)],
        38,
        top,
        `⌀ ${say(bearing.outsideMm, 'size_mm', units)}`,
      ),
      ...dimension(
        'bore',
        [40, x(bearing.boreMm / 2)],
        bottom + 34,
        bottom,
        `⌀ ${say(bearing.boreMm, 'size_mm', units)}`,
      ),
      ...upright(
        'width',
        x(bearing.outsideMm / 2) + 34,
        [top, bottom],
        x(bearing.outsideMm / 2),
        say(bearing.widthMm, 'size_mm', units),
      ),
    ],
  };
  return (
    <Box
      data-testid="one-bearing"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '420px 1fr' },
        columnGap: 4,
        mb: 2,
        alignItems: 'center',
      }}
    >
      <SceneView scene={scene} />
      <Box>
        <Box sx={{ fontSize: TYPE.figure, fontWeight: 830, fontStretch: '62%' }}>{bearing.designation}</Box>
        {bearing.features.map(({ code, meaning }) => (
          <Lead key={code}>
            <b>{code}</b> {meaning}
          </Lead>
        ))}
        {bearing.cupWidthMm && (
          <Lead>The cup is {asText(showSize(bearing.cupWidthMm, units, 2))} wide: that carries the fit.</Lead>
        )}
        <Note>
          Confidence in this row: {bearing.confidence}. Measure the part in your hand.{' '}
          <Link href={`/sums/boundary?designation=${encodeURIComponent(bearing.designation)}`}>As a sum</Link>
        </Note>
      </Box>
    </Box>
  );
}

const spelled = (text: string) => text.replace(/[\s-]/g, '').toUpperCase();

/** Bearings with these signs anywhere in their number; those that begin with them first. */
const byPartOfNumber = (typed: string) =>
  BEARINGS.map((bearing) => ({ bearing, at: spelled(bearing.designation).indexOf(spelled(typed)) }))
    .filter(({ at }) => at >= 0)
    .sort((a, b) => a.at - b.at)
    .map(({ bearing }) => bearing);

/** Bearings by number, or by size as measured. */
export function BearingsSection({ units }: { units: Units }) {
  const [typed, setTyped] = useState('');
  const parsed = typed.trim() ? parseBearing(typed) : null;
  const sizes = parsed?.ok
    ? { boreMm: parsed.value.boreMm, outsideMm: parsed.value.outsideMm, widthMm: parsed.value.widthMm }
    : readSizes(typed, units);
  const bySize = sizes ? findBearingsBySize(sizes, parsed?.ok ? 0.01 : 1.1, LIMIT) : [];
  const byNumber = !sizes && typed.trim() ? byPartOfNumber(typed).slice(0, LIMIT) : [];
  const rows =
    bySize.length > 0
      ? bySize
      : (typed.trim() ? byNumber : BEARINGS.slice(0, LIMIT)).map((bearing): SizeDifference => ({
          bearing,
          apartMm: 0,
        }));
  return (
    <>
      <Box sx={{ maxWidth: 560, mb: 2 }}>
        <TextField
          autoFocus
          fullWidth
          label="Number, or bore outside width as measured"
          placeholder="6206-2RS C3   ·   25 62 17   ·   – 62"
          value={typed}
          onChange={({ target }) => setTyped(target.value)}
          slotProps={{ htmlInput: { 'data-testid': 'find-bearing', autoComplete: 'off' } }}
          helperText={`ISO 15, ISO 355, ISO 3245, ISO 104, from memory; ${BEARINGS.length} rows, bores of ${BORE_RANGE}`}
        />
      </Box>
      {parsed?.ok && <OneBearing bearing={parsed.value} units={units} />}
      {rows.length === 0 ? (
        <Box role="status" sx={{ fontSize: TYPE.name }}>
          No bearing in the tables comes near. Sizes of its own are ordinary: type them where they are asked
          for.
        </Box>
      ) : (
        <Listing
          label="Bearings"
          columns={COLUMNS}
          rows={rows.map((found) => ({
            key: found.bearing.designation,
            cells: [
              found.bearing.designation,
              ...[found.bearing.boreMm, found.bearing.outsideMm, found.bearing.widthMm].map(
                (mm) => showSize(mm, units, 2).figure,
              ),
              sayDifferences(found, units),
              found.bearing.confidence,
            ],
          }))}
        />
      )}
    </>
  );
}
