import { STEPS, type Step } from '@/core/record/vocabulary';
import { STEP_PATHS } from '@/ui/words/steps';

/** The step that an address shows; null for what is no step: the job’s set-up. */
export const stepOfPath = (pathname: string): Step | null =>
  STEPS.find((step) => pathname.endsWith(`/${STEP_PATHS[step]}`)) ?? null;
