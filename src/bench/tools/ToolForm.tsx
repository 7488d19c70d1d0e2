'use client';
import { TOOL_SORTS } from '@/core/tools/sorts';
import { toolSchema, type Tool } from '@/core/tools/tool';
import type { Units } from '@/core/quantity/format';
import { TOOL_SORT_WORDS } from '@/ui/words/work';
import { figure, length, WallForm, words, type Field, type WallFormSetting } from './WallForm';

const PUSH = [
  length('outsideMm', 'Outside', 40),
  length('insideMm', 'Hole', 12),
  length('lengthMm', 'Length', 60),
];

const SIZES: Record<Tool['sort'], readonly Field[]> = {
  driver: PUSH,
  socket: PUSH,
  receiver: [
    length('insideMm', 'Inside', 50),
    length('outsideMm', 'Outside', 62),
    length('lengthMm', 'Length', 80),
  ],
  collet: [length('fromMm', 'Enters from', 14), length('toMm', 'Spreads to', 18)],
  puller: [length('fromMm', 'From', 20), length('toMm', 'To', 90)],
  blind_puller: [length('fromMm', 'Grips from', 12), length('toMm', 'To', 22)],
  ring_pliers: [],
  seal_hook: [],
  ring_nut_wrench: [],
  crank_tool: [],
  feelers: [],
  thread_locker: [],
  rod: [
    length('threadMm', 'Thread', 12),
    length('pitchMm', 'Pitch', 1.75),
    length('lengthMm', 'Length', 400),
  ],
  press: [figure('maxN', 'Force, N', 98_000)],
  clamp: [figure('maxN', 'Force, N', 9000), length('openingMm', 'Opens to', 200)],
  heat: [
    figure('maxC', 'Hottest, °C', 200),
    figure('holds', 'Holds castings', 1),
    figure('offsetK', 'Hotter than it says, °C', 0),
  ],
  cold: [
    figure('minC', 'Coldest, °C', -18),
    figure('holds', 'Holds parts', 40),
    figure('offsetK', 'Warmer than it says, °C', 0),
  ],
};

/** Any of them may be away: who has it. */
const LENT = words('lentTo', 'Lent to');

const SETTING: WallFormSetting<Tool> = {
  schema: toolSchema,
  sorts: TOOL_SORTS.map((value) => ({ value, words: TOOL_SORT_WORDS[value] })),
  fields: SIZES,
  also: [LENT],
  given: { rod: { hasThrustBearing: false }, heat: { isEven: true } },
  words: {
    title: 'Hang a tool up',
    add: 'Hang it up',
    change: 'Change it',
    takeOff: 'Take it off the wall',
  },
};

type Props = {
  tool: Tool | null;
  units: Units;
  onClose: () => void;
  onSave: (tool: Tool) => void;
  onTakeOff: (tool: Tool) => void;
};

export const ToolForm = ({ tool, ...rest }: Props) => <WallForm setting={SETTING} thing={tool} {...rest} />;
