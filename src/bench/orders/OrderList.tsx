'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { OrderLine } from '@/core/parts/orders';
import { findShort, type Short } from '@/core/tools/short';
import type { StockItem } from '@/core/tools/stock';
import { TapLink } from '@/ui/parts/TapLink';
import { PlaceFrame, type PlaceProps } from '@/bench/frame/PlaceFrame';
import { useShop } from '@/bench/record/useShop';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { ORDER_WORDS } from '@/ui/words/work';
import { Ruled } from '@/ui/parts/layout';
import { Lead } from '@/ui/parts/text';

/** What changes the list. */
const SHOWN_HERE = ['order_noted', 'job_put_away'] as const;

/** Every part that is ordered, on its way, here or wrong, over all jobs; the late ones first. */
export function OrderList({
  lines,
  stock: stockSaid,
  ...place
}: PlaceProps & { lines: readonly OrderLine[]; stock: readonly StockItem[] }) {
  const { stock } = useShop({ stock: stockSaid }, place.nowMs);
  return (
    <PlaceFrame
      here="Bench"
      shows={SHOWN_HERE}
      title="Orders"
      subtitle={`${lines.filter(({ state }) => state === 'ordered' || state === 'promised').length} on their way`}
      {...place}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, my: 2 }}>
        <Box
          component="h1"
          sx={{ m: 0, fontSize: TYPE.headline, fontWeight: 800, fontStretch: STRETCH.headline, flex: 1 }}
        >
          {headline(lines)}
        </Box>
        <Button variant="outlined" component="a" href="/api/v1/orders.csv" className="no-print">
          As CSV
        </Button>
      </Box>
      {lines.length === 0 ? (
        <Lead>Nothing is on order. A part is ordered from the Parts step of its job.</Lead>
      ) : (
        <Box
          component="table"
          data-testid="orders"
          sx={{
            width: '100%',
            borderCollapse: 'collapse',
            fontSize: { xs: TYPE.small, sm: TYPE.lead },
            '& th': { textAlign: 'left', fontSize: TYPE.fine, fontWeight: 450, color: token('steel') },
            '& td, & th': { py: 1, pr: { xs: 1, sm: 2 }, borderBottom: `1px solid ${token('rule')}` },
          }}
        >
          <thead>
            <tr>
              <th>part</th>
              <th>number</th>
              <th>state</th>
              <th>promised for</th>
              <th>job</th>
            </tr>
          </thead>
          <OrderRows lines={lines} />
        </Box>
      )}
      <RunningShort short={findShort(stock)} />
    </PlaceFrame>
  );
}

/** Spares that should lie here just in case, by where they come from. */
const RunningShort = ({ short }: { short: readonly Short[] }) =>
  short.length > 0 && (
    <Box component="section" data-testid="running-short" sx={{ mt: 4 }}>
      <Typography variant="h2">Running short in stock</Typography>
      {short.map(({ supplier, items }) => (
        <Ruled key={supplier} sx={{ py: 1, fontSize: TYPE.lead }}>
          <b>{supplier || 'No supplier said'}:</b>{' '}
          {items.map(({ item, by }) => `${by} × ${item.name}`).join(', ')}
        </Ruled>
      ))}
    </Box>
  );

type OrderRowsProps = {
  lines: readonly OrderLine[];
};

function OrderRows({ lines }: OrderRowsProps) {
  return (
    <tbody>
      {lines.map(
        ({ part, jobId, jobNumber, machine, state, kitNumber, promisedFor, isLate, wasWrongBefore }) => (
          <tr key={`${jobId}${part.key}`} data-late={isLate || undefined}>
            <td>
              <b>{part.name}</b>
              {part.count > 1 ? ` × ${part.count}` : ''}
            </td>
            <td>
              {kitNumber}
              {wasWrongBefore && (
                <Box component="b" sx={{ display: 'block', fontSize: TYPE.small }}>
                  came wrong before
                </Box>
              )}
            </td>
            <td>{ORDER_WORDS[state]}</td>
            <td>
              {promisedFor ?? ''}
              {isLate && (
                <Box component="b" sx={{ display: 'block', fontSize: TYPE.small }}>
                  late
                </Box>
              )}
            </td>
            <td>
              <TapLink href={`/jobs/${jobId}`}>
                {machine}, job {jobNumber}
              </TapLink>
            </td>
          </tr>
        ),
      )}
    </tbody>
  );
}

function headline(lines: readonly OrderLine[]): string {
  const late = lines.filter(({ isLate }) => isLate).length;
  const wrong = lines.filter(({ state }) => state === 'wrong').length;
  if (late > 0) return `Ask after ${late === 1 ? 'one part' : `${late} parts`}: promised and not here.`;
  if (wrong > 0) return `Send back ${wrong === 1 ? 'one part' : `${wrong} parts`} that came wrong.`;
  return lines.length === 0 ? 'Nothing is on order.' : 'Everything is on its way.';
}
