import type { Lane } from '@/core/heat/lanes';
import type { WayIn } from '@/core/heat/wayIn';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { LANE_WORDS } from '@/ui/words/lanes';

type Props = {
  lanes: readonly Lane[];
  looked: Lane;
  shownOf: (lane: Lane) => WayIn;
  onLook: (way: WayIn) => void;
};

/** Which lane is looked at, where the lanes themselves are not in sight. */
export const LanePick = ({ lanes, looked, shownOf, onLook }: Props) => (
  <ChoiceRow
    label="Which way"
    isLabelHidden
    options={lanes.map(({ lane }) => ({ value: lane, words: LANE_WORDS[lane] }))}
    value={looked.lane}
    onPick={(code) => onLook(shownOf(lanes.find(({ lane }) => lane === code)!))}
  />
);
