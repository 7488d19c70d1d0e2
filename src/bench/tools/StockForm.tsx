'use client';
import { STOCK_SORTS } from '@/core/tools/sorts';
import { stockItemSchema, type StockItem } from '@/core/tools/stock';
import type { Units } from '@/core/quantity/format';
import { STOCK_SORT_WORDS } from '@/ui/words/work';
import { figure, length, WallForm, words, type WallFormSetting } from './WallForm';

/** Spares lie here just in case, and come from somewhere. */
const KEPT = [figure('keepAtLeast', 'Keep at least', 0), words('supplier', 'Supplier')];

const SIZES = [
  length('insideMm', 'Inside', null),
  length('outsideMm', 'Outside', null),
  length('widthMm', 'Width', null),
  figure('count', 'How many', 1),
];

const SETTING: WallFormSetting<StockItem> = {
  schema: stockItemSchema,
  sorts: STOCK_SORTS.map((value) => ({ value, words: STOCK_SORT_WORDS[value] })),
  fields: {
    shim: [
      length('insideMm', 'Inside', 20),
      length('outsideMm', 'Outside', 28),
      length('widthMm', 'Thickness', 0.2),
      figure('count', 'How many', 5),
    ],
    bearing: SIZES,
    seal: SIZES,
    bush: SIZES,
    retaining_ring: SIZES,
    o_ring: [
      length('insideMm', 'Inside', null),
      length('outsideMm', 'Outside', null),
      length('widthMm', 'Section', null),
      figure('count', 'How many', 1),
    ],
    other: SIZES,
  },
  also: KEPT,
  given: {},
  words: {
    title: 'Lay something into stock',
    add: 'Lay it in',
    change: 'Change it',
    takeOff: 'Take it out of stock',
  },
};

type Props = {
  item: StockItem | null;
  units: Units;
  onClose: () => void;
  onSave: (item: StockItem) => void;
  onTakeOff: (item: StockItem) => void;
};

export const StockForm = ({ item, ...rest }: Props) => <WallForm setting={SETTING} thing={item} {...rest} />;
