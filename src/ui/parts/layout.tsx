import { token } from '@/ui/theme/tokens';
import { dressed } from './dressed';

/** Things side by side, on one middle line, wrapping where there is no space. */
export const Row = dressed({ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' });
/** Things one under another. */
export const Column = dressed({ display: 'flex', flexDirection: 'column' });
/** Two columns of one width. */
export const Pair = dressed({ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 });
/** What takes the space that is left. */
export const Rest = dressed({ flex: 1, minWidth: 0 });
/** Begins below a hairline. */
export const Ruled = dressed({ borderTop: `1px solid ${token('rule')}` });
/** Begins below a line of ink: a part of its own. */
export const Section = dressed({ mt: 2, borderTop: `2px solid ${token('ink')}`, pt: 1 });
/** Framed in ink: what must not be passed over. */
export const Framed = dressed({ border: `2.5px solid ${token('ink')}`, p: 1, my: 1 });
