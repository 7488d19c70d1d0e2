import Box, { type BoxProps } from '@mui/material/Box';

/** A Box with a look of its own; what a place adds comes after it. */
export const dressed = (look: object) =>
  function Dressed({ sx = {}, ...rest }: BoxProps) {
    return <Box {...rest} sx={[look, ...(Array.isArray(sx) ? sx : [sx])]} />;
  };
