/**
 * Seconds to work in: sure between oven door and letting go, or light enough for blows that creep to a depth. Below the lesser figure
 * a plan does not work. Common practice, no source.
 */
export const WANTED_SECONDS = 60;
export const LEAST_SECONDS = 15;
