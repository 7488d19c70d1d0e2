import type { DropResult } from '@/core/after/drops';
import type { ShopFit } from '@/core/after/fitShop';
import type { JobId } from '@/core/record/ids';

/** The drops of a shop, newest first, and what they taught it; see `/api/v1/heat/drops`. */
export type ShopDrops = {
  drops: readonly (DropResult & { jobId: JobId; machine: string })[];
  fit: ShopFit;
  isOn: boolean;
  isDemo: boolean;
};
