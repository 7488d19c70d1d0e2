'use client';
import { useState } from 'react';
import type { InstrumentSort } from '@/core/record/instrumentSorts';
import { SORTS, uOf } from '@/core/gauge/sorts';
import { MM_PER_INCH } from '@/core/quantity/inch';
import { N_PER_LBF } from '@/core/quantity/format';
import { celsiusToFahrenheit } from '@/core/quantity/parseTemperature';
import {
  instrumentSchema,
  type BAUDS,
  type Instrument,
  type InstrumentUnit,
  type Speaks,
} from '@/core/record/instrument';
import { newId } from '@/bench/record/newId';
import { UNITS_FOR } from '@/ui/words/gauges';

/** As it is typed: figures in the instrument's own unit. */
export type InstrumentFields = {
  sort: InstrumentSort;
  name: string;
  unit: InstrumentUnit;
  low: string;
  high: string;
  resolution: string;
  u: string;
  calibrationDue: string;
  by: Speaks['by'];
  path: string;
  baud: (typeof BAUDS)[number];
  isSentByPress: boolean;
};

/** mm of an inch, N of a pound-force: its unit in the core's. */
const PER_UNIT: Partial<Record<InstrumentUnit, number>> = { in: MM_PER_INCH, lbf: N_PER_LBF };
const perUnit = (unit: InstrumentUnit) => PER_UNIT[unit] ?? 1;
/** A step or a doubt, from core's mm or K; what a thermometer is off by stays in K. */
const widthIn = (unit: InstrumentUnit, core: number) => String(Number((core / perUnit(unit)).toPrecision(3)));
/** A place on its scale, from core's mm or °C. */
const placeIn = (unit: InstrumentUnit, core: number) =>
  String(Number((unit === 'F' ? celsiusToFahrenheit(core) : core / perUnit(unit)).toFixed(3)));
const figure = (text: string) =>
  text.trim() === '' ? NaN : Number(text.trim().replace(',', '.').replace('−', '-'));
const widthOf = (unit: InstrumentUnit, text: string) => figure(text) * perUnit(unit);
const placeOf = (unit: InstrumentUnit, text: string) =>
  unit === 'F' ? (figure(text) - 32) / 1.8 : figure(text) * perUnit(unit);

const capital = (text: string) => text[0]!.toUpperCase() + text.slice(1);

/** What usually stands on an instrument of this sort. */
function usualFields(sort: InstrumentSort, unit: InstrumentUnit, sizeMm: number | null): InstrumentFields {
  const { name, resolutions, ranges } = SORTS[sort];
  // The one of a set that is wanted here.
  const [low, high] =
    ranges.find(([from, to]) => sizeMm !== null && sizeMm >= from && sizeMm <= to) ?? ranges[0]!;
  return {
    sort,
    unit,
    name: capital(name),
    low: placeIn(unit, low),
    high: placeIn(unit, high),
    resolution: widthIn(unit, resolutions[0]),
    u: widthIn(unit, uOf(sort, resolutions[0]).u),
    calibrationDue: '',
    by: 'typed',
    path: '',
    baud: 9600,
    isSentByPress: true,
  };
}

const usualUnit = (sort: InstrumentSort): InstrumentUnit => UNITS_FOR[SORTS[sort].quantity][0];

function fieldsOf(instrument: Instrument, sort: InstrumentSort): InstrumentFields {
  const { name, kind, resolution, u, range, calibrationDue, speaks = { by: 'typed' } } = instrument;
  const itsSort = kind === 'by_hand' ? sort : kind;
  const unit = instrument.unit ?? usualUnit(itsSort);
  const usual = usualFields(itsSort, unit, null);
  return {
    ...usual,
    name,
    ...(range && { low: placeIn(unit, range.low), high: placeIn(unit, range.high) }),
    resolution: widthIn(unit, resolution),
    u: widthIn(unit, u),
    calibrationDue: calibrationDue ?? '',
    by: speaks.by,
    ...(speaks.by === 'serial' && {
      path: speaks.path,
      baud: speaks.baud,
      isSentByPress: speaks.isSentByPress,
    }),
  };
}

const speaksOf = ({ by, path, baud, isSentByPress }: InstrumentFields): Speaks =>
  by === 'serial' ? { by, path, baud, isSentByPress } : { by };

/** As it would be stored; figures that are none are NaN, and refused. */
const instrumentOf = (fields: InstrumentFields, before: Instrument | null) => ({
  id: before?.id ?? newId(),
  name: fields.name,
  kind: before?.kind ?? fields.sort,
  resolution: widthOf(fields.unit, fields.resolution),
  u: widthOf(fields.unit, fields.u),
  isSimulated: before?.isSimulated ?? false,
  range: { low: placeOf(fields.unit, fields.low), high: placeOf(fields.unit, fields.high) },
  unit: fields.unit,
  speaks: speaksOf(fields),
  calibrationDue: fields.calibrationDue || null,
});

const FIELD_OF: Record<string, keyof InstrumentFields> = { range: 'high', speaks: 'path' };
const PROBLEM: Partial<Record<string, string>> = {
  name: 'A name tells it from the others.',
  high: 'From less to more, in its unit.',
  resolution: 'The smallest step that it shows, in its unit.',
  u: 'More than 0: nothing reads without doubt.',
  path: 'A port’s name: /dev/ttyUSB0, or COM3.',
};

export type InstrumentProblems = Partial<Record<string, string>>;

/** The fields of an instrument, each with a proposal, and what is wrong beside its field. */
export function useInstrumentForm({
  instrument,
  sort,
  sizeMm,
  onSave,
}: {
  instrument: Instrument | null;
  sort: InstrumentSort;
  sizeMm: number | null;
  onSave: (instrument: Instrument) => void;
}) {
  const [fields, setFields] = useState(() =>
    instrument ? fieldsOf(instrument, sort) : usualFields(sort, usualUnit(sort), sizeMm),
  );
  const [isOwnU, setOwnU] = useState(instrument !== null);
  const [problems, setProblems] = useState<InstrumentProblems>({});
  const step = widthOf(fields.unit, fields.resolution);
  const resolutionInCore = step > 0 && step <= 5 ? step : null;
  const set = (change: Partial<InstrumentFields>) => {
    setFields({ ...fields, ...change });
    setProblems({});
  };
  return {
    fields,
    problems,
    resolutionInCore,
    set,
    pickSort: (next: InstrumentSort) => {
      setFields({ ...usualFields(next, usualUnit(next), sizeMm), by: fields.by });
      setOwnU(false);
    },
    pickUnit: (unit: InstrumentUnit) =>
      setFields({ ...usualFields(fields.sort, unit, sizeMm), by: fields.by, name: fields.name }),
    type: (key: keyof InstrumentFields, text: string) => {
      if (key === 'u') setOwnU(true);
      const stepNow = widthOf(fields.unit, text);
      const proposesU = key === 'resolution' && !isOwnU && stepNow > 0 && stepNow <= 5;
      set({
        [key]: text,
        ...(proposesU && { u: widthIn(fields.unit, uOf(fields.sort, stepNow).u) }),
      } as Partial<InstrumentFields>);
    },
    save: () => {
      const checked = instrumentSchema.safeParse(instrumentOf(fields, instrument));
      if (checked.success) return onSave(checked.data);
      setProblems(
        Object.fromEntries(
          checked.error.issues.map(({ path }) => {
            const key = FIELD_OF[String(path[0])] ?? String(path[0]);
            return [key, PROBLEM[key] ?? 'This can not be.'];
          }),
        ),
      );
    },
  };
}
