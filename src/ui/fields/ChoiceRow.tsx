import Box from '@mui/material/Box';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { Note } from '@/ui/parts/text';

type Props<T extends string> = {
  label: string;
  options: readonly { value: T; words: string }[];
  value: T | null;
  onPick: (value: T) => void;
  isLabelHidden?: boolean;
};

/** A few ways to answer, side by side: one tap each, the answer stays marked by a block, not by a colour. */
export function ChoiceRow<T extends string>({
  label,
  options,
  value,
  onPick,
  isLabelHidden = false,
}: Props<T>) {
  return (
    <Box
      sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 1, rowGap: 0.75, py: 0.25 }}
      role="group"
      aria-label={label}
    >
      {!isLabelHidden && <Note sx={{ minWidth: 84 }}>{label}</Note>}
      {options.map((option) => {
        const isPicked = option.value === value;
        return (
          <Box
            component="button"
            type="button"
            key={option.value}
            aria-pressed={isPicked}
            onClick={() => onPick(option.value)}
            sx={{
              all: 'unset',
              boxSizing: 'border-box',
              cursor: 'pointer',
              minHeight: 48,
              px: 1.25,
              display: 'flex',
              alignItems: 'center',
              fontSize: TYPE.text,
              fontWeight: isPicked ? 750 : 500,
              fontStretch: STRETCH.text,
              color: isPicked ? token('onBlock') : token('ink'),
              backgroundColor: isPicked ? token('block') : 'transparent',
              borderBottom: `2px solid ${token(isPicked ? 'block' : 'steel')}`,
              '&:focus-visible': { outline: `3px solid ${token('cold')}` },
            }}
          >
            {option.words}
          </Box>
        );
      })}
    </Box>
  );
}

/** Options from a table of words, in its order. */
export const optionsFrom = <T extends string>(words: Record<T, string>): { value: T; words: string }[] =>
  (Object.entries(words) as [T, string][]).map(([value, text]) => ({ value, words: text }));
