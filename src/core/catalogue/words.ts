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

/** What a caution of the trade is known by in plans and records. */
export const CAUTION_CODES = [
  'hot_metal',
  'magnesium',
  'ceilings',
  'cold',
  'eyes',
  'press',
  'slide_hammer',
  'drift',
  'cleaning',
  'pressure_check',
  'safety_parts',
] as const;
export type CautionCode = (typeof CAUTION_CODES)[number];

/** Cautions, with the step where each one stands. Common practice, no source. */
export const CAUTIONS: readonly { code: CautionCode; where: string; caution: string }[] = [
  {
    code: 'hot_metal',
    where: 'heat',
    caution:
      'Hot metal: gloves, extinguisher, ventilate. No fuel, solvent or aerosol near a flame. Only clean, degreased castings go into an oven: no trapped oil or fuel.',
  },
  {
    code: 'magnesium',
    where: 'magnesium',
    caution:
      'Magnesium burns: no torch on chips or thin walls; keep sand or a class D extinguisher, never water.',
  },
  {
    code: 'ceilings',
    where: 'ceilings',
    caution:
      'Seals, plastic cages and grease do not take more than about 100–120 °C. Heat-treated aluminium loses strength by time above about 150 °C. Overheated FKM rubber gives off hydrofluoric acid: do not touch it.',
  },
  {
    code: 'cold',
    where: 'cold',
    caution: 'A freezer is enough. Dry ice and liquid nitrogen burn and suffocate; they are not needed here.',
  },
  { code: 'eyes', where: 'eyes', caution: 'Glasses for retaining rings, hammers and drilling.' },
  {
    code: 'press',
    where: 'press',
    caution:
      'Shield, support square, stand aside: a brittle race can burst. Heavy force means cocked, wrong part or wrong race: stop.',
  },
  {
    code: 'slide_hammer',
    where: 'slide hammer',
    caution: 'Keep fingers from between the weight and its stop.',
  },
  { code: 'drift', where: 'drift', caution: 'Drifts of unhardened steel: a hardened one can shatter.' },
  {
    code: 'cleaning',
    where: 'cleaning',
    caution: 'Never spin a bearing with compressed air. Old gaskets may hold asbestos: scrape them wet.',
  },
  {
    code: 'pressure_check',
    where: 'pressure check',
    caution: 'Not more than 0.5 bar in a crankcase: seals are not made for more.',
  },
  {
    code: 'safety_parts',
    where: 'safety parts',
    caution:
      'Brakes, steering and wheels are safety parts: the machine’s service manual, local rules and licensed practice decide. The numbers here are an aid.',
  },
];
