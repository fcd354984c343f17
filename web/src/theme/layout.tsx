import { styled, type CSSObject, type Theme } from '@mui/material';
import { textSize, tok, type Token } from './tokens';

/** What every part of the layout may say of its words and its edges. */
interface Said {
  size?: keyof typeof textSize;
  tone?: Token;
  weight?: keyof typeof weights;
  /** A thin line above, as between the entries of a list. */
  ruled?: boolean;
  /** Room around what fills a page. */
  roomy?: boolean;
  /** A list without dots and without room. */
  plain?: boolean;
}

const weights = { middle: 600, firm: 650, strong: 700 } as const;

type Steps = Partial<Record<'xs' | 'sm' | 'md' | 'lg', string>>;

const own = new Set(['size', 'tone', 'weight', 'ruled', 'roomy', 'plain', 'gap', 'align', 'justify', 'wrap', 'cols']);
const options = { shouldForwardProp: (prop: PropertyKey) => !own.has(String(prop)) };

function said({ size, tone, weight, ruled, roomy, plain, theme }: Said & { theme: Theme }): CSSObject {
  return {
    ...(size && { fontSize: textSize[size] }),
    ...(tone && { color: tok(tone) }),
    ...(weight && { fontWeight: weights[weight] }),
    ...(ruled && { borderTop: `1px solid ${tok('rule')}` }),
    ...(roomy && { padding: theme.spacing(2), [theme.breakpoints.up('sm')]: { padding: theme.spacing(3) } }),
    ...(plain && { listStyle: 'none', margin: 0, padding: 0 }),
  };
}

/** Words: their size of the scale, their tone, their weight. */
export const Text = styled('div', options)<Said>(said);

interface Laid {
  /** In steps of 8 px. */
  gap?: number;
  align?: CSSObject['alignItems'];
  justify?: CSSObject['justifyContent'];
}

/** Side by side. */
export const Row = styled('div', options)<Said & Laid & { wrap?: boolean }>(
  ({ gap, align, justify, wrap, theme }) => ({
    display: 'flex',
    ...(gap !== undefined && { gap: theme.spacing(gap) }),
    ...(align && { alignItems: align }),
    ...(justify && { justifyContent: justify }),
    ...(wrap && { flexWrap: 'wrap' }),
  }),
  said,
);

function columns(cols: string | Steps | undefined, theme: Theme): CSSObject {
  if (cols === undefined) return {};
  if (typeof cols === 'string') return { gridTemplateColumns: cols };
  const at = (step: string, is: string): CSSObject => ({
    [theme.breakpoints.up(step as 'sm')]: { gridTemplateColumns: is },
  });
  return Object.assign({}, ...Object.entries(cols).map(([step, is]) => at(step, is))) as CSSObject;
}

/** A grid; its columns by the width of the screen. */
export const Columns = styled('div', options)<Said & Laid & { cols?: string | Steps }>(
  ({ gap, align, justify, cols, theme }) => ({
    display: 'grid',
    ...(gap !== undefined && { gap: theme.spacing(gap) }),
    ...(align && { alignItems: align }),
    ...(justify && { justifyContent: justify }),
    ...columns(cols, theme),
  }),
  said,
);
