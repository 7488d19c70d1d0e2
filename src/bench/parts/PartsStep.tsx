'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { checkCount, type CountCheck } from '@/core/parts/comparePart';
import type { PlanPart } from '@/core/record/plan';
import { useJob } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { token, TYPE } from '@/ui/theme/tokens';
import { CONVERSION_WORDS, ORDER_WORDS, SORT_WORDS } from '@/ui/words/work';
import { Lead, Quiet, Text } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';
import type { OrderNote } from '@/core/parts/orders';
import type { EventBody } from '@/core/record/entries';

const OrderForm = later(() => import('./OrderForm'), 'OrderForm');

/** Every part that the job needs: counted, original or pattern, on its way or here. A row opens for its order and what it changes. */
export function PartsStep({ seatId }: { seatId: SeatId }) {
  const { job, record } = useJob();
  const [openKey, setOpenKey] = useState<string | null>(null);
  const { parts } = job.plan;
  const here = parts.filter((part) => part.seatId === seatId);
  const rest = parts.filter((part) => part.seatId !== seatId);
  const seatName = record.castings.flatMap(({ seats }) => seats).find(({ id }) => id === seatId)?.name;
  const rows = (list: readonly PlanPart[]) =>
    list.map((part) => (
      <PartRow
        key={part.key}
        part={part}
        isOpen={openKey === part.key}
        onToggle={() => setOpenKey(openKey === part.key ? null : part.key)}
      />
    ));
  return (
    <Box data-testid="parts" sx={{ pr: 1 }}>
      {here.length > 0 && <Typography variant="h3">{seatName}</Typography>}
      {rows(here)}
      <Typography variant="h3" sx={{ mt: 2 }}>
        {here.length > 0 ? 'The rest of the kit' : 'The kit'}
      </Typography>
      {rows(rest)}
      {parts.length === 0 && <Text>No parts are listed for this job.</Text>}
    </Box>
  );
}

const COUNT_WORDS = {
  right: 'all here',
  missing: 'missing',
  extra: 'too many',
  not_counted: 'not counted',
} as const;

function PartRow({ part, isOpen, onToggle }: { part: PlanPart; isOpen: boolean; onToggle: () => void }) {
  const { job, addEvent } = useJob();
  const { work } = job;
  const needed = part.count * (part.isSpent ? 2 : 1);
  const counted = work.counted[part.key] ?? null;
  const check = checkCount(needed, counted);
  const order = work.orders[part.key]?.at(-1);
  const origin = work.origins[part.key] ?? null;
  const conversion = work.conversions[part.key];
  const count = (to: number) =>
    addEvent('kit_counted', { partKey: part.key, count: Math.max(0, Math.min(99, to)) });
  return (
    <Ruled data-part={part.key} data-count={check.state} data-order={order?.state}>
      <PartWords
        isOpen={isOpen}
        onToggle={onToggle}
        part={part}
        origin={origin}
        conversion={conversion}
        order={order}
        check={check}
        count={count}
        counted={counted}
        needed={needed}
      />
      {isOpen && (
        <Box sx={{ pb: 1.5, pl: 1, borderLeft: `5px solid ${token('ink')}` }}>
          <ChoiceRow
            label="Part is"
            options={[
              { value: 'original', words: 'original' },
              { value: 'pattern', words: 'pattern' },
            ]}
            value={origin}
            onPick={(value) => addEvent('part_origin_noted', { partKey: part.key, origin: value })}
          />
          <OrderForm part={part} />
          <ChoiceRow
            label="Conversion"
            options={optionsFrom(
              Object.fromEntries(
                Object.entries(CONVERSION_WORDS).map(([key, { name }]) => [key, name]),
              ) as Record<keyof typeof CONVERSION_WORDS, string>,
            )}
            value={conversion?.what ?? null}
            onPick={(what) => addEvent('conversion_noted', { partKey: part.key, what, note: '' })}
          />
          {conversion && (
            <Box sx={{ fontSize: TYPE.small }}>
              <b>It changes the rules:</b> {CONVERSION_WORDS[conversion.what].changes}
            </Box>
          )}
        </Box>
      )}
    </Ruled>
  );
}

type PartWordsProps = {
  isOpen: boolean;
  onToggle: () => void;
  part: PlanPart;
  origin: 'pattern' | 'original' | null;
  conversion: EventBody<'conversion_noted'> | undefined;
  order: OrderNote | undefined;
  check: CountCheck;
  count: (to: number) => string | null;
  counted: number | null;
  needed: number;
};

const PART_LINE = {
  display: 'flex',
  flexWrap: { xs: 'wrap', sm: 'nowrap' },
  justifyContent: 'flex-end',
  alignItems: 'center',
  gap: 1,
  minHeight: 52,
} as const;

/** What the part is, and how it stands with it. */
function PartWords({
  isOpen,
  onToggle,
  part,
  origin,
  conversion,
  order,
  check,
  count,
  counted,
  needed,
}: PartWordsProps) {
  return (
    <Box sx={PART_LINE}>
      <Box
        component="button"
        type="button"
        aria-expanded={isOpen}
        onClick={onToggle}
        sx={{
          all: 'unset',
          cursor: 'pointer',
          flex: { xs: '1 0 100%', sm: 1 },
          minHeight: 48,
          display: 'flex',
          flexDirection: 'column',
          justifyContent: 'center',
          '&:focus-visible': { outline: `3px solid ${token('cold')}` },
        }}
      >
        <Lead sx={{ fontWeight: 650 }}>{part.name}</Lead>
        <Quiet sx={{ fontSize: TYPE.fine }}>
          {SORT_WORDS[part.what]}
          {part.isSpent ? ', two: a failed attempt destroys it' : ''}
          {origin ? `, ${origin}` : ''}
          {conversion ? `, ${CONVERSION_WORDS[conversion.what].name.toLowerCase()}` : ''}
        </Quiet>
      </Box>
      <Box
        sx={{
          fontSize: TYPE.small,
          fontWeight: order?.state === 'wrong' || check.state === 'missing' ? 750 : 500,
          textAlign: 'right',
          minWidth: 96,
        }}
      >
        {order
          ? `${ORDER_WORDS[order.state]}${order.promisedFor && order.state === 'promised' ? ` for ${order.promisedFor}` : ''}`
          : `${COUNT_WORDS[check.state]}${check.state === 'missing' || check.state === 'extra' ? `: ${check.by}` : ''}`}
      </Box>
      <Button
        variant="outlined"
        aria-label={`One fewer ${part.name}`}
        onClick={() => count((counted ?? 0) - 1)}
        sx={{ minWidth: 48, minHeight: 48, px: 0 }}
      >
        −
      </Button>
      <Box sx={{ width: 52, textAlign: 'center', fontSize: TYPE.name, fontWeight: 750 }}>
        {counted ?? '–'}/{needed}
      </Box>
      <Button
        variant="outlined"
        aria-label={`One more ${part.name}`}
        onClick={() => count((counted ?? 0) + 1)}
        sx={{ minWidth: 48, minHeight: 48, px: 0 }}
      >
        +
      </Button>
    </Box>
  );
}
