/** Inside of a sentence; what is written with capitals (an O-ring) stays so. */
export const inSentence = (words: string) =>
  /^[A-Z]([A-Z]|-)/.test(words) ? words : words.charAt(0).toLowerCase() + words.slice(1);
export const asHeadline = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
