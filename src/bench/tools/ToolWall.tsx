'use client';
import type { JobId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import Typography from '@mui/material/Typography';
import { Link } from '@/ui/parts/Link';
import { useMemo, useState } from 'react';
import type { Instrument } from '@/core/record/instrument';
import type { Seat } from '@/core/record/job';
import type { Thresholds } from '@/core/heat/mildest';
import { isAtHand } from '@/core/tools/atHand';
import { pickTools, type ToolNeed } from '@/core/tools/pickTools';
import { TOOL_SORTS } from '@/core/tools/sorts';
import type { StockItem } from '@/core/tools/stock';
import type { Tool } from '@/core/tools/tool';
import type { ShopEdit } from '@/core/record/shopEdits';
import { asText, showSize, type Units } from '@/core/quantity/format';
import { PlaceFrame, type PlaceProps } from '@/bench/frame/PlaceFrame';
import { usePerson } from '@/bench/record/hooks';
import { keepShopEdit, useShop } from '@/bench/record/useShop';
import { useLoaded } from '@/bench/record/useLoaded';
import { token, TYPE } from '@/ui/theme/tokens';
import { TOOL_NEED_WORDS, TOOL_SORT_WORDS } from '@/ui/words/work';
import { InstrumentList } from './InstrumentList';
import { PusherPanel } from './PusherPanel';
import { ShopName } from './ShopName';
import { ShopRules } from './ShopRules';
import { StockList } from './StockList';
import { ToolRow } from './ToolRow';
import { Lead } from '@/ui/parts/text';

export type SeatOfJob = {
  seat: Seat;
  machine: string;
  jobId: JobId;
  planned: { housingC: number; ringC: number } | null;
};
type Props = PlaceProps & {
  tools: readonly Tool[];
  stock: readonly StockItem[];
  instruments: readonly Instrument[];
  rules: Thresholds;
  shopName: string;
  forSeat: SeatOfJob | null;
};

const UNDO_MS = 60_000;
/** The forms, and what checks them, come after the first drawing: they are there when the server has gone away meanwhile. */
const loadToolForm = () => import('./ToolForm');
const loadStockForm = () => import('./StockForm');

/** Things that were taken away and may come back: putting one back is a change like any other. */
type Taken = { name: string; from: string; back: ShopEdit };

/** The tool wall: everything by its diameter, on one scale; what serves the picked seat stands out, what is missing is named. */
export function ToolWall({
  tools: toolsSaid,
  stock: stockSaid,
  instruments: instrumentsSaid,
  rules: rulesSaid,
  shopName,
  forSeat,
  ...place
}: Props) {
  const said = { tools: toolsSaid, stock: stockSaid, instruments: instrumentsSaid, rules: rulesSaid };
  const { tools, stock, instruments, rules } = useShop(said, place.nowMs);
  const person = usePerson(place.people);
  const units = person?.units ?? 'metric';
  const [editing, setEditing] = useState<Tool | 'new' | null>(null);
  const [laying, setLaying] = useState<StockItem | 'new' | null>(null);
  const [taken, setTaken] = useState<Taken | null>(null);
  const needs = useMemo(
    () =>
      forSeat ? pickTools({ spec: forSeat.seat.spec, planned: forSeat.planned }, tools.filter(isAtHand)) : [],
    [forSeat, tools],
  );
  const fits = new Set(needs.flatMap((need) => need.fits.map(({ id }) => id)));
  const nearly = new Map(needs.flatMap((need) => need.nearly.map(({ tool, by }) => [tool.id, by] as const)));
  const missing = needs.filter((need) => need.fits.length === 0);
  return (
    <PlaceFrame here="Bench" title="Tool wall" subtitle={`${tools.length} tools`} {...place}>
      <WallHead forSeat={forSeat} missing={missing} setEditing={setEditing} />
      {forSeat && <SeatNeeds needs={needs} units={units} forSeat={forSeat} missing={missing} />}
      {TOOL_SORTS.map((sort) => {
        const those = tools.filter((tool) => tool.sort === sort);
        return (
          those.length > 0 && (
            <ToolRow
              key={sort}
              title={TOOL_SORT_WORDS[sort]}
              tools={those}
              units={units}
              fits={fits}
              nearly={nearly}
              isPicking={forSeat !== null}
              onPick={setEditing}
            />
          )
        );
      })}
      {tools.length === 0 && (
        <Lead sx={{ my: 2 }} data-testid="wall-empty">
          Nothing hangs here yet. With the first driver, each seat says whether it serves.
        </Lead>
      )}
      <StockList
        stock={stock}
        units={units}
        onPick={setLaying}
        onCount={(item, count) => keepShopEdit({ what: 'stock', item: { ...item, count } })}
      />
      <InstrumentList
        instruments={instruments.filter(({ isOff }) => !isOff)}
        units={units}
        nowMs={place.nowMs}
        onTakenOff={(instrument) =>
          setTaken({
            name: instrument.name,
            from: 'not here any more',
            back: { what: 'instrument', instrument },
          })
        }
      />
      <ShopRules rules={rules} />
      <ShopName name={shopName} />
      <EditedTool editing={editing} units={units} setEditing={setEditing} setTaken={setTaken} />
      <EditedItem laying={laying} units={units} setLaying={setLaying} setTaken={setTaken} />
      <TakenOff taken={taken} setTaken={setTaken} />
    </PlaceFrame>
  );
}

type EditedToolProps = {
  editing: Tool | 'new' | null;
  units: Units;
  setEditing: (next: null) => void;
  setTaken: (next: Taken) => void;
};

function EditedTool({ editing, units, setEditing, setTaken }: EditedToolProps) {
  const form = useLoaded(loadToolForm, editing ? 'now' : 'spare');
  return (
    editing &&
    form && (
      <form.ToolForm
        key={editing === 'new' ? 'new' : editing.id}
        tool={editing === 'new' ? null : editing}
        units={units}
        onClose={() => setEditing(null)}
        onSave={(tool) => {
          keepShopEdit({ what: 'tool', tool });
          setEditing(null);
        }}
        onTakeOff={(tool) => {
          keepShopEdit({ what: 'tool_off', tool });
          setTaken({ name: tool.name, from: 'off the wall', back: { what: 'tool', tool } });
          setEditing(null);
        }}
      />
    )
  );
}

type EditedItemProps = {
  laying: StockItem | 'new' | null;
  units: Units;
  setLaying: (next: null) => void;
  setTaken: (next: Taken) => void;
};

function EditedItem({ laying, units, setLaying, setTaken }: EditedItemProps) {
  const form = useLoaded(loadStockForm, laying ? 'now' : 'spare');
  return (
    laying &&
    form && (
      <form.StockForm
        key={laying === 'new' ? 'new' : laying.id}
        item={laying === 'new' ? null : laying}
        units={units}
        onClose={() => setLaying(null)}
        onSave={(item) => {
          keepShopEdit({ what: 'stock', item });
          setLaying(null);
        }}
        onTakeOff={(item) => {
          keepShopEdit({ what: 'stock_off', item });
          setTaken({ name: item.name, from: 'out of stock', back: { what: 'stock', item } });
          setLaying(null);
        }}
      />
    )
  );
}

type WallHeadProps = {
  forSeat: SeatOfJob | null;
  missing: ToolNeed[];
  setEditing: (next: 'new') => void;
};

function WallHead({ forSeat, missing, setEditing }: WallHeadProps) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mt: 2 }}>
      <Typography variant="h1" sx={{ flex: 1 }}>
        {forSeat
          ? missing.length === 0
            ? `All that the ${forSeat.seat.name.toLowerCase()} needs hangs here.`
            : `Missing: ${missing.map(({ need }) => TOOL_NEED_WORDS[need]).join(', ')}.`
          : 'What hangs on the wall.'}
      </Typography>
      <Button variant="outlined" onClick={() => setEditing('new')}>
        Hang a tool up
      </Button>
    </Box>
  );
}

type SeatNeedsProps = {
  needs: ToolNeed[];
  units: Units;
  forSeat: SeatOfJob;
  missing: ToolNeed[];
};

/** What the seat asks for, and what on the wall serves. */
function SeatNeeds({ needs, units, forSeat, missing }: SeatNeedsProps) {
  return (
    <Box data-testid="needs" sx={{ mt: 1, mb: 1 }}>
      {needs.map((need) => (
        <Lead key={need.need} data-need={need.need} data-fits={need.fits.length} sx={{ minHeight: 30 }}>
          <b>{TOOL_NEED_WORDS[need.need]}</b>
          {need.need === 'heat' || need.need === 'cold'
            ? ''
            : `, ${asText(showSize(need.min, units, 1))} to ${asText(showSize(need.max, units, 1))}`}
          :{' '}
          {need.fits[0]
            ? need.fits
                .slice(0, 3)
                .map(({ name }) => name)
                .join(', ')
            : `none${need.nearly[0] ? `; ${need.nearly[0].tool.name} is off by ${asText(showSize(need.nearly[0].by, units, 1))}` : ''}. Buy, rent, borrow or make`}
        </Lead>
      ))}
      <Link
        href={`/jobs/${forSeat.jobId}/${forSeat.seat.id}/way-in`}
        style={{ color: token('ink'), fontSize: TYPE.text }}
      >
        Back to the {forSeat.machine}
      </Link>
      {missing.some(({ need }) => need === 'driver') && <PusherPanel seat={forSeat.seat} units={units} />}
    </Box>
  );
}

type TakenOffProps = { taken: Taken | null; setTaken: (next: null) => void };

/** What was taken away may come back. */
function TakenOff({ taken, setTaken }: TakenOffProps) {
  return (
    <Snackbar
      open={taken !== null}
      autoHideDuration={UNDO_MS}
      onClose={(_, reason) => {
        if (reason !== 'clickaway') setTaken(null);
      }}
      transitionDuration={0}
      anchorOrigin={{ vertical: 'top', horizontal: 'center' }}
      message={taken ? `${taken.name} is ${taken.from}.` : ''}
      action={
        <Button
          sx={{
            color: token('onBlock'),
            minHeight: 48,
            textDecoration: 'underline',
            textUnderlineOffset: 4,
          }}
          onClick={() => {
            if (taken) keepShopEdit(taken.back);
            setTaken(null);
          }}
        >
          Undo
        </Button>
      }
    />
  );
}
