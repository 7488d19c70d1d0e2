/** Entries whose words hold every word that was typed, in any order, by their beginnings; those with a hit in front come first. */
export function findByWords<T>(entries: readonly T[], typed: string, wordsOf: (entry: T) => string): T[] {
  const plain = (text: string) =>
    text
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, ' ')
      .trim();
  const wanted = plain(typed).split(' ').filter(Boolean);
  if (wanted.length === 0) return [...entries];
  const ranked = entries.map((entry) => {
    const words = plain(wordsOf(entry)).split(' ');
    const places = wanted.map((start) => words.findIndex((word) => word.startsWith(start)));
    return {
      entry,
      isHit: places.every((place) => place >= 0),
      rank: places.reduce((sum, place) => sum + place, 0),
    };
  });
  return ranked
    .filter(({ isHit }) => isHit)
    .sort((a, b) => a.rank - b.rank)
    .map(({ entry }) => entry);
}
