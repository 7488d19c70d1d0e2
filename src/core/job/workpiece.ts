import type { JobHead } from '@/core/record/job';
import type { HeatSource, Workpiece } from '@/core/record/vocabulary';

/** What holds the seats, where the plan does not say: by the kind of job. */
const WORKPIECE_OF: Partial<Record<JobHead['kind'], Workpiece>> = {
  wheel_hub: 'wheel',
  swing_arm: 'frame_or_arm',
  steering_head: 'frame_or_arm',
  seal_only: 'engine_in_frame',
};
export const workpieceOf = ({ kind, plan }: Pick<JobHead, 'kind' | 'plan'>): Workpiece =>
  plan.workpiece ?? WORKPIECE_OF[kind] ?? 'bare_casting';

/** Where heat comes from, where a way needs any: as the kind is done; else an oven for what goes into one, hot air for the rest. */
export const usualHeatOf = (job: Pick<JobHead, 'kind' | 'plan'>): HeatSource =>
  job.plan.heatedBy ?? (workpieceOf(job) === 'bare_casting' ? 'oven' : 'gun');
