'use client';
import Box from '@mui/material/Box';
import { useRouter } from 'next/navigation';
import { memo, useEffect, useRef, useState, type ReactNode } from 'react';
import type { BenchJob } from '@/core/board/benchLine';
import { CastingDrawing } from '@/ui/drawing/CastingDrawing';
import { castingExtentMm } from '@/ui/drawing/castingOutline';
import { token } from '@/ui/theme/tokens';
import { partMark, seatMark } from '@/ui/words/states';

const GAP_MM = 44;
const LEAST_PX_PER_MM = 0.62;
const MOST_PX_PER_MM = 0.95;
/** A column of text needs this much, px, however small its casting is. */
const LEAST_COLUMN_PX = 172;

type Placed<T> = { job: T; leftPx: number; widthPx: number; castings: { leftPx: number; index: number }[] };
type Shelf<T> = { placed: Placed<T>[]; tallestMm: number };

function placeJob<T extends BenchJob>(job: T, start: number, pxPerMm: number): Placed<T> {
  let x = start;
  const castings = job.castings.map(({ casting }, index) => {
    const leftPx = x;
    x += (castingExtentMm(casting.map).widthMm + GAP_MM) * pxPerMm;
    return { leftPx, index };
  });
  return { job, leftPx: start, widthPx: Math.max(x - start, LEAST_COLUMN_PX), castings };
}

/** Jobs on as many lines as they need; a job never stands on two. */
function shelve<T extends BenchJob>(jobs: readonly T[], pxPerMm: number, widthPx: number): Shelf<T>[] {
  const shelves: Shelf<T>[] = [];
  for (const job of jobs) {
    const tallestMm = Math.max(
      120,
      ...job.castings.map(({ casting }) => castingExtentMm(casting.map).heightMm),
    );
    const last = shelves.at(-1);
    const end = last ? last.placed.reduce((sum, { widthPx: w }) => sum + w, 0) : 0;
    const placed = placeJob(job, end, pxPerMm);
    if (last && end + placed.widthPx <= widthPx) {
      last.placed.push(placed);
      last.tallestMm = Math.max(last.tallestMm, tallestMm);
    } else shelves.push({ placed: [placeJob(job, 0, pxPerMm)], tallestMm });
  }
  return shelves;
}

type Props<T extends BenchJob> = {
  jobs: readonly T[];
  renderJob: (job: T) => ReactNode;
  pathOf: (job: T) => string;
};

/** All jobs as their castings on graduated lines, drawn to one scale, each with its own words below. */
export function CastingLine<T extends BenchJob>({ jobs, renderJob, pathOf }: Props<T>) {
  const router = useRouter();
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1216);
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(entry.contentRect.width);
    });
    if (box.current) observer.observe(box.current);
    return () => observer.disconnect();
  }, []);
  const totalMm = jobs
    .flatMap(({ castings }) => castings)
    .reduce((sum, { casting }) => sum + castingExtentMm(casting.map).widthMm + GAP_MM, 0);
  const pxPerMm = Math.min(MOST_PX_PER_MM, Math.max(LEAST_PX_PER_MM, width / Math.max(1, totalMm)));
  return (
    <Box ref={box} sx={{ overflowX: 'auto', overflowY: 'hidden' }}>
      {shelve(jobs, pxPerMm, width).map((shelf, i) => (
        <ShelfLine
          key={shelf.placed[0]!.job.jobId}
          shelf={shelf}
          pxPerMm={pxPerMm}
          widthPx={Math.max(
            width,
            shelf.placed.reduce((sum, { widthPx: w }) => sum + w, 0),
          )}
          isFirst={i === 0}
          renderJob={renderJob}
          onOpen={(job) => router.push(pathOf(job))}
        />
      ))}
    </Box>
  );
}

/** Drawn anew only when something of this casting is another thing: a job that did not change keeps its object. */
const OneCasting = memo(function OneCasting({
  shown: { casting, isHot, seats },
  pxPerMm,
}: {
  shown: BenchJob['castings'][number];
  pxPerMm: number;
}) {
  return (
    <CastingDrawing
      casting={casting}
      pxPerMm={pxPerMm}
      isHot={isHot}
      seats={seats.map(({ seatId, seatState, partState }) => ({
        seatId,
        seatMark: seatMark(seatState),
        partMark: partMark(partState),
      }))}
    />
  );
});

/** Centimetres along the line: strokes of one thickness are one path, for there are hundreds. */
function Graduation({ widthPx, baseline, pxPerMm }: { widthPx: number; baseline: number; pxPerMm: number }) {
  const all = Array.from({ length: Math.floor(widthPx / pxPerMm / 10) + 1 }, (_, cm) => cm);
  const [tens, others] = [all.filter((cm) => cm % 10 === 0), all.filter((cm) => cm % 10 !== 0)];
  const px = (cm: number) => Math.round((cm * 10 * pxPerMm + 1) * 100) / 100;
  return (
    <>
      <path
        d={others.map((cm) => `M${px(cm)} ${baseline}v${cm % 5 === 0 ? 13 : 8}`).join('')}
        stroke={token('ink')}
        strokeWidth={1}
      />
      <path
        d={tens.map((cm) => `M${px(cm)} ${baseline}v18`).join('')}
        stroke={token('ink')}
        strokeWidth={1.6}
      />
      {tens.map((cm) => (
        <text
          key={cm}
          x={px(cm) + 5}
          y={baseline + 24}
          fontSize="15"
          style={{ fontStretch: '76%' }}
          fill={token('steel')}
        >
          {cm === 0 ? '0 cm' : cm}
        </text>
      ))}
    </>
  );
}

function ShelfLine<T extends BenchJob>({
  shelf,
  pxPerMm,
  widthPx,
  isFirst,
  renderJob,
  onOpen,
}: {
  shelf: Shelf<T>;
  pxPerMm: number;
  widthPx: number;
  isFirst: boolean;
  renderJob: (job: T) => ReactNode;
  onOpen: (job: T) => void;
}) {
  const baseline = shelf.tallestMm * pxPerMm + 12;
  return (
    <Box sx={{ width: widthPx, position: 'relative', mt: isFirst ? 0 : 1 }}>
      <svg
        width={widthPx}
        height={baseline + 30}
        style={{ display: 'block' }}
        role="group"
        aria-label="Castings on the bench"
      >
        {shelf.placed.flatMap(({ job, castings }) =>
          castings.map(({ leftPx, index }) => {
            const shown = job.castings[index]!;
            const { id, map } = shown.casting;
            return (
              <g
                key={id}
                transform={`translate(${leftPx - castingExtentMm(map).minXMm * pxPerMm + 2} ${baseline - 1})`}
                onClick={() => onOpen(job)}
                style={{ cursor: 'pointer' }}
              >
                <OneCasting shown={shown} pxPerMm={pxPerMm} />
              </g>
            );
          }),
        )}
        <path d={`M0 ${baseline}H${widthPx}`} stroke={token('ink')} strokeWidth="4" />
        <Graduation widthPx={widthPx} baseline={baseline} pxPerMm={pxPerMm} />
      </svg>
      <Box sx={{ position: 'relative', display: 'flex', pt: 0.5 }}>
        {shelf.placed.map(({ job, widthPx: columnPx }) => (
          <Box key={job.jobId} sx={{ width: columnPx, flex: 'none' }}>
            {renderJob(job)}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
