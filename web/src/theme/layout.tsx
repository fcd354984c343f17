import { styled, type CSSObject, type Theme } from '@mui/material';
import { mono as figures, textSize, tok, type Token } from './tokens';

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
  /** Room above and below it, and within its upper and lower edge, in steps of 8 px. */
  above?: number;
  below?: number;
  inset?: number;
  /** A thick line to the left of what wants attention, with the words beside it. */
  bar?: Token;
  /** A broad line to the left of a block that is worked with. */
  flag?: Token;
  /** On the ground of paper. */
  sheet?: boolean;
  mono?: boolean;
  /** May become narrower than what is in it. */
  shrinks?: boolean;
  /** Over all columns. */
  across?: boolean;
  /** No wider than so many px, so that lines can be read. */
  widest?: number;
}

const weights = { middle: 600, firm: 650, strong: 700 } as const;

type Steps = Partial<Record<'xs' | 'sm' | 'md' | 'lg', string>>;

const handled = new Set(['as', 'sx', 'theme'] as const);
const own = new Set<keyof Said | keyof Laid | 'wrap' | 'cols'>([
  ...([
    'size',
    'tone',
    'weight',
    'ruled',
    'roomy',
    'plain',
    'above',
    'below',
    'inset',
    'bar',
    'flag',
    'sheet',
  ] as const),
  ...(['mono', 'shrinks', 'across', 'widest', 'gap', 'align', 'justify', 'wrap', 'cols'] as const),
]);
// "as" is not forwarded, or it would be an attribute instead of the element.
const options = { shouldForwardProp: (prop: PropertyKey) => !own.has(prop as 'size') && !handled.has(prop as 'as') };

function edges({ ruled, roomy, plain, inset, bar, flag, theme }: Said & { theme: Theme }): CSSObject {
  return {
    ...(ruled && { borderTop: `1px solid ${tok('rule')}` }),
    ...(roomy && { padding: theme.spacing(2), [theme.breakpoints.up('sm')]: { padding: theme.spacing(3) } }),
    ...(plain && { listStyle: 'none', margin: 0, padding: 0 }),
    ...(inset !== undefined && { paddingTop: theme.spacing(inset), paddingBottom: theme.spacing(inset) }),
    ...(bar && { borderLeft: `4px solid ${tok(bar)}`, paddingLeft: theme.spacing(1) }),
    ...(flag && { borderLeft: `6px solid ${tok(flag)}` }),
  };
}

function said({ theme, ...is }: Said & { theme: Theme }): CSSObject {
  const { size, tone, weight, above, below, sheet, mono, shrinks, across, widest } = is;
  return {
    ...edges({ theme, ...is }),
    ...(size && { fontSize: textSize[size] }),
    ...(tone && { color: tok(tone) }),
    ...(weight && { fontWeight: weights[weight] }),
    ...(above !== undefined && { marginTop: theme.spacing(above) }),
    ...(below !== undefined && { marginBottom: theme.spacing(below) }),
    ...(sheet && { background: tok('sheet') }),
    ...(mono && { fontFamily: figures }),
    ...(shrinks && { minWidth: 0 }),
    ...(across && { gridColumn: '1 / -1' }),
    ...(widest && { maxWidth: widest }),
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

/** What stands beside the main thing: to its right on a desk, below it on a phone. */
export const Aside = styled('aside', options)<Said>(
  ({ theme }) => ({
    background: tok('sheet'),
    padding: theme.spacing(2),
    [theme.breakpoints.up('sm')]: { padding: theme.spacing(3) },
    [theme.breakpoints.up('md')]: { borderLeft: `1px solid ${tok('rule')}` },
  }),
  said,
);
