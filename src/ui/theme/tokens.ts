/** The colours of daylight and of a dim shop. Heat and cold mean only heat and cold. */
export type Tokens = Record<
  | 'paper'
  | 'plate'
  | 'shade'
  | 'ink'
  | 'steel'
  | 'mid'
  | 'rule'
  | 'heat'
  | 'heatLight'
  | 'cold'
  | 'coldLight'
  | 'block'
  | 'onBlock'
  | 'onHeat',
  string
>;

export const DAYLIGHT: Tokens = {
  paper: '#F3EFE5',
  plate: '#FAF7F0',
  shade: '#E8E3D8',
  ink: '#15181A',
  steel: '#4C5459',
  mid: '#70777A',
  rule: '#C6C4BB',
  heat: '#B5360C',
  heatLight: '#EBC2AC',
  cold: '#17658F',
  coldLight: '#BCD6E1',
  block: '#15181A',
  onBlock: '#FAF7F0',
  onHeat: '#FAF7F0',
};

export const DIM: Tokens = {
  paper: '#1C2023',
  plate: '#262B2F',
  shade: '#14181A',
  ink: '#F0F1EC',
  steel: '#B7BDBD',
  mid: '#8F9799',
  rule: '#3B4348',
  heat: '#FF7434',
  heatLight: '#5E3321',
  cold: '#6CC8F4',
  coldLight: '#24485B',
  block: '#F0F1EC',
  onBlock: '#15181A',
  onHeat: '#15181A',
};

/** A token as a CSS variable, for drawings that must follow the theme. */
export const token = (name: keyof Tokens) => `var(--uk-${name})`;

export const cssVariables = (tokens: Tokens) =>
  Object.fromEntries(Object.entries(tokens).map(([name, value]) => [`--uk-${name}`, value]));

/** The typeface as the page brings it along, signs beyond western Europe from its other files, then a stand-in as wide as it. */
export const FONT = "var(--uk-typeface), 'Archivo Variable', 'Archivo stand-in', 'Arial Narrow', sans-serif";

/** Widths of the variable font's width axis. */
export const STRETCH = { headline: '62%', text: '76%' } as const;

/** The type scale, px at arm’s length. The heat run’s big figures are read from two metres and stand apart. */
export const TYPE = {
  fine: 15,
  small: 16,
  text: 17,
  lead: 18,
  name: 20,
  title: 22,
  head: 26,
  figure: 32,
  headline: 44,
  big: 50,
} as const;

/** Height of the bar of what is hot or cold, px: its place is kept before it is there. */
export const HEAT_BAR_PX = 76;
/** The same as one line: where another strip is full height, and on a phone. */
export const HEAT_LINE_PX = 48;
