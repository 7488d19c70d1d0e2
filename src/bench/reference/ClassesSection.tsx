'use client';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import {
  findBearingBoreLimits,
  findBearingOutsideLimits,
  findRadialClearances,
  type ClearanceUm,
} from '@/core/catalogue/bearingLimits';
import { findLimits, HOLE_CLASSES, SHAFT_CLASSES, type LimitsUm } from '@/core/catalogue/limits';
import { showQuantity } from '@/core/quantity/quantities';
import { bareLengthUnit, type Units } from '@/core/quantity/format';
import { parseLength, type TypedLength } from '@/core/quantity/parseLength';
import { sayIssue } from '@/ui/words/issues';
import { Listing, Shelf } from './Listing';
import type { ClearanceGroup } from '@/core/catalogue/bearings/designation';
import type { Result } from '@/core/quantity/result';

/** Limits of size at one nominal: holes, shafts, bearings, radial clearance. */
export function ClassesSection({ units }: { units: Units }) {
  const [typed, setTyped] = useState('62');
  const read = parseLength(typed, bareLengthUnit(units));
  const mm = read.ok ? read.value.mm : NaN;
  const fit = (um: number) => showQuantity(um, 'fit_um', units).figure;
  const row = (name: string, limits: LimitsUm | null) => ({
    key: name,
    cells: [name, limits ? fit(limits.upperUm) : '–', limits ? fit(limits.lowerUm) : '–'],
  });
  const unit = units === 'imperial' ? 'thou' : 'µm';
  const columns = [
    { name: 'Class' },
    { name: `upper, ${unit}`, isNumber: true },
    { name: `lower, ${unit}`, isNumber: true },
  ];
  const isInTable = findLimits(mm, 'H7') !== null;
  const clearances = (['deep_groove', 'cylindrical_roller'] as const).map(
    (type) => [type, findRadialClearances(mm, type)] as const,
  );
  return (
    <>
      <SizeAsk typed={typed} setTyped={setTyped} read={read} isInTable={isInTable} units={units} mm={mm} />
      {isInTable && (
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', md: '1fr 1fr', lg: '1fr 1fr 1.2fr' },
            columnGap: 5,
          }}
        >
          <Shelf title="Holes" source="ISO 286-2, from memory">
            <Listing
              label="Holes"
              columns={columns}
              rows={HOLE_CLASSES.map((each) => row(each, findLimits(mm, each)))}
            />
          </Shelf>
          <Shelf title="Shafts" source="ISO 286-2, from memory">
            <Listing
              label="Shafts"
              columns={columns}
              rows={SHAFT_CLASSES.map((each) => row(each, findLimits(mm, each)))}
            />
          </Shelf>
          <Box>
            <Shelf title="The bearing itself" source="ISO 492 Normal class, from memory">
              <Listing
                label="Bearings"
                columns={columns}
                rows={[
                  row('outside', findBearingOutsideLimits(mm)),
                  row('bore', findBearingBoreLimits(mm)),
                  row('tapered cup, outside', findBearingOutsideLimits(mm, true)),
                  row('tapered cone, bore', findBearingBoreLimits(mm, true)),
                ]}
              />
            </Shelf>
            {clearances.map(
              ([type, groups]) =>
                groups && <LimitsTable key={type} type={type} unit={unit} groups={groups} fit={fit} />,
            )}
          </Box>
        </Box>
      )}
    </>
  );
}

type SizeAskProps = {
  typed: string;
  setTyped: (next: string) => void;
  read: Result<TypedLength>;
  isInTable: boolean;
  units: Units;
  mm: number;
};

function SizeAsk({ typed, setTyped, read, isInTable, units, mm }: SizeAskProps) {
  return (
    <Box sx={{ maxWidth: 420, mb: 2 }}>
      <TextField
        fullWidth
        label="Nominal size"
        value={typed}
        onChange={({ target }) => setTyped(target.value)}
        error={!read.ok || !isInTable}
        helperText={
          !read.ok
            ? sayIssue(read.issues[0]!, units)
            : isInTable
              ? 'over 3 up to 250 mm; a size on a step belongs to the lower step'
              : sayIssue(
                  {
                    code: 'outside_the_table',
                    field: '',
                    given: Number(mm.toFixed(3)),
                    min: 3,
                    max: 250,
                  },
                  units,
                )
        }
        slotProps={{ htmlInput: { 'data-testid': 'class-size' } }}
      />
    </Box>
  );
}

type LimitsTableProps = {
  type: 'deep_groove' | 'cylindrical_roller';
  unit: 'thou' | 'µm';
  groups: Record<ClearanceGroup, ClearanceUm>;
  fit: (um: number) => string;
};

function LimitsTable({ type, unit, groups, fit }: LimitsTableProps) {
  return (
    <Shelf
      title={type === 'deep_groove' ? 'Radial clearance, ball' : 'Radial clearance, cylindrical roller'}
      source="ISO 5753-1 by bore, as delivered, from memory"
    >
      <Listing
        label={type}
        columns={[
          { name: 'Group' },
          { name: `least, ${unit}`, isNumber: true },
          { name: `most, ${unit}`, isNumber: true },
        ]}
        rows={Object.entries(groups).map(([group, { minUm, maxUm }]) => ({
          key: group,
          cells: [group, fit(minUm), fit(maxUm)],
        }))}
      />
    </Shelf>
  );
}
