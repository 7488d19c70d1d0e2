'use client';
import { newId } from '@/bench/record/newId';
import { useMemo, useSyncExternalStore } from 'react';
import type { Shop, ShopEdit } from '@/core/record/shopEdits';
import type { KeptShopEdit } from './kept';
import { outbox } from './outbox';
import { NO_CHANGES, withChanges } from './shopChanges';

const asKept = (edit: ShopEdit): KeptShopEdit => ({
  type: 'shop_edit',
  id: newId(),
  jobId: null,
  refused: null,
  edit,
});

/** A change of the shop: kept here until stored, and shown at once. */
export const keepShopEdit = (edit: ShopEdit) => void outbox.keep(asKept(edit));

/** The same, where somebody waits to see whether it is taken. */
export const keepAndHearShopEdit = (edit: ShopEdit) => outbox.keepAndHear(asKept(edit));

/** What the shop has, as the server said at `drawnMs`, with what was changed on this screen since: the lists alone. */
export function useShop<S extends Partial<Shop>>(said: S, drawnMs = 0): S {
  const changes = useSyncExternalStore(
    (tell) => outbox.subscribe(tell),
    () => outbox.shopChanges,
    () => NO_CHANGES,
  );
  const { tools, stock, instruments, people, rules, heatPlan, rounds, roundsGone } = said;
  return useMemo(() => {
    const lists = { tools, stock, instruments, people, rules, heatPlan, rounds, roundsGone } as S;
    return withChanges(lists, changes, drawnMs);
  }, [changes, drawnMs, tools, stock, instruments, people, rules, heatPlan, rounds, roundsGone]);
}
