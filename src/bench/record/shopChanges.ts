import { applyShopEdit, type Shop, type ShopEdit } from '@/core/record/shopEdits';

/** An edit of the shop that waits, or was stored while this page is open (by the server’s clock). */
export type ShopChange = { edit: ShopEdit; storedMs: number | null };

/** The one list that stands for none: the server draws with it, and a browser where nothing was changed. */
export const NO_CHANGES: readonly ShopChange[] = [];

/** What the shop has, as the server said at `saidMs`, with what waits here or was stored since. */
export const withChanges = <S extends Partial<Shop>>(
  said: S,
  changes: readonly ShopChange[],
  saidMs: number,
): S =>
  changes
    .filter(({ storedMs }) => storedMs === null || storedMs >= saidMs)
    .reduce((shop, { edit }) => applyShopEdit(shop, edit), said);
