import type { StockItem } from './stock';

export type Short = { supplier: string; items: { item: StockItem; by: number }[] };

/** What has run short of what should always lie here, by supplier; without one, last. */
export function findShort(stock: readonly StockItem[]): Short[] {
  const bySupplier = new Map<string, Short['items']>();
  for (const item of stock) {
    const by = (item.keepAtLeast ?? 0) - item.count;
    if (by <= 0) continue;
    const supplier = item.supplier ?? '';
    bySupplier.set(supplier, [...(bySupplier.get(supplier) ?? []), { item, by }]);
  }
  return [...bySupplier]
    .map(([supplier, items]) => ({ supplier, items }))
    .sort(
      (a, b) => Number(a.supplier === '') - Number(b.supplier === '') || a.supplier.localeCompare(b.supplier),
    );
}
