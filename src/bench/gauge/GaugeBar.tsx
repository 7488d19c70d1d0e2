'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { checkReading } from '@/core/job/checkReading';
import { countingReadings } from '@/core/job/currentReadings';
import { parseMetalTemperature } from '@/core/job/metalTemperature';
import { showSize } from '@/core/quantity/format';
import type { Instrument } from '@/core/record/job';
import { playCall } from '@/bench/frame/sounds';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { sayIssue } from '@/ui/words/issues';
import { SlotPicture } from './SlotPicture';
import { useGauge } from './useGauge';
import { Name, Quiet } from '@/ui/parts/text';

const KeyPad = later(() => import('@/ui/fields/KeyPad'), 'KeyPad');

export type GaugeSlot = { slot: string; label: string; angleDeg: number; instrumentKind: Instrument['kind'] };

const MOVES: Partial<Record<string, 1 | -1>> = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 };

/** More slots than this stand side by side at 1280 px only without their pictures. */
const MOST_WITH_PICTURES = 6;

type Props = { seatId: string; slots: readonly GaugeSlot[]; slot: string; onSlot: (slot: string) => void };

/** The slot after this one that has no reading yet; else the next in the row. */
function slotAfter(slots: readonly GaugeSlot[], current: string, taken: ReadonlySet<string>): string {
  const index = slots.findIndex(({ slot }) => slot === current);
  const later = [...slots.slice(index + 1), ...slots.slice(0, index)];
  return later.find(({ slot }) => !taken.has(slot))?.slot ?? slots[index + 1]?.slot ?? current;
}

/** The strip that takes readings: what the gauge shows, the slots, and the waiting one in black. A number and Enter moves on. */
export function GaugeBar({ seatId, slots, slot, onSlot }: Props) {
  const { record, addReading, addEvent, person, askPerson, keptIds } = useJob();
  const view = useSeatView(seatId);
  const units = person?.units ?? 'metric';
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [pad, setPad] = useState<'reading' | 'metal' | null>(null);
  const [metalC, setMetalC] = useState(record.roomC);
  const [isByHand, setByHand] = useState(false);
  const [movingFrom, setMovingFrom] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);

  const here = slots.find((each) => each.slot === slot) ?? slots[0]!;
  const simulated =
    record.instruments.find(({ kind, isSimulated }) => kind === here.instrumentKind && isSimulated) ?? null;
  const byHand = record.instruments.find(({ kind }) => kind === 'by_hand') ?? null;
  const castingId = view?.casting.id ?? '';
  const target = useMemo(
    () => ({ jobId: record.id, seatId, castingId, slot: here.slot }),
    [record.id, seatId, castingId, here.slot],
  );
  const gauge = useGauge(isByHand ? null : (simulated?.id ?? null), target);
  const counting = useMemo(() => countingReadings(view?.readings ?? [], ''), [view?.readings]);
  const readingIn = (name: string) => counting.find((reading) => reading.slot === name);

  // A gauge types like a keyboard: whatever has the focus, its digits go into the waiting slot.
  useEffect(() => {
    const onKey = (event: globalThis.KeyboardEvent) => {
      const isElsewhere =
        event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey || event.altKey;
      if (!isElsewhere && pad === null && /^[\d.,-]$/.test(event.key)) input.current?.focus();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [pad]);
  useEffect(() => {
    input.current?.focus({ preventScroll: true });
    document
      .querySelector('[role="listbox"] [aria-selected="true"]')
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [here.slot]);

  if (!view) return null;
  const isCrowded = slots.length > MOST_WITH_PICTURES;
  const keptHere = counting.filter(({ id }) => keptIds.has(id)).length;

  /** @returns what is wrong, or null when it was taken */
  const take = (typed: string, instrumentId: string | undefined, atC: number): string | null => {
    if (!person) {
      askPerson();
      return 'Say first who is at the bench.';
    }
    const checked = checkReading({
      slot: here.slot,
      typed,
      seat: view.seat,
      lengthUnit: units === 'imperial' ? 'in' : 'mm',
      temperatureUnit: units === 'imperial' ? 'F' : 'C',
    });
    if (!checked.ok) {
      playCall('refused');
      return sayIssue(checked.issues[0]!, units);
    }
    if (!instrumentId) return 'This shop has no instrument for typed readings.';
    addReading({
      slot: here.slot,
      typed,
      value: checked.value,
      instrumentId,
      metalC: atC,
      seatId,
      castingId: null,
    });
    playCall('tick');
    onSlot(slotAfter(slots, here.slot, new Set([...counting.map((reading) => reading.slot), here.slot])));
    return null;
  };
  const takeTyped = (typed: string) => take(typed, byHand?.id, metalC);
  const takeLive = () =>
    gauge.live?.isSteady
      ? take(`${gauge.live.text}${units === 'imperial' ? 'mm' : ''}`, simulated?.id, gauge.live.metalC)
      : 'The gauge is not steady yet.';
  const takeWhatIsThere = () => {
    const wrong = text.trim() === '' && gauge.live ? takeLive() : takeTyped(text);
    setProblem(wrong);
    if (wrong === null) setText('');
  };
  const strike = () => {
    const reading = readingIn(here.slot);
    if (reading)
      addEvent('reading_struck', { readingId: reading.id, reason: 'struck out at the bench' }, { seatId });
  };
  const pick = (name: string) => {
    const moving = movingFrom && counting.find(({ id }) => id === movingFrom);
    if (moving && moving.slot !== name)
      addEvent('reading_moved', { readingId: moving.id, slot: name }, { seatId });
    setMovingFrom(null);
    setProblem(null);
    onSlot(name);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Enter') {
      event.preventDefault();
      takeWhatIsThere();
      return;
    }
    if (text !== '') return;
    const step = MOVES[event.key];
    const next = step && slots[slots.findIndex((each) => each.slot === here.slot) + step];
    if (next) {
      event.preventDefault();
      pick(next.slot);
    }
    if (event.key === 'Delete') {
      event.preventDefault();
      strike();
    }
  };
  const hasReading = readingIn(here.slot) !== undefined;
  // The waiting reading is black; when none waits, the black block belongs to something else on the screen.
  const isWaiting = slots.some((each) => readingIn(each.slot) === undefined);
  const [ground, ink] = isWaiting ? [token('block'), token('onBlock')] : [token('shade'), token('ink')];

  return (
    <Box
      className="no-print"
      sx={{
        mx: -4,
        position: 'sticky',
        bottom: 0,
        borderTop: `2px solid ${token('ink')}`,
        backgroundColor: token('plate'),
      }}
    >
      {problem && (
        <Box
          role="alert"
          sx={{
            px: 4,
            py: 0.75,
            fontSize: TYPE.lead,
            fontWeight: 700,
            borderBottom: `1px solid ${token('rule')}`,
          }}
          data-testid="reading-problem"
        >
          {slotLabel(here)}: {problem}
        </Box>
      )}
      <Box
        sx={{
          display: 'flex',
          alignItems: 'stretch',
          minHeight: 76,
          pl: 4,
          flexWrap: { xs: 'wrap', lg: 'nowrap' },
        }}
      >
        <Box sx={{ width: 146, py: 0.5, pr: 1, lineHeight: 1.2, alignSelf: 'center' }}>
          <Box
            component="button"
            onClick={() => setByHand(!isByHand)}
            disabled={!simulated}
            sx={{
              all: 'unset',
              cursor: simulated ? 'pointer' : 'default',
              fontWeight: 700,
              fontSize: TYPE.small,
              textDecoration: simulated ? 'underline' : 'none',
              textUnderlineOffset: 4,
              minHeight: 30,
            }}
          >
            {isByHand || !simulated ? (byHand?.name ?? 'Typed by hand') : simulated.name}
          </Box>
          <Box
            component="button"
            onClick={() => setPad('metal')}
            sx={{
              all: 'unset',
              cursor: 'pointer',
              display: 'block',
              fontSize: TYPE.fine,
              color: token('steel'),
              minHeight: 24,
            }}
          >
            metal {Math.round(gauge.live?.metalC ?? metalC)} °C
            {keptHere === 0 && counting.length > 0 ? ' · all stored' : ''}
          </Box>
          {keptHere > 0 && (
            <Box role="status" sx={{ fontSize: TYPE.fine, fontWeight: 700, whiteSpace: 'nowrap' }}>
              {keptHere} kept here, not yet sent
            </Box>
          )}
        </Box>
        <Box sx={{ width: 140, alignSelf: 'center', whiteSpace: 'nowrap' }} aria-live="off">
          {gauge.isTaken ? (
            <Button variant="outlined" onClick={gauge.takeBack} sx={{ fontSize: TYPE.small }}>
              Another screen has it: take it back
            </Button>
          ) : (
            <>
              <Box
                component="span"
                data-testid="live-value"
                data-steady={gauge.live?.isSteady ?? false}
                sx={{
                  fontSize: TYPE.headline,
                  fontWeight: 750,
                  fontStretch: STRETCH.headline,
                  color: gauge.live?.isSteady ? token('ink') : token('mid'),
                }}
              >
                {gauge.live?.text ?? (isByHand || !simulated ? 'keys' : '–')}
              </Box>
              {gauge.live && (
                <Box component="span" sx={{ ml: 0.75, color: token('steel') }}>
                  mm
                </Box>
              )}
            </>
          )}
        </Box>
        <Box
          sx={{
            flex: { xs: '1 0 100%', lg: 1 },
            order: { xs: 9, lg: 0 },
            display: 'flex',
            overflowX: 'auto',
            minWidth: 240,
            minHeight: 64,
          }}
          role="listbox"
          aria-label="Slots"
        >
          {slots.map((each) => {
            const isHere = each.slot === here.slot;
            const reading = readingIn(each.slot);
            return (
              <Box
                key={each.slot}
                component="button"
                role="option"
                aria-selected={isHere}
                tabIndex={-1}
                onClick={() => pick(each.slot)}
                sx={{
                  all: 'unset',
                  boxSizing: 'border-box',
                  cursor: 'pointer',
                  display: 'flex',
                  alignItems: 'center',
                  gap: 0.5,
                  px: isCrowded ? 0.5 : 0.75,
                  minWidth: isCrowded ? 66 : 83,
                  borderRight: `1px solid ${token('rule')}`,
                  backgroundColor: isHere ? token('shade') : movingFrom ? token('paper') : 'transparent',
                  outline: movingFrom && !isHere ? `2px dashed ${token('mid')}` : 'none',
                  outlineOffset: -4,
                }}
              >
                {!isCrowded && (
                  <SlotPicture
                    kind={each.instrumentKind}
                    angleDeg={each.angleDeg}
                    isDark={isHere}
                    size={22}
                  />
                )}
                <Box sx={{ lineHeight: 1.1 }}>
                  <Quiet sx={{ fontSize: TYPE.fine, whiteSpace: 'nowrap' }}>{each.label}</Quiet>
                  <Name>
                    {reading
                      ? showSize(reading.value, units, each.instrumentKind === 'depth_gauge' ? 2 : 3).figure
                      : '—'}
                  </Name>
                </Box>
              </Box>
            );
          })}
        </Box>
        <Box sx={{ display: 'flex', backgroundColor: ground, color: ink, alignItems: 'stretch' }}>
          <Box sx={{ pl: 2, py: 1, width: 112 }}>
            <Box sx={{ fontSize: TYPE.fine, whiteSpace: 'nowrap' }}>
              {hasReading ? 'again' : 'waiting'}: {here.label}
            </Box>
            <Box
              component="input"
              ref={input}
              value={text}
              inputMode="none"
              autoComplete="off"
              aria-label={`Reading ${slotLabel(here)}`}
              data-testid="reading"
              onChange={(event: React.ChangeEvent<HTMLInputElement>) => {
                setText(event.target.value);
                setProblem(null);
              }}
              onKeyDown={onKeyDown}
              placeholder="number"
              sx={{
                all: 'unset',
                width: 96,
                fontSize: TYPE.figure,
                fontWeight: 750,
                fontStretch: STRETCH.headline,
                borderBottom: `2px solid ${ink}`,
                '&::placeholder': { color: token('mid') },
              }}
            />
          </Box>
          <Button
            variant={isWaiting ? 'contained' : 'text'}
            onClick={takeWhatIsThere}
            sx={{ minWidth: 104, px: 1, fontSize: TYPE.head }}
          >
            Take it
          </Button>
        </Box>
        <Button
          variant="text"
          onClick={() => setPad('reading')}
          sx={{ minWidth: 64, px: 1, fontSize: TYPE.text, lineHeight: 1.05 }}
        >
          Type it
        </Button>
        <Button
          variant="text"
          onClick={strike}
          disabled={!hasReading}
          sx={{ minWidth: 64, px: 1, fontSize: TYPE.text, lineHeight: 1.05 }}
        >
          Strike out
        </Button>
        <Button
          variant="text"
          onClick={() => setMovingFrom(movingFrom ? null : (readingIn(here.slot)?.id ?? null))}
          disabled={!hasReading}
          aria-pressed={movingFrom !== null}
          sx={{ minWidth: 64, px: 1, fontSize: TYPE.text, lineHeight: 1.05 }}
        >
          {movingFrom ? 'Where to?' : 'Move it'}
        </Button>
      </Box>
      <KeyPad
        isOpen={pad === 'reading'}
        title={`Reading ${slotLabel(here)}`}
        unitKeys={['mm', 'in', 'thou', '/']}
        onClose={() => setPad(null)}
        onEnter={takeTyped}
      />
      <KeyPad
        isOpen={pad === 'metal'}
        title="Temperature of the metal"
        unitKeys={['C', 'F', '-']}
        onClose={() => setPad(null)}
        onEnter={(typed) => {
          const metal = parseMetalTemperature(typed, units);
          if (!metal.ok) return sayIssue(metal.issues[0]!, units);
          setMetalC(metal.value);
          return null;
        }}
      />
    </Box>
  );
}

const slotLabel = ({ label, instrumentKind }: GaugeSlot) =>
  `${instrumentKind === 'bore_gauge' ? 'bore, ' : instrumentKind === 'micrometer' ? 'bearing, ' : ''}${label}`;
