import Box from '@mui/material/Box';
import type { HeatItem } from '@/core/board/heatItems';
import type { Person } from '@/core/record/person';
import { StateMark } from '@/ui/marks/StateMark';
import { Link } from '@/ui/parts/Link';
import { Note, Text } from '@/ui/parts/text';
import { HEAT_LINE_PX, STRETCH, token, TYPE } from '@/ui/theme/tokens';

/** Where one goes on with what is hot or cold. */
export const pathOfHeat = ({ jobId, seatId, at }: HeatItem): string =>
  seatId ? `/jobs/${jobId}/${seatId}/${at}` : `/jobs/${jobId}`;

type HeatItemLinkProps = {
  item: HeatItem;
  isCold: boolean;
  isForgotten: boolean;
  words: string;
  people: readonly Person[];
  clock: string;
  isLine: boolean;
};

/** One thing that is hot or cold, with its clock; leads to its run. */
export function HeatItemLink({ item, isCold, isForgotten, words, people, clock, isLine }: HeatItemLinkProps) {
  const tall = { xs: HEAT_LINE_PX, sm: isLine ? HEAT_LINE_PX : 60 };
  return (
    <Box
      component={Link}
      href={pathOfHeat(item)}
      sx={{
        display: 'flex',
        position: 'relative',
        alignItems: 'center',
        gap: { xs: 0.5, sm: 1.5 },
        color: token('ink'),
        textDecoration: 'none',
        whiteSpace: 'nowrap',
        minHeight: tall,
        // A long name gives way to the clocks: those must be read.
        minWidth: { xs: 0, lg: 220 },
        flex: '0 1 auto',
      }}
    >
      <StateMark name={isCold ? 'cold' : 'hot'} size={isLine ? 26 : 34} />
      <Box
        sx={{
          lineHeight: 1.15,
          minWidth: 0,
          // On a phone there is room for the clocks alone; who listens hears the name all the same.
          position: { xs: 'absolute', sm: 'static' },
          left: 0,
          clipPath: { xs: 'inset(50%)', sm: 'none' },
          width: { xs: 1, sm: 'auto' },
          '& > *': { overflow: 'hidden', textOverflow: 'ellipsis' },
        }}
      >
        <Text sx={{ fontWeight: 700 }}>
          {item.name}, {item.machine}
        </Text>
        <Note sx={{ display: { xs: 'none', sm: isLine ? 'none' : 'block' } }}>
          {isForgotten ? 'forgotten? ' : ''}
          {words} · {people.find(({ id }) => id === item.personId)?.initials ?? ''}
        </Note>
      </Box>
      <Box
        sx={{
          fontSize: { xs: TYPE.title, sm: isLine ? TYPE.head : TYPE.headline },
          fontWeight: 700,
          fontStretch: STRETCH.headline,
          color: isCold ? token('cold') : token('heat'),
          lineHeight: 1,
        }}
        suppressHydrationWarning
      >
        {clock}
      </Box>
    </Box>
  );
}

/** The board, where the rest of them stands; on a narrow screen only if there is a rest. */
export const ToTheBoard = ({ more }: { more: number }) => (
  <Box
    component={Link}
    href="/heat"
    sx={{
      display: more > 0 ? 'flex' : { xs: 'none', md: 'flex' },
      alignItems: 'center',
      minHeight: 48,
      fontWeight: 700,
      color: token('ink'),
      whiteSpace: 'nowrap',
    }}
  >
    {more > 0 ? `and ${more} more` : 'Heat board'}
  </Box>
);
