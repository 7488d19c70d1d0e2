/** The trade's words, as this product uses them. Common practice, no source, unless a standard is named. */
export const WORDS: readonly { word: string; meaning: string }[] = [
  { word: 'seat', meaning: 'one place that takes one part: a bore in a casting, or a journal on a shaft' },
  {
    word: 'bearing',
    meaning:
      'the whole part; its two halves are the outer race and the inner race (ISO 5593 calls them rings)',
  },
  { word: 'ring', meaning: 'only retaining rings, piston rings and ring nuts' },
  {
    word: 'drawn cup',
    meaning: 'a thin hardened shell with needles; hammering its edge dents it and it never runs true',
  },
  {
    word: 'nip, interference',
    meaning: 'how much bigger the part is than the hole, on diameter, at 20 °C (ISO 1)',
  },
  { word: 'slip fit, press fit', meaning: 'goes in by hand; is bigger than its hole' },
  { word: 'home, seated', meaning: 'touching its shoulder or stop all the way round' },
  { word: 'cocked', meaning: 'tilted in the bore; it jams, and forcing it ruins bearing and bore' },
  { word: 'proud, flush, below', meaning: 'standing out of the face, level with it, sunk under it' },
  {
    word: 'drop-in',
    meaning: 'the hot bore is bigger than the cold bearing, which falls home with no force',
  },
  { word: 'grabbed', meaning: 'the bearing met the bore half way in, took its heat, and is stuck' },
  {
    word: 'free temperature',
    meaning: 'above it a light-alloy seat and its race, warm together, let go of each other',
  },
  { word: 'blind bore', meaning: 'closed at the back: the part comes out only from its own side' },
  { word: 'end play, end float', meaning: 'how far a shaft can move along its axis' },
  {
    word: 'side load, preload',
    meaning: 'races pushed against each other along the axis; wanted in a steering head, deadly in a crank',
  },
  { word: 'backlash', meaning: 'rotation between meshed gears before the other one moves' },
  { word: 'run-out', meaning: 'how far a shaft’s surface swings per turn, read on a dial (TIR)' },
  { word: 'stack', meaning: 'spacers, washers and shims on one shaft end, in an order that matters' },
  { word: 'spun', meaning: 'the bearing has turned in its seat and worn it; the seat is slack' },
  {
    word: 'noise floor',
    meaning: 'the tilt that a perfectly square bearing may show through reading noise alone',
  },
];
