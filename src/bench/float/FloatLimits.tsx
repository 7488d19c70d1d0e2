'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { USUAL_LEVER_MM, USUAL_RUNNING, USUAL_STANDING } from '@/core/job/floatResult';
import { type FloatView } from '@/core/job/floatView';
import { asText, showSize, showTemperature, type Units } from '@/core/quantity/format';
import { parseQuantity, showQuantity } from '@/core/quantity/quantities';
import { fail, succeed, type Result } from '@/core/quantity/result';
import type { Float, FloatLink } from '@/core/record/floats';
import { useEdits } from '@/bench/record/useEdits';
import { EntryField, readLength } from '@/ui/fields/EntryField';
import { Pair } from '@/ui/parts/layout';
import { Note, Quiet } from '@/ui/parts/text';
import { sayFigure } from '@/ui/words/floats';

type Props = { view: FloatView; units: Units };

/** A length that may lie below nought, as a spacer’s may. */
const readSigned =
  (units: Units, field: string) =>
  (typed: string): Result<number> => {
    const isBelow = /^\s*[-−]/.test(typed);
    const read = readLength(units, field)(typed.replace(/^\s*[-−]/, ''));
    return read.ok ? succeed(isBelow ? -read.value : read.value) : read;
  };

function readLimit({ sort }: Float, units: Units, field: 'low' | 'high') {
  if (sort === 'preload') return (typed: string) => parseQuantity(typed, 'newton_metre', units);
  if (sort === 'case_pressure')
    return (typed: string) => parseQuantity(typed.replace(/\s*\/\s*min\w*\s*$/, ''), 'bar', units);
  return readSigned(units, field);
}

/** What is wanted, from the kind until somebody has looked it up: limits, the chain’s sizes, the lever. */
export function FloatLimits({ view, units }: Props) {
  const [isOpen, setOpen] = useState(false);
  const { float } = view;
  // As it was before: that is its limit.
  if (float.like) return null;
  return (
    <Box data-testid="float-limits">
      <Quiet>
        {float.isFromManual
          ? 'Limits from the machine’s manual.'
          : 'Limits as usual for its kind, not this machine’s.'}
        <Button variant="text" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          {isOpen ? 'That is it' : 'From the manual'}
        </Button>
      </Quiet>
      {isOpen && <Fields view={view} units={units} />}
    </Box>
  );
}

function Fields({ view, units }: Props) {
  const edits = useEdits();
  const { float } = view;
  const change = (to: Partial<Float>) =>
    edits.savePlan(({ floats }) => ({
      floats: floats.map((each) => (each.key === float.key ? { ...each, ...to } : each)),
    }));
  const changeLink = (key: string, to: Partial<FloatLink>) =>
    change({ links: float.links.map((link) => (link.key === key ? { ...link, ...to } : link)) });
  const limit = (field: 'low' | 'high', label: string) => (
    <EntryField
      label={label}
      name={`float-${field}`}
      shown={sayFigure(view, float[field], units)}
      read={(typed) => {
        const read = readLimit(float, units, field)(typed);
        if (!read.ok) return read;
        const [low, high] = field === 'low' ? [read.value, float.high] : [float.low, read.value];
        return low > high ? fail({ code: 'out_of_order', field }) : succeed(read.value);
      }}
      onTake={(value) => change({ [field]: value, isFromManual: true })}
    />
  );
  return (
    <>
      <Pair>
        {limit('low', 'From')}
        {limit('high', 'To')}
      </Pair>
      {float.links.map(({ key, name, nominalMm }) => (
        <EntryField
          key={key}
          label={`${name}, as drawn`}
          name={`float-link-${key}`}
          shown={asText(showSize(nominalMm, units, 2))}
          read={readLength(units, key)}
          onTake={(mm) => changeLink(key, { nominalMm: mm })}
        />
      ))}
      {float.sort === 'room' && <Running float={float} units={units} onChange={change} />}
      {float.sort === 'case_pressure' && <Standing float={float} units={units} onChange={change} />}
      {float.sort === 'preload' && (
        <EntryField
          label="Lever, from the axis"
          name="float-lever"
          shown={asText(showSize(float.leverMm ?? USUAL_LEVER_MM, units, 0))}
          read={readLength(units, 'leverMm')}
          onTake={(leverMm) => change({ leverMm })}
        />
      )}
      <Note>A size that is read stands above the one that is drawn.</Note>
    </>
  );
}

type ChangeProps = { float: Float; units: Units; onChange: (to: Partial<Float>) => void };

/** How warm casting and shaft are at work: what a room grows or shrinks by. */
function Running({ float, units, onChange }: ChangeProps) {
  const running = float.running ?? USUAL_RUNNING;
  const field = (key: keyof typeof running, label: string) => (
    <EntryField
      label={label}
      name={`float-running-${key}`}
      shown={asText(showTemperature(running[key], units))}
      read={(typed) => parseQuantity(typed, 'celsius', units)}
      onTake={(celsius) => onChange({ running: { ...running, [key]: celsius } })}
    />
  );
  return (
    <Pair>
      {field('caseC', 'Casting, running')}
      {field('shaftC', 'Shaft, running')}
    </Pair>
  );
}

/** What the closed case holds, and how long it stands between the two readings. */
function Standing({ float, units, onChange }: ChangeProps) {
  const standing = float.standing ?? USUAL_STANDING;
  return (
    <Pair>
      <EntryField
        label="Volume of the case"
        name="float-volume"
        shown={asText(showQuantity(standing.volumeCm3, 'cubic_cm', units))}
        read={(typed) => parseQuantity(typed, 'cubic_cm', units)}
        onTake={(volumeCm3) => onChange({ standing: { ...standing, volumeCm3 } })}
      />
      <EntryField
        label="It stands"
        name="float-minutes"
        shown={`${standing.minutes}\u00a0min`}
        read={(typed) => {
          const read = parseQuantity(typed, 'minute', units);
          return read.ok ? succeed(read.value / 60) : read;
        }}
        onTake={(minutes) => onChange({ standing: { ...standing, minutes } })}
      />
    </Pair>
  );
}
