'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { issuesFromZod } from '@/core/quantity/zodIssues';
import { parseLength } from '@/core/quantity/parseLength';
import { bareLengthUnit, showSize } from '@/core/quantity/format';
import type { Seat } from '@/core/record/job';
import { type BoreSpec, boreSpecSchema } from '@/core/record/seatSpec';
import { labelOf } from '@/core/parts/partLabel';
import { useJob } from '@/bench/record/JobProvider';
import { outbox } from '@/bench/record/outbox';
import { useEdits } from '@/bench/record/useEdits';
import { token } from '@/ui/theme/tokens';
import { sayIssue } from '@/ui/words/issues';
import { sayRefusal } from '@/ui/words/refusal';

const FIELDS = [
  { path: 'part.boreMm', label: 'Bearing bore' },
  { path: 'part.outsideMm', label: 'Bearing outside' },
  { path: 'part.widthMm', label: 'Bearing width' },
  { path: 'housing.depthToShoulderMm', label: 'Depth to the shoulder' },
  { path: 'housing.shoulderBoreMm', label: 'Bore through the shoulder' },
  { path: 'housing.bossOutsideMm', label: 'Boss outside' },
  { path: 'housing.bossHeightMm', label: 'Boss height' },
  { path: 'housing.webThicknessMm', label: 'Web thickness' },
] as const;
type Path = (typeof FIELDS)[number]['path'];

const read = (spec: BoreSpec, path: Path): number => {
  const [group, key] = path.split('.') as ['part' | 'housing', string];
  return (spec[group] as unknown as Record<string, number>)[key]!;
};

function write(spec: BoreSpec, values: Record<Path, number>): BoreSpec {
  const copy = structuredClone(spec);
  for (const [path, mm] of Object.entries(values)) {
    const [group, key] = path.split('.') as ['part' | 'housing', string];
    (copy[group] as unknown as Record<string, unknown>)[key] = mm;
  }
  return copy;
}

/** The label follows the sizes. */
const labelled = (spec: BoreSpec): BoreSpec =>
  ({ ...spec, part: { ...spec.part, designation: labelOf(spec.part) } }) as BoreSpec;

/** The fields as they are typed, checked when they are saved; an edit of a seat that changed meanwhile says what changed. */
function useSizes(seat: Seat, onClose: () => void) {
  const { person, replaceSeat } = useJob();
  const { saveSeatAndHear, noteSeatChange } = useEdits();
  const units = person?.units ?? 'metric';
  const [base, setBase] = useState(seat);
  const [texts, setTexts] = useState(
    () =>
      Object.fromEntries(
        FIELDS.map(({ path }) => [path, showSize(read(seat.spec, path), units, 2).figure]),
      ) as Record<Path, string>,
  );
  const [touched, setTouched] = useState<ReadonlySet<Path>>(new Set());
  const [problems, setProblems] = useState<Partial<Record<Path, string>>>({});
  const [message, setMessage] = useState<string | null>(null);

  const collect = (): BoreSpec | null => {
    const found: Partial<Record<Path, string>> = {};
    const values = {} as Record<Path, number>;
    for (const { path } of FIELDS) {
      if (!touched.has(path)) {
        values[path] = read(base.spec, path);
        continue;
      }
      const parsed = parseLength(texts[path], bareLengthUnit(units), path);
      if (parsed.ok) values[path] = parsed.value.mm;
      else found[path] = sayIssue(parsed.issues[0]!, units);
    }
    const spec = Object.keys(found).length === 0 ? write(base.spec, values) : null;
    const checked = spec && boreSpecSchema.safeParse(spec);
    for (const issue of checked?.error ? issuesFromZod(checked.error, spec) : [])
      found[issue.field as Path] ??= sayIssue(
        // Every field here is a size.
        issue.code === 'out_of_range' ? { ...issue, code: 'size_out_of_range' } : issue,
        units,
      );
    setProblems(found);
    return checked?.success ? labelled(checked.data) : null;
  };

  const save = async () => {
    const spec = collect();
    if (!spec) return;
    const heard = await saveSeatAndHear(seat.id, { spec }, base.version);
    if (heard.is !== 'refused') {
      noteSeatChange(seat.id, { spec: base.spec }, `Sizes of ${seat.name} changed`);
      onClose();
      return;
    }
    // What somebody else left there is read here and now, beside the fields.
    void outbox.leaveOut(heard.id);
    const current = heard.refusal.standing as Seat | undefined;
    if (!current) {
      setMessage(sayRefusal(heard.refusal.issues, units));
      return;
    }
    const changed = FIELDS.filter(({ path }) => read(current.spec, path) !== read(base.spec, path)).map(
      ({ path, label }) =>
        `${label} ${showSize(read(base.spec, path), units, 2).figure} → ${showSize(read(current.spec, path), units, 2).figure}`,
    );
    setMessage(
      `Somebody changed this seat meanwhile: ${changed.join(', ') || 'other values'}. Your fields are kept; save again to put them over it.`,
    );
    replaceSeat(current);
    setBase(current);
  };
  const type = (path: Path, text: string) => {
    setTexts({ ...texts, [path]: text });
    setTouched(new Set([...touched, path]));
  };
  const shown = (path: Path) =>
    touched.has(path) ? texts[path] : showSize(read(base.spec, path), units, 2).figure;
  return { units, shown, problems, message, type, save };
}

/** Sizes of the seat and its bearing. An edit made on an older state is refused, and shows what changed meanwhile. */
export function SizesDialog({ seat, onClose }: { seat: Seat; onClose: () => void }) {
  const { units, shown, problems, message, type, save } = useSizes(seat, onClose);
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <DialogTitle>Sizes of {seat.name}</DialogTitle>
      <DialogContent>
        {message && (
          <Box role="alert" sx={{ border: `2px solid ${token('ink')}`, p: 1.5, mb: 2, fontWeight: 650 }}>
            {message}
          </Box>
        )}
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2, pt: 1 }}>
          {FIELDS.map(({ path, label }) => (
            <TextField
              key={path}
              label={`${label}, ${bareLengthUnit(units)}`}
              value={shown(path)}
              error={problems[path] !== undefined}
              helperText={problems[path] ?? ' '}
              onChange={(event) => type(path, event.target.value)}
              slotProps={{ htmlInput: { inputMode: 'decimal', 'data-path': path } }}
            />
          ))}
        </Box>
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        <Button variant="text" onClick={onClose}>
          Leave it
        </Button>
        <Button variant="contained" onClick={() => void save()}>
          Save sizes
        </Button>
      </DialogActions>
    </Dialog>
  );
}
