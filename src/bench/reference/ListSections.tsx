'use client';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { LIMIT_C, MATERIALS } from '@/core/catalogue/materials';
import { RETAINING_RINGS, type RetainingRing } from '@/core/catalogue/retainingRings';
import {
  LIP_SPEED_LIMIT_M_S,
  O_RING_SECTIONS_MM,
  SEAL_SIZES,
  SEAL_TYPES,
  type SealSize,
} from '@/core/catalogue/seals';
import {
  pitchDiameterMm,
  proofStressMPa,
  STRENGTH_CLASSES,
  stressAreaMm2,
  THREADS,
} from '@/core/catalogue/threads';
import { CAUTIONS } from '@/core/catalogue/cautions';
import { WORDS } from '@/core/catalogue/words';
import { showSize, showTemperature, type Units } from '@/core/quantity/format';
import { showQuantity } from '@/core/quantity/quantities';
import { token, TYPE } from '@/ui/theme/tokens';
import { Listing, Shelf } from './Listing';
import { Lead, Text } from '@/ui/parts/text';

const number = (name: string) => ({ name, isNumber: true });
const dot = (value: number, decimals: number) => value.toFixed(decimals);

export function MaterialsSection({ units }: { units: Units }) {
  const columns = [
    { name: 'Metal' },
    number('E, GPa'),
    number('ν'),
    number('α, 10⁻⁶/K'),
    number('give or take'),
    number('ρ, kg/m³'),
    number('c, J/(kg·K)'),
    number('k, W/(m·K)'),
    number('yields, MPa'),
    number('ε as it lies'),
  ];
  const limits: [string, number][] = [
    ['NBR rubber', LIMIT_C.nbr],
    ['ACM rubber', LIMIT_C.acm],
    ['FKM rubber (overheated: hydrofluoric acid)', LIMIT_C.fkm],
    ['polyamide cage', LIMIT_C.polyamide_cage],
    ['bearing grease', LIMIT_C.bearing_grease],
    ['bearing steel, stabilised', LIMIT_C.bearing_steel],
    ['AlSi7Mg-T6, for half an hour', LIMIT_C.alsi7mg_t6],
    ['AlSi7Mg-T6, for hours', LIMIT_C.alsi7mg_t6_for_hours],
    ['magnesium AZ91', LIMIT_C.az91],
  ];
  return (
    <>
      <Shelf
        title="Metals"
        source="typical handbook values, from memory; a casting’s expansion is known to ± 4 %"
      >
        <Listing
          label="Metals"
          columns={columns}
          rows={Object.values(MATERIALS).map((m) => ({
            key: m.code,
            cells: [
              m.name,
              dot(m.youngsModulusMPa / 1000, 0),
              dot(m.poisson, 2),
              dot(m.alphaPerK * 1e6, 1),
              `± ${dot(m.uAlphaPerK * 1e6, 1)}`,
              dot(m.densityKgM3, 0),
              dot(m.specificHeatJKgK, 0),
              dot(m.conductivityWMK, 0),
              m.yieldMPa ?? '–',
              dot(m.emissivity, 2),
            ],
          }))}
        />
      </Shelf>
      <Shelf title="What heat they take" source="from memory">
        <Listing
          label="Heat limits"
          columns={[{ name: 'Part' }, number(`at most, ${units === 'imperial' ? '°F' : '°C'}`)]}
          rows={limits.map(([name, celsius]) => ({
            key: name,
            cells: [name, showTemperature(celsius, units).figure],
          }))}
        />
      </Shelf>
    </>
  );
}

export function SealsSection({ units }: { units: Units }) {
  const [typed, setTyped] = useState('');
  const wanted = typed
    .trim()
    .split(/[\s×x*]+/i)
    .filter(Boolean)
    .map(Number);
  const size = (mm: number) => showSize(mm, units, 2).figure;
  const seals = SEAL_SIZES.filter(({ shaftMm, housingMm, widthMm }) =>
    wanted.every((mm, i) => Number.isNaN(mm) || Math.abs([shaftMm, housingMm, widthMm][i]! - mm) <= 0.6),
  );
  const rings = (standard: 'DIN471' | 'DIN472') =>
    RETAINING_RINGS[standard].filter(
      ({ nominalMm }) => wanted.length === 0 || Math.abs(nominalMm - wanted[0]!) <= 2,
    );
  return (
    <>
      <Box sx={{ maxWidth: 420, mb: 2 }}>
        <TextField
          fullWidth
          label="Shaft, housing, width; or a ring’s size"
          placeholder="25 40 7"
          value={typed}
          onChange={({ target }) => setTyped(target.value)}
          slotProps={{ htmlInput: { 'data-testid': 'find-seal' } }}
        />
      </Box>
      <SealStandards seals={seals} size={size} rings={rings} />
      <Shelf title="Builds and rubbers" source="ISO 6194-1 builds, lip speeds from memory">
        {SEAL_TYPES.map(({ code, meaning }) => (
          <Text key={code}>
            <b>{code}</b>: {meaning}
          </Text>
        ))}
        <Text sx={{ mt: 1 }}>
          Lip speed:{' '}
          {Object.entries(LIP_SPEED_LIMIT_M_S)
            .map(([rubber, speed]) => `${rubber.toUpperCase()} ${speed} m/s`)
            .join(', ')}
          . O-ring sections: {O_RING_SECTIONS_MM.inch.join(', ')} mm (ISO 3601-1);{' '}
          {O_RING_SECTIONS_MM.metric.join(', ')} mm metric.
        </Text>
      </Shelf>
    </>
  );
}

type SealStandardsProps = {
  seals: SealSize[];
  size: (mm: number) => string;
  rings: (standard: 'DIN471' | 'DIN472') => RetainingRing[];
};

function SealStandards({ seals, size, rings }: SealStandardsProps) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr 1fr' }, columnGap: 5 }}>
      <Box>
        <Shelf title="Shaft seals" source="ISO 6194-1 sizes, from memory">
          {seals.length === 0 ? (
            <Lead role="status">No standard seal is near this.</Lead>
          ) : (
            <Listing
              label="Shaft seals"
              columns={[{ name: 'Shaft' }, number('Housing'), number('Width')]}
              rows={seals.map(({ shaftMm, housingMm, widthMm }) => ({
                key: `${shaftMm}x${housingMm}x${widthMm}`,
                cells: [size(shaftMm), size(housingMm), size(widthMm)],
              }))}
            />
          )}
        </Shelf>
      </Box>
      {(['DIN472', 'DIN471'] as const).map((standard) => (
        <Shelf
          key={standard}
          title={standard === 'DIN472' ? 'Rings in bores' : 'Rings on shafts'}
          source={`${standard.replace('DIN', 'DIN ')}, from memory`}
        >
          <Listing
            label={standard}
            columns={[{ name: 'Size' }, number('Ring'), number('Groove ⌀'), number('Groove width')]}
            rows={rings(standard).map((ring) => ({
              key: `${standard} ${ring.nominalMm}`,
              cells: [
                size(ring.nominalMm),
                size(ring.ringThicknessMm),
                size(ring.grooveDiameterMm),
                size(ring.grooveWidthMinMm),
              ],
            }))}
          />
        </Shelf>
      ))}
    </Box>
  );
}

const SHOWN_STRENGTHS = STRENGTH_CLASSES.filter((each) =>
  ['4.6', '5.8', '8.8', '10.9', '12.9'].includes(each),
);

export function ThreadsSection({ units }: { units: Units }) {
  const proof = (newton: number) => showQuantity(newton / 1000, 'kilonewton', units);
  const unit = proof(1).unit;
  return (
    <Shelf
      title="Metric threads"
      source="ISO 261 pitches, ISO 898-1 stress areas and proof loads, from memory; an unmarked rod is taken as 4.6"
    >
      <Listing
        label="Metric threads"
        columns={[
          { name: 'Thread' },
          number('Pitch'),
          number('Pitch ⌀'),
          number('Stress area, mm²'),
          ...SHOWN_STRENGTHS.map((each) => number(`${each} proof, ${unit}`)),
        ]}
        rows={THREADS.map((thread) => ({
          key: `M${thread.diameterMm}x${thread.pitchMm}`,
          cells: [
            thread.isCoarse ? `M${thread.diameterMm}` : `M${thread.diameterMm} × ${thread.pitchMm}`,
            dot(thread.pitchMm, 2),
            dot(pitchDiameterMm(thread), 3),
            dot(stressAreaMm2(thread), 1),
            ...SHOWN_STRENGTHS.map(
              (each) => proof(proofStressMPa(each, thread.diameterMm) * stressAreaMm2(thread)).figure,
            ),
          ],
        }))}
      />
    </Shelf>
  );
}

const pair = {
  display: 'grid',
  gridTemplateColumns: { xs: '1fr', sm: '220px 1fr' },
  columnGap: 3,
  py: 1,
  borderBottom: `1px solid ${token('rule')}`,
  fontSize: TYPE.lead,
} as const;

export const WordsSection = () => (
  <Shelf title="Words" source="as they are used here; common practice, no source">
    {WORDS.map(({ word, meaning }) => (
      <Box key={word} sx={pair}>
        <b>{word}</b>
        <span>{meaning}</span>
      </Box>
    ))}
  </Shelf>
);

export const CautionsSection = () => (
  <Shelf
    title="Cautions"
    source="common practice, no source; the machine’s manual, local rules and licensed practice come first"
  >
    {CAUTIONS.map(({ where, caution }) => (
      <Box key={where} sx={pair}>
        <b>{where}</b>
        <span>{caution}</span>
      </Box>
    ))}
  </Shelf>
);
