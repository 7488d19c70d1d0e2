'use client';
import { useEffect, useState } from 'react';
import type { StockItem } from '@/core/tools/stock';
import { ask } from './door';

/** What lies in stock, once it is known; what asks works without. */
export function useStockHere(): readonly StockItem[] {
  const [stock, setStock] = useState<readonly StockItem[]>([]);
  useEffect(() => {
    let isGone = false;
    void ask<{ stock: StockItem[] }>('/api/v1/stock').then(({ answer }) => {
      if (!isGone && answer?.stock) setStock(answer.stock);
    });
    return () => {
      isGone = true;
    };
  }, []);
  return stock;
}
