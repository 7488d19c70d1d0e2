import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { showSize, type Units } from '@/core/quantity/format';
import { STOCK_SORTS } from '@/core/tools/sorts';
import type { StockItem } from '@/core/tools/stock';
import { token, TYPE } from '@/ui/theme/tokens';
import { Lead, Quiet } from '@/ui/parts/text';
import { STOCK_SORT_WORDS } from '@/ui/words/work';

const sizesOf = ({ insideMm, outsideMm, widthMm }: StockItem, units: Units): string =>
  [insideMm, outsideMm, widthMm].map((mm) => (mm === null ? '–' : showSize(mm, units, 2).figure)).join(' × ');

/** Just in case: how many are missing to what should always lie here. */
function shortWords({ count, keepAtLeast = 0 }: StockItem): string {
  if (keepAtLeast === 0) return '';
  return count < keepAtLeast ? `short by ${keepAtLeast - count}` : `keeps ${keepAtLeast}`;
}

type Props = {
  stock: readonly StockItem[];
  units: Units;
  onPick: (item: StockItem | 'new') => void;
  onCount: (item: StockItem, count: number) => void;
};

/** What is used up: in its drawers by sort, counted by a tap. */
export function StockList({ stock, units, onPick, onCount }: Props) {
  return (
    <Box sx={{ mt: 3 }} data-testid="stock">
      <Box sx={{ display: 'flex', alignItems: 'end', borderBottom: `4px solid ${token('ink')}` }}>
        <Typography variant="h3" component="h2" sx={{ flex: 1 }}>
          in stock
        </Typography>
        <Button variant="text" onClick={() => onPick('new')}>
          Lay something in
        </Button>
      </Box>
      {stock.length === 0 && (
        <Lead sx={{ my: 1 }}>Nothing lies here yet: shims, spare bearings, seals, O-rings.</Lead>
      )}
      {STOCK_SORTS.flatMap((sort) => stock.filter((item) => item.sort === sort)).map((item) => (
        <Box
          key={item.id}
          data-stock={item.name}
          sx={{
            display: 'flex',
            flexWrap: { xs: 'wrap', md: 'nowrap' },
            alignItems: 'center',
            gap: 1.5,
            minHeight: 60,
            borderBottom: `1px solid ${token('rule')}`,
            fontSize: TYPE.lead,
          }}
        >
          <Button
            variant="text"
            onClick={() => onPick(item)}
            sx={{ flex: 1, justifyContent: 'flex-start', px: 0, fontSize: TYPE.lead }}
          >
            {item.name}
          </Button>
          <Quiet sx={{ width: { xs: '100%', md: 230 } }}>
            {STOCK_SORT_WORDS[item.sort]}
            {item.supplier ? `, ${item.supplier}` : ''}
          </Quiet>
          <Box sx={{ width: 130, fontWeight: 700 }} data-testid="short">
            {shortWords(item)}
          </Box>
          <Quiet sx={{ width: { xs: '100%', md: 220 } }}>
            {sizesOf(item, units)} {showSize(1, units).unit}
          </Quiet>
          <Button
            variant="outlined"
            aria-label={`One ${item.name} less`}
            disabled={item.count === 0}
            onClick={() => onCount(item, item.count - 1)}
          >
            −
          </Button>
          <Box sx={{ width: 48, textAlign: 'center', fontWeight: 800 }} data-testid="count">
            {item.count}
          </Box>
          <Button
            variant="outlined"
            aria-label={`One ${item.name} more`}
            onClick={() => onCount(item, item.count + 1)}
          >
            +
          </Button>
        </Box>
      ))}
    </Box>
  );
}
