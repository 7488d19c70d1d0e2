'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { LIMIT_C, type SealMaterial } from '@/core/catalogue/materials';
import type { SeatView } from '@/core/job/seatView';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import type { Casting } from '@/core/record/job';
import { useJob } from '@/bench/record/JobProvider';
import { Framed } from '@/ui/parts/layout';
import { TYPE } from '@/ui/theme/tokens';

/** Old seals that would be heated with the casting, side by side, each with the act that takes it out of the way. */
export const SealsLeftIn = ({ view: { leftIn, casting }, units }: { view: SeatView; units: Units }) => (
  <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1 }}>
    {leftIn
      .filter(({ isNew }) => !isNew)
      .map(({ seatName, sealMaterial }) => (
        <SealIn
          key={seatName}
          seatName={seatName}
          sealMaterial={sealMaterial}
          casting={casting}
          units={units}
        />
      ))}
  </Box>
);

type SealInProps = { seatName: string; sealMaterial: SealMaterial; casting: Casting; units: Units };

function SealIn({ seatName, sealMaterial, casting, units }: SealInProps) {
  const { addEvent } = useJob();
  const takeSealOut = ({ id: seatId, spec }: Casting['seats'][number]) =>
    spec.kind === 'seal_in_bore'
      ? addEvent('taken_out', { way: 'hook_or_lever', isSpoilt: true }, { seatId })
      : addEvent('seal_taken_out', {}, { seatId });
  return (
    <Framed
      role="alert"
      sx={{
        flex: '1 1 340px',
        fontSize: TYPE.text,
        display: 'flex',
        alignItems: 'center',
        columnGap: 1.5,
        py: 0.25,
        my: 0.5,
      }}
    >
      <Box sx={{ flex: 1, lineHeight: 1.2 }}>
        <b>The old seal at {seatName} is still in.</b> {sealMaterial.toUpperCase()} takes{' '}
        {asText(showTemperature(LIMIT_C[sealMaterial], units))} and is heated with the casting.
      </Box>
      <Button
        variant="outlined"
        sx={{ minHeight: 48, whiteSpace: 'nowrap' }}
        onClick={() => takeSealOut(casting.seats.find(({ name }) => name === seatName)!)}
      >
        It is out
      </Button>
    </Framed>
  );
}
