import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { dressed } from './dressed';

/** Small and steel: what stands beside the thing itself. */
export const Note = dressed({ fontSize: TYPE.small, color: token('steel') });
/** Steel, in the size around it. */
export const Quiet = dressed({ color: token('steel') });
/** Running text of a screen. */
export const Text = dressed({ fontSize: TYPE.text });
/** A sentence that leads. */
export const Lead = dressed({ fontSize: TYPE.lead });
/** The name of a thing, condensed. */
export const Name = dressed({ fontSize: TYPE.name, fontWeight: 750, fontStretch: STRETCH.headline });
/** A figure that is read from arm’s length. */
export const Figure = dressed({ fontSize: TYPE.figure, fontWeight: 800, fontStretch: STRETCH.headline });
