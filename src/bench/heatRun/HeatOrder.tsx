import Box from '@mui/material/Box';
import type { CastingDrops } from '@/core/board/castingDrops';
import type { SeatId } from '@/core/record/ids';
import { Row } from '@/ui/parts/layout';
import { Note } from '@/ui/parts/text';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';

type Props = {
  order: CastingDrops;
  shownId: SeatId;
  isOut: boolean;
  onPick: (seatId: SeatId) => void;
};

/** What still goes into this casting at this heat, in the order in which none is late; a tap takes another one first. */
export const HeatOrder = ({ order, shownId, isOut, onPick }: Props) => (
  <Row role="group" aria-label="In this order" data-testid="heat-order" sx={{ columnGap: 0.75 }}>
    {order.drops.map(({ seatId, name, slackS, heat, isTurnedOver }, i) => {
      const isShown = seatId === shownId;
      const seconds = slackS === null ? 'any time' : `${Math.max(0, Math.floor(slackS))} s`;
      return (
        <Box
          component="button"
          type="button"
          key={seatId}
          aria-pressed={isShown}
          onClick={() => onPick(seatId)}
          sx={{
            all: 'unset',
            boxSizing: 'border-box',
            cursor: 'pointer',
            minHeight: 48,
            px: 1.25,
            display: 'flex',
            alignItems: 'center',
            gap: 0.75,
            fontSize: TYPE.name,
            fontWeight: 750,
            fontStretch: STRETCH.headline,
            color: isShown ? token('onBlock') : token('ink'),
            backgroundColor: isShown ? token('block') : 'transparent',
            border: `2px solid ${token('ink')}`,
            '&:focus-visible': { outline: `3px solid ${token('cold')}`, outlineOffset: 2 },
          }}
        >
          {i + 1} {isTurnedOver ? 'turn over, ' : ''}
          {name}
          <Note component="span" sx={{ color: 'inherit' }}>
            {heat > 1 ? 'needs another heat' : isOut && slackS !== null ? `${seconds} sure` : seconds}
          </Note>
        </Box>
      );
    })}
  </Row>
);
