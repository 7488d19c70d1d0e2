import { isChilled, isHeated } from '@/core/heat/waySorts';
import type { SeatView } from '@/core/job/seatView';
import { passesOf } from '@/core/job/squarePasses';
import type { ProjectedJob } from '@/core/project/project';
import { asText, showFit, showTemperature, type Units } from '@/core/quantity/format';
import { SQUARE_WORDS, WAY_WORDS } from './verdicts';

/** How it went in, and how warm or cold. */
export function sayWayIn({ history: { wayIn, homeMs } }: SeatView, units: Units): string {
  if (homeMs === null) return 'not in yet';
  if (!wayIn) return 'in';
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  const warm = isHeated(wayIn.way) ? `, casting at ${degrees(wayIn.housingC)}` : '';
  const cold = isChilled(wayIn.way) ? `, part at ${degrees(wayIn.ringC)}` : '';
  return `${WAY_WORDS[wayIn.way].name}${warm}${cold}`;
}

/** How square it stands: by readings with their doubt, by signs, or on a person's word. */
export function sayStands(view: SeatView, units: Units): string {
  const { accepted, homeMs } = view.history;
  if (homeMs === null) return '–';
  const result = passesOf(view).find(({ pass }) => pass === accepted?.pass)?.result;
  if (!accepted) return 'not proven';
  if (accepted.overruled) return 'taken on the person’s word';
  return result
    ? `${SQUARE_WORDS[result.verdict]}: ${asText(showFit(result.tiltAcrossRingMm, units))} ± ${showFit(2 * result.uTiltAcrossRingMm, units).figure}`
    : 'by its signs';
}

/** What it was measured with, and how warm the metal was. */
export function sayReadWith(
  { readings }: SeatView,
  record: Pick<ProjectedJob, 'instruments'>,
  units: Units,
): string {
  const counting = readings.filter(({ status }) => status === 'counts');
  const names = [...new Set(counting.map(({ instrumentId }) => instrumentId))].flatMap((id) => {
    const found = record.instruments.find((each) => each.id === id);
    return found ? [`${found.name} (u ${asText(showFit(found.u, units))})`] : [];
  });
  const celsius = [...new Set(counting.map(({ metalC }) => asText(showTemperature(metalC, units))))];
  return counting.length === 0
    ? 'not measured'
    : `${counting.length} ${counting.length === 1 ? 'reading' : 'readings'}, ${names.join(', ')}; metal at ${celsius.join(', ')}`;
}
