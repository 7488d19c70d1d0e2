/** Exact since 1959. Source: ISO 80000-3. */
export const MM_PER_INCH = 25.4;
