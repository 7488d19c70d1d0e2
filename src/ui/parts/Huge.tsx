import Box, { type BoxProps } from '@mui/material/Box';
import { STRETCH, TYPE } from '@/ui/theme/tokens';

/** The one thing of a screen that is read from two metres. */
export const Huge = (props: BoxProps) => (
  <Box
    component="h1"
    {...props}
    sx={{
      m: 0,
      fontSize: { xs: TYPE.headline, md: 60 },
      fontWeight: 800,
      fontStretch: STRETCH.headline,
      lineHeight: 1,
    }}
  />
);
