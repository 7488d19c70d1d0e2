'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { pusherFor } from '@/core/force/driver';
import { asText, showSize, type Units } from '@/core/quantity/format';
import type { Seat } from '@/core/record/job';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { token } from '@/ui/theme/tokens';
import { sayIssue } from '@/ui/words/issues';
import { Text } from '@/ui/parts/text';

const RODS = ['8', '10', '12', '16', '20'] as const;

/**
 * The pusher that one would turn for this seat, drawn as a lathe needs it. Brass or aluminium for thin lips, unhardened steel for
 * force.
 */
export function PusherPanel({ seat, units }: { seat: Seat; units: Units }) {
  const [rod, setRod] = useState<(typeof RODS)[number]>('10');
  const [race, setRace] = useState<'outer' | 'inner'>('outer');
  const { part, housing } = seat.spec;
  const type = part.type ?? 'deep_groove';
  if (type === 'bush' || type === 'seal') return null;
  const made = pusherFor({ ...part, type, depthToShoulderMm: housing.depthToShoulderMm }, Number(rod), race);
  const query = new URLSearchParams({
    bore_mm: String(part.boreMm),
    outside_mm: String(part.outsideMm),
    width_mm: String(part.widthMm),
    type,
    depth_to_shoulder_mm: String(housing.depthToShoulderMm),
    rod_mm: rod,
    race,
  });
  return (
    <Box
      data-testid="pusher"
      sx={{ border: `2px solid ${token('ink')}`, p: 2, mt: 1.5, display: 'flex', gap: 3, flexWrap: 'wrap' }}
    >
      <Box sx={{ flex: 1, minWidth: 280 }}>
        <Typography variant="h3" component="h2">
          Turn one: stepped pusher for {part.designation}
        </Typography>
        <ChoiceRow
          label="Pushes the"
          options={[
            { value: 'outer', words: 'outer race, into the bore' },
            { value: 'inner', words: 'inner race, onto the shaft' },
          ]}
          value={race}
          onPick={setRace}
        />
        <ChoiceRow
          label="Rod"
          options={RODS.map((value) => ({ value, words: `M${value}` }))}
          value={rod}
          onPick={setRod}
        />
        {made.ok ? (
          <Text sx={{ mt: 1 }}>
            Flange {asText(showSize(made.value.flangeMm, units, 1))} ×{' '}
            {asText(showSize(made.value.flangeLengthMm, units, 1))}, spigot{' '}
            {asText(showSize(made.value.spigotMm, units, 1))} ×{' '}
            {asText(showSize(made.value.spigotLengthMm, units, 1))}, hole{' '}
            {asText(showSize(made.value.holeMm, units, 1))}
            {made.value.relief
              ? `, relieved to ${asText(showSize(made.value.relief.diameterMm, units, 1))} so that only the outer race carries`
              : ''}
            {race === 'inner' && '; a sleeve: it slides over the shaft and stands on the inner race'}. Brass
            or aluminium; unhardened steel where the force is high. Rod of class 8.8.
            <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
              <Button variant="outlined" component="a" href={`/api/v1/pusher?format=svg&${query}`} download>
                SVG
              </Button>
              <Button variant="outlined" component="a" href={`/api/v1/pusher?format=dxf&${query}`} download>
                DXF
              </Button>
            </Box>
          </Text>
        ) : (
          <Text role="alert" sx={{ mt: 1, fontWeight: 650 }}>
            {sayIssue(made.issues[0]!, units)}
          </Text>
        )}
      </Box>
      {made.ok && (
        // eslint-disable-next-line @next/next/no-img-element -- drawn by the server from these very numbers
        <img
          src={`/api/v1/pusher?format=svg&${query}`}
          alt="The pusher, half in section"
          style={{ width: 340, maxWidth: '100%', backgroundColor: '#fff' }}
        />
      )}
    </Box>
  );
}
