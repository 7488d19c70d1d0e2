/** The fixed words of seals, apart from their schemas. */

/** What goes on a seal's outside. */
export const SEAL_OUTSIDES = ['dry', 'grease', 'sealant'] as const;
/**
 * How a seal is built, as far as which way it looks goes: one lip with its spring; one more lip outward against dirt; two lips, each
 * holding something back; hollow on both sides, so that its shape does not tell.
 */
export const SEAL_LIPS = ['one', 'with_dust_lip', 'two', 'hollow_both'] as const;
export type SealLips = (typeof SEAL_LIPS)[number];
/** What lies on one side of a seal. */
export const SEAL_SIDES = ['oil', 'grease', 'mixture', 'coolant', 'air', 'dirt'] as const;
export type SealSide = (typeof SEAL_SIDES)[number];
/** What told which way a seal looks, where its type and its sides do not. */
export const SEAL_WAY_TOLD_BY = ['manual', 'ribs', 'exploded_view', 'as_found'] as const;
export type SealWayToldBy = (typeof SEAL_WAY_TOLD_BY)[number];
/** What came of one try to fit a seal that did not end well. */
export const SEAL_FAILURES = ['cocked', 'lip_cut', 'spring_off', 'rim_bent', 'too_deep'] as const;
export type SealFailure = (typeof SEAL_FAILURES)[number];
/** The collar or shaft that a lip runs on. */
export const COLLAR_STATES = ['good', 'polished', 'turned_round', 'grooved'] as const;
export type CollarState = (typeof COLLAR_STATES)[number];
/** How a seal is driven: a driver that the casting stops, a thin sleeve into its groove, or by hand over its collar. */
export const SEAL_DRIVERS = ['bigger_driver', 'thin_sleeve', 'by_hand_with_collar'] as const;
export type SealDriver = (typeof SEAL_DRIVERS)[number];
