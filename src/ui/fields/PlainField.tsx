import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import InputLabel from '@mui/material/InputLabel';
import OutlinedInput from '@mui/material/OutlinedInput';
import { useId } from 'react';

type Props = {
  label: string;
  name: string;
  value: string;
  onChange: (text: string) => void;
  problem?: string | null;
  help?: string;
  type?: 'text' | 'date';
  isNumber?: boolean;
  width?: number | string;
  maxLength?: number;
  /** It has the focus when it appears. */
  isFirst?: boolean;
  onLeave?: () => void;
  onEnter?: () => void;
};

/** A labelled line with its word beside it. Put together here: the ready-made text field brings a select, a menu and a popover along. */
export function PlainField({
  label,
  name,
  value,
  onChange,
  problem = null,
  help,
  type = 'text',
  isNumber = false,
  width = '100%',
  maxLength = 400,
  isFirst = false,
  onLeave,
  onEnter,
}: Props) {
  const id = useId();
  const said = problem ?? help;
  return (
    <FormControl error={problem !== null} sx={{ width, mt: 1 }}>
      <InputLabel htmlFor={id} shrink>
        {label}
      </InputLabel>
      <OutlinedInput
        id={id}
        type={type}
        autoFocus={isFirst}
        value={value}
        label={label}
        notched
        onBlur={onLeave}
        onChange={(event) => onChange(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && onEnter) {
            event.preventDefault();
            onEnter();
          }
        }}
        inputProps={{
          name,
          maxLength,
          ...(isNumber && { inputMode: 'decimal' }),
          ...(said && { 'aria-describedby': `${id}-help` }),
        }}
      />
      {said && <FormHelperText id={`${id}-help`}>{said}</FormHelperText>}
    </FormControl>
  );
}
