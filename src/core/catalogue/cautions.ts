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
