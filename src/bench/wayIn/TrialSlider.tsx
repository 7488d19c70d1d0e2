import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import { asText, type Units } from '@/core/quantity/format';
import { bareFigure, parseQuantity, showQuantity } from '@/core/quantity/quantities';
import { fail, type Result } from '@/core/quantity/result';
import { EntryField } from '@/ui/fields/EntryField';
import { token } from '@/ui/theme/tokens';

export type Trial = {
  name: string;
  label: string;
  value: number;
  quantity: 'celsius' | 'second' | 'fit_mm';
  min: number;
  max: number;
  step: number;
  colour: 'heat' | 'cold' | 'ink';
};

/** A square block on a line: one hand wide to hit, no shadow, no round knob. */
const looks = (colour: Trial['colour']) => ({
  color: token(colour),
  height: 48,
  py: '0 !important',
  mt: 1.25,
  '& .MuiSlider-rail': { height: 2, opacity: 1, backgroundColor: token('ink'), borderRadius: 0 },
  '& .MuiSlider-track': { height: 6, border: 0, borderRadius: 0 },
  // The knob that is hit is a hand wide; the block that is seen stands in its middle.
  '& .MuiSlider-thumb': {
    width: 28,
    height: 48,
    borderRadius: 0,
    backgroundColor: 'transparent',
    transition: 'none',
    '&::before': {
      width: 16,
      height: 30,
      borderRadius: 0,
      backgroundColor: 'currentColor',
      boxShadow: 'none',
    },
    '&::after': { display: 'none' },
    '&:hover, &.Mui-active': { boxShadow: 'none' },
    '&.Mui-focusVisible': { boxShadow: 'none', outline: `3px solid ${token('cold')}`, outlineOffset: -4 },
  },
});

type Props = Trial & { units: Units; onMove: (value: number) => void };

/** One thing that may be tried: dragged, tapped, moved by keys, or typed exactly, in whatever unit. */
export function TrialSlider({ name, label, value, quantity, units, min, max, step, colour, onMove }: Props) {
  const say = (at: number) => asText(showQuantity(at, quantity, units));
  const inUnit = (at: number) => Number(bareFigure(at, quantity, units).replace('−', '-'));
  const read = (typed: string): Result<number> => {
    const parsed = parseQuantity(typed, quantity, units, name);
    return parsed.ok && (parsed.value < min || parsed.value > max)
      ? fail({ code: 'out_of_range', field: name, given: typed, min: inUnit(min), max: inUnit(max) })
      : parsed;
  };
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '106px minmax(0, 1fr)', columnGap: 2, pr: 1.5 }}>
      <EntryField label={label} name={name} shown={say(value)} read={read} onTake={onMove} />
      <Slider
        aria-label={label}
        value={value}
        min={min}
        max={max}
        step={step}
        getAriaValueText={say}
        onChange={(_, at) => onMove(at as number)}
        sx={looks(colour)}
      />
    </Box>
  );
}
