import type { ProjectedJob } from '@/core/project/project';
import type { Stack } from '@/core/stack/pieces';

/** The stacks of a job as they are compared across the bench. */
export const stacksOf = ({ id, number, machine, plan, state }: ProjectedJob): Stack[] =>
  plan.stacks.map(({ key, name }) => ({
    jobId: id,
    jobNumber: number,
    machine,
    stackKey: key,
    name,
    pieces: state.work.stacks[key]?.pieces ?? [],
    putBack: state.work.stacks[key]?.putBack ?? [],
  }));
