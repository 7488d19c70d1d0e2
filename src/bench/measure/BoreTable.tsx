'use client';
import Box from '@mui/material/Box';
import { showSize, type Units } from '@/core/quantity/format';
import type { CurrentReading } from '@/core/project/readings';
import { slotOf, slotText } from '@/core/record/slots';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { acrossWords } from '@/ui/words/slots';

const cell = {
  fontSize: TYPE.lead,
  fontWeight: 700,
  fontStretch: STRETCH.headline,
  textAlign: 'right' as const,
  minHeight: 28,
  // A thumb in a glove, or the tip of a pointer.
  '@media (pointer: coarse)': { minHeight: 48, minWidth: 64 },
  px: 0.75,
  cursor: 'pointer',
  border: 0,
  background: 'none',
  color: 'inherit',
  fontFamily: 'inherit',
};

type AngleHeadProps = {
  angles: number[];
};

/** Where the gauge lies: the clock of the bore. */
export function AngleHead({ angles }: AngleHeadProps) {
  return (
    <thead>
      <tr>
        <Box
          component="th"
          sx={{ textAlign: 'left', fontWeight: 450, fontSize: TYPE.fine, color: token('steel') }}
        >
          bore
        </Box>
        {angles.map((angle) => (
          <Box
            component="th"
            key={angle}
            sx={{
              textAlign: 'right',
              fontWeight: 450,
              fontSize: TYPE.fine,
              color: token('steel'),
              pr: '6px !important',
            }}
          >
            {acrossWords(angle)}
          </Box>
        ))}
      </tr>
    </thead>
  );
}

type DepthRowsProps = {
  angles: number[];
  slot: string;
  onSlot: (slot: string) => void;
  counting: CurrentReading[];
  keptIds: ReadonlySet<string>;
  units: Units;
  hasThird: boolean;
};

/** The bore at its depths. */
export function DepthRows({ angles, slot, onSlot, counting, keptIds, units, hasThird }: DepthRowsProps) {
  return (
    <tbody>
      {[1, 2].map((plane) => (
        <tr key={plane}>
          <Box component="td" sx={{ fontSize: TYPE.small }}>
            {plane === 1 ? 'near the mouth' : 'near the shoulder'}
          </Box>
          {angles.map((angle) => (
            <td key={angle} style={{ textAlign: 'right' }}>
              <ReadingCell
                name={slotText(slotOf('bore', { plane, angleDeg: angle }))}
                slot={slot}
                onSlot={onSlot}
                readings={counting}
                keptIds={keptIds}
                show={(mm) => showSize(mm, units).figure}
              />
            </td>
          ))}
        </tr>
      ))}
      <Box component="tr" sx={{ borderTop: `1px solid ${token('rule')}` }}>
        <Box component="td" sx={{ fontSize: TYPE.small }}>
          bearing outside
        </Box>
        {[0, 90].map((angle) => (
          <td key={angle} style={{ textAlign: 'right' }}>
            <ReadingCell
              name={slotText(slotOf('outside', { angleDeg: angle }))}
              slot={slot}
              onSlot={onSlot}
              readings={counting}
              keptIds={keptIds}
              show={(mm) => showSize(mm, units).figure}
            />
          </td>
        ))}
        {hasThird && <td />}
      </Box>
    </tbody>
  );
}

function ReadingCell({
  name,
  slot,
  onSlot,
  readings,
  keptIds,
  show,
}: {
  name: string;
  slot: string;
  onSlot: (slot: string) => void;
  readings: readonly CurrentReading[];
  keptIds: ReadonlySet<string>;
  show: (mm: number) => string;
}) {
  const reading = readings.find((each) => each.slot === name);
  const isWaiting = slot === name;
  const isKept = reading !== undefined && keptIds.has(reading.id);
  return (
    <Box
      component="button"
      tabIndex={-1}
      onClick={() => onSlot(name)}
      data-slot={name}
      data-stored={reading ? !isKept : undefined}
      title={reading ? (isKept ? 'kept here, not yet sent' : 'stored') : undefined}
      sx={{
        ...cell,
        ...(isWaiting && !reading
          ? { backgroundColor: token('block'), color: token('onBlock'), fontWeight: 500 }
          : isWaiting
            ? { boxShadow: `inset 0 0 0 2px ${token('ink')}` }
            : {}),
      }}
    >
      {reading ? show(reading.value) : isWaiting ? 'waiting' : '—'}
      {isKept && (
        <Box component="span" sx={{ fontSize: TYPE.fine, fontWeight: 500, ml: 0.5 }}>
          kept here
        </Box>
      )}
    </Box>
  );
}
