'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { pickShims, type ShimPick } from '@/core/job/floatShims';
import type { FloatView } from '@/core/job/floatView';
import { asText, showFit, showSize, type Units } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { useStockHere } from '@/bench/record/useStockHere';
import { Column } from '@/ui/parts/layout';
import { Note, Quiet } from '@/ui/parts/text';

const sum = (list: readonly number[], units: Units) =>
  list.length === 0 ? 'none' : list.map((mm) => showSize(mm, units, 2).figure).join(' + ');

const hasPieces = ({ leftMm, rightMm }: ShimPick) => leftMm.length + rightMm.length > 0;

/** Shims from the shelf, the nearest to the middle of what is wanted first; split so that the shaft stands in the middle. */
export function ShimPicks({ view, units }: { view: FloatView; units: Units }) {
  const { addEvent } = useJob();
  const stock = useStockHere();
  const picks = useMemo(() => pickShims(view, stock), [view, stock]);
  const take = ({ leftMm, rightMm }: Pick<ShimPick, 'leftMm' | 'rightMm'>) =>
    addEvent('shims_chosen', { floatKey: view.float.key, leftMm, rightMm }, {});
  const { shims } = view.done;
  const isBestWithout = picks.ok && picks.value.length > 0 && !hasPieces(picks.value[0]!);
  return (
    <Column data-testid="shim-picks" sx={{ gap: 0.5, alignItems: 'flex-start' }}>
      {isBestWithout && !shims && (
        <Note>Without shims it comes nearest to the middle of what is wanted.</Note>
      )}
      {picks.ok &&
        picks.value.filter(hasPieces).map((pick) => (
          <Button
            key={`${pick.leftMm.join()}|${pick.rightMm.join()}`}
            variant="outlined"
            sx={{ justifyContent: 'flex-start', textAlign: 'left' }}
            onClick={() => take(pick)}
          >
            <Box>
              Left {sum(pick.leftMm, units)}, right {sum(pick.rightMm, units)}
              <Quiet component="div">leaves {asText(showFit(pick.roomMm, units))} on the bench</Quiet>
            </Box>
          </Button>
        ))}
      {picks.ok && stock.every(({ sort }) => sort !== 'shim') && <Note>No shims lie on the shelf.</Note>}
      {!picks.ok && <Note>What is missing is more than shims can fill: read the chain again.</Note>}
      {shims && (
        <Button variant="text" onClick={() => take({ leftMm: [], rightMm: [] })}>
          Without shims again
        </Button>
      )}
    </Column>
  );
}
