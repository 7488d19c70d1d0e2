/** The fixed words of closing a casting and handing a job over. */

/** How a shaft turns by hand, from free to not at all. */
export const TURN_FEELS = ['free', 'light_drag', 'heavy_drag', 'notchy', 'locked'] as const;
export type TurnFeel = (typeof TURN_FEELS)[number];
/** Of a bolt that closes a casting. `stands_out`: more than its neighbours, in the wrong hole or bottoming. */
export const BOLT_FINDINGS = [
  'good',
  'stands_out',
  'sits_low',
  'renewed',
  'longer_than_before',
  'thread_strips',
] as const;
export type BoltFinding = (typeof BOLT_FINDINGS)[number];

/** What is filled in before it goes to its owner. */
export const FLUIDS = ['engine_oil', 'gear_oil', 'grease', 'coolant', 'brake_fluid', 'fuel'] as const;
export type Fluid = (typeof FLUIDS)[number];
/** Who signs a hand-over. */
export const SIGNERS = ['workshop', 'customer'] as const;
export type Signer = (typeof SIGNERS)[number];
