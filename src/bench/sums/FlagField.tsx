import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';

type Props = { label: string; isOn: boolean; onChange: (isOn: boolean) => void };

/** A yes or no of a sum. Few sums ask one, so the others do not load its box. */
export const FlagField = ({ label, isOn, onChange }: Props) => (
  <FormControlLabel
    sx={{ minHeight: 52 }}
    control={<Checkbox checked={isOn} onChange={({ target }) => onChange(target.checked)} />}
    label={label}
  />
);
