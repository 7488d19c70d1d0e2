'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { MATERIALS } from '@/core/catalogue/materials';
import { bareLengthUnit, showSize, type Units } from '@/core/quantity/format';
import { parseLength } from '@/core/quantity/parseLength';
import { fail, succeed, type Result } from '@/core/quantity/result';
import type { Casting } from '@/core/record/job';
import { CASTING_METALS } from '@/core/record/vocabulary';
import { useJob } from '@/bench/record/JobProvider';
import { castingExtentMm } from '@/ui/drawing/castingOutline';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { EntryField, readLength, readNumber, readText } from '@/ui/fields/EntryField';
import type { useEdits } from '@/bench/record/useEdits';
import { Section } from '@/ui/parts/layout';

/** The casting itself: its name, metal and mass (they carry the heat), its size on the map, and bolts by their coordinates. */
export function CastingForm({ casting, edits }: { casting: Casting; edits: ReturnType<typeof useEdits> }) {
  const { person } = useJob();
  const units = person?.units ?? 'metric';
  const { widthMm, heightMm } = castingExtentMm(casting.map);
  const show = (mm: number) => showSize(mm, units, 0).figure;
  const save = (change: (now: Casting) => Partial<Casting>) => edits.saveCasting(casting.id, change);
  const stretch = (byX: number, byY: number) =>
    save(({ map }) => ({
      map: {
        outline: map.outline.map(({ at: [x, y], radiusMm }) => ({
          at: [x * byX, y * byY],
          radiusMm: radiusMm * Math.min(byX, byY),
        })),
        bolts: map.bolts.map(([x, y]) => [x * byX, y * byY]),
        ribs: map.ribs.map(([[x1, y1], [x2, y2]]) => [
          [x1 * byX, y1 * byY],
          [x2 * byX, y2 * byY],
        ]),
      },
    }));
  const readPlace = (typed: string): Result<[number, number]> => {
    const parts = typed.trim().split(/[\s;x×]+/);
    if (parts.length !== 2) return fail({ code: 'not_a_length', field: 'bolt', given: typed });
    const [across, up] = parts.map((part) => parseLength(part, bareLengthUnit(units), 'bolt'));
    return across!.ok && up!.ok
      ? succeed([across!.value.mm, up!.value.mm])
      : fail(...[across!, up!].flatMap((each) => (each.ok ? [] : each.issues)));
  };
  return (
    <Section data-testid="casting-form">
      <Typography variant="h3" component="h2">
        The casting
      </Typography>
      <CastingSizes
        casting={casting}
        save={save}
        show={show}
        widthMm={widthMm}
        units={units}
        stretch={stretch}
        heightMm={heightMm}
      />
      <ChoiceRow
        label="Metal"
        options={CASTING_METALS.map((value) => ({ value, words: MATERIALS[value].name }))}
        value={casting.material}
        onPick={(material) => save(() => ({ material }))}
      />
      <EntryField
        label="A bolt at: across and up, like 40 120"
        name="bolt-place"
        shown=""
        read={readPlace}
        onTake={(place) => save(({ map }) => ({ map: { ...map, bolts: [...map.bolts, place] } }))}
      />
    </Section>
  );
}

type CastingSizesProps = {
  casting: Casting;
  save: (change: (now: Casting) => Partial<Casting>) => void;
  show: (mm: number) => string;
  widthMm: number;
  units: Units;
  stretch: (byX: number, byY: number) => void;
  heightMm: number;
};

function CastingSizes({ casting, save, show, widthMm, units, stretch, heightMm }: CastingSizesProps) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 1fr 1fr 1fr', gap: 1 }}>
      <EntryField
        label="Name"
        name="casting-name"
        shown={casting.name}
        read={(typed) => (typed.trim() === '' ? fail({ code: 'missing', field: 'name' }) : readText(typed))}
        onTake={(name) => save(() => ({ name: name.slice(0, 80) }))}
      />
      <EntryField
        label="Mass, kg"
        name="casting-mass"
        isNumber
        shown={String(casting.massKg)}
        read={readNumber('massKg', 0.01, 200)}
        onTake={(massKg) =>
          save((now) => ({ massKg, areaM2: now.areaM2 * (massKg / now.massKg) ** (2 / 3) }))
        }
      />
      <EntryField
        label="Width"
        name="casting-width"
        isNumber
        shown={show(widthMm)}
        read={readLength(units, 'widthMm')}
        onTake={(mm) => {
          if (mm >= 10 && mm <= 1500) stretch(mm / widthMm, 1);
        }}
      />
      <EntryField
        label="Height"
        name="casting-height"
        isNumber
        shown={show(heightMm)}
        read={readLength(units, 'heightMm')}
        onTake={(mm) => {
          if (mm >= 10 && mm <= 1500) stretch(1, mm / heightMm);
        }}
      />
    </Box>
  );
}
