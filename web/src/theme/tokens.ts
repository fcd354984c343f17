/** The look, once: ground and ink, one red-lead accent, phosphate grey, zinc green-grey, brass. */
export const light = {
  ground: '#F1ECE1',
  sheet: '#FBF8F1',
  ink: '#1D2B30',
  ink2: '#4C5D63',
  rule: '#CFC7B5',
  lead: '#B5361B',
  leadWash: '#F6E7DF',
  deep: '#1F5560',
  onDeep: '#FFFFFF',
  phos: '#6C797E',
  zinc: '#56683F',
  brass: '#785A16',
  wash: '#E7E0D1',
};
export const dark: typeof light = {
  ground: '#161D20',
  sheet: '#1E272B',
  ink: '#EDE6D8',
  ink2: '#B1B9B6',
  rule: '#3E4A4E',
  lead: '#F08465',
  leadWash: '#3A2620',
  deep: '#8CC3CE',
  onDeep: '#10191C',
  phos: '#93A0A5',
  zinc: '#A6BB88',
  brass: '#D9B765',
  wash: '#263136',
};
export type Token = keyof typeof light;
export const tok = (name: Token): string => `var(--${name})`;
export const text = '"Archivo Variable", system-ui, sans-serif';
export const mono = '"Spline Sans Mono", ui-monospace, monospace';
export const wide = { fontStretch: '113%', fontWeight: 750, letterSpacing: '.002em' } as const;

/** The type scale, px: figures and notes in drawings, notes, text, headings, and what is read from across the bench. */
export const textSize = {
  xs: 12.5,
  s: 13.5,
  m: 14,
  l: 15,
  xl: 18,
  title: 20,
  headline: 24,
  figure: 26,
  big: 32,
  huge: 42,
  poster: 52,
} as const;
