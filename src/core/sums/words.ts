/** A number for a filled-in formula: fixed decimals, real minus. */
export const digits = (value: number, decimals: number) =>
  value
    .toFixed(decimals)
    .replace(/^-(?=[0.]*$)/, '')
    .replace('-', '−');
