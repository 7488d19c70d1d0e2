import type { JobId } from '@/core/record/ids';
import { findPlace, type App } from './app';

type Job = { id: JobId; machine: string };

/** A seat on a shaft of a demo job that a bearing sits on, and the address of a step. */
async function findShaftSeat(app: App, machine: string) {
  type Shafts = { shafts: { seats: { id: string; spec: { kind: string } }[] }[] };
  const { jobs } = (await (await fetch(`${app.url}/api/v1/jobs`)).json()) as { jobs: (Job & Shafts)[] };
  const job = jobs.find((each) => each.machine === machine)!;
  const seat = job.shafts.flatMap(({ seats }) => seats).find(({ spec }) => spec.kind === 'bearing_on_shaft')!;
  return {
    jobId: job.id,
    seatId: seat.id,
    at: (step: string) => `${app.url}/jobs/${job.id}/${seat.id}/${step}`,
  };
}

/** Where a screen of the demo is: a step of one of its jobs, or a place of its own. */
export const addressOfScreen = async (app: App, screen: string) => {
  if (screen === 'bench') return app.url;
  if (screen === 'hand-over') {
    const { jobId } = await findPlace(app, 'Moorland 350', 'Main-shaft seal');
    return `${app.url}/jobs/${jobId}/hand-over`;
  }
  if (screen.startsWith('/')) return app.url + screen;
  if (screen.startsWith('slide')) return (await findShaftSeat(app, 'Bolver 570, front drive')).at(screen);
  const [machine, seat] =
    screen === 'square'
      ? ['Ostrel 250', 'Shift drum']
      : screen === 'run'
        ? ['Fenwold 7', 'Main bearing']
        : ['Ostrel 250', 'Main bearing'];
  return (await findPlace(app, machine!, seat!)).at(screen);
};
/** Every screen once. */
export const SCREENS = [
  'bench',
  'look',
  'strip',
  'stacks',
  'parts',
  'set-up',
  '/tools',
  '/heat',
  '/heat/drops',
  '/orders',
  '/rounds',
  'measure',
  'way-in',
  'run',
  'watch',
  'out',
  'slide-on',
  'slide-off',
  'square',
  'seal',
  'float',
  'work',
  'record',
  'hand-over',
  'bolts',
  'listen',
  '/sums',
  '/sums/stack/endplay',
  '/sums/drop_window/lumped',
  '/reference/bearings',
  '/reference/api',
];
