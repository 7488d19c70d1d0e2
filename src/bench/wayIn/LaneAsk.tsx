import Box from '@mui/material/Box';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { TYPE } from '@/ui/theme/tokens';
import { AGAINST_WORDS } from '@/ui/words/work';

type Props = { against: string | null; onPick: (because: string | null) => void };

/** What speaks against a way that was tapped all the same, and why a person takes it. */
export const LaneAsk = ({ against, onPick }: Props) => (
  <Box sx={{ fontSize: TYPE.small, gridColumn: { md: '2 / 4' } }} role="alert">
    {against} All the same?
    <ChoiceRow
      label="Because"
      isLabelHidden
      options={[...optionsFrom(AGAINST_WORDS), { value: 'no' as const, words: 'Leave it' }]}
      value={null}
      onPick={(reason) => onPick(reason === 'no' ? null : AGAINST_WORDS[reason])}
    />
  </Box>
);
