import { useEffect, useState } from 'react';
import { tok, type Token } from './tokens';

/** Section hatches by kind of material; the same everywhere. Used as fill={hatch('steel')}. */
export const hatch = (kind: string): string => `url(#hatch-${kind})`;

export const hatchKinds = ['steel', 'iron', 'epoxy', 'mastic', 'alkyd', 'enamel', 'colour', 'early'] as const;

/** The rest by motif, spacing and ink: materials in ink on wash, films in their own colour on sheet. */
const more: Record<string, [motif: 'lines' | 'level' | 'cross' | 'dots' | 'grain' | 'waves', gap: number, ink: Token]> =
  {
    zinc: ['grain', 11, 'zinc'],
    'zinc-cast': ['dots', 7, 'zinc'],
    stainless: ['lines', 14, 'ink'],
    chrome: ['lines', 5, 'deep'],
    aluminium: ['lines', 12, 'phos'],
    'aluminium-cast': ['cross', 13, 'phos'],
    anodised: ['cross', 9, 'brass'],
    copper: ['cross', 11, 'lead'],
    magnesium: ['dots', 14, 'phos'],
    plated: ['lines', 9, 'brass'],
    glass: ['level', 18, 'deep'],
    fabric: ['cross', 7, 'brass'],
    gelcoat: ['waves', 9, 'deep'],
    laminate: ['waves', 7, 'phos'],
    'epoxy-surface': ['waves', 8, 'brass'],
    plastic: ['dots', 9, 'ink'],
    'low-energy': ['dots', 12, 'ink'],
    clear: ['level', 14, 'phos'],
    vinyl: ['waves', 6, 'ink'],
    rubber: ['cross', 5, 'ink'],
    membrane: ['waves', 12, 'ink'],
    wood: ['level', 5, 'brass'],
    'old-coating': ['level', 8, 'lead'],
    etch: ['dots', 4, 'brass'],
    'zinc-rich': ['dots', 5, 'phos'],
    surfacer: ['cross', 6, 'brass'],
    promoter: ['level', 4, 'deep'],
    sealer: ['level', 7, 'zinc'],
    filler: ['grain', 8, 'brass'],
    putty: ['grain', 6, 'ink'],
    fairing: ['grain', 9, 'zinc'],
    lacquer: ['waves', 5, 'lead'],
    encapsulator: ['cross', 8, 'lead'],
    lining: ['lines', 5, 'zinc'],
    liner: ['grain', 5, 'ink'],
    peel: ['waves', 7, 'lead'],
    roof: ['waves', 9, 'brass'],
    ceramic: ['dots', 3, 'ink'],
    heat: ['level', 4, 'lead'],
    cavity: ['waves', 6, 'brass'],
    underseal: ['grain', 4, 'ink'],
    dye: ['dots', 5, 'deep'],
    barrier: ['lines', 7, 'deep'],
    varnish: ['waves', 8, 'zinc'],
  };

function Motif({ kind }: { kind: string }) {
  const [motif, g, ink] = more[kind] ?? ['lines', 8, 'ink'];
  const line = { stroke: tok(ink), strokeWidth: 1.1, fill: 'none' };
  const body = {
    lines: <path d={`M-1 ${g + 1}L${g + 1}-1M-1 1L1-1M${g - 1} ${g + 1}L${g + 1} ${g - 1}`} {...line} />,
    level: <path d={`M0 ${g / 2}h${g}`} {...line} />,
    cross: <path d={`M0 0L${g} ${g}M0 ${g}L${g} 0`} {...line} />,
    dots: <circle cx={g / 2} cy={g / 2} r={Math.min(1.3, g / 4)} fill={tok(ink)} />,
    grain: (
      <path
        d={[
          `M${g * 0.2} ${g * 0.3}l${g * 0.25} ${g * 0.1}`,
          `M${g * 0.6} ${g * 0.7}l${g * 0.2} ${-g * 0.2}`,
          `M${g * 0.7} ${g * 0.15}v${g * 0.2}`,
        ].join('')}
        {...line}
      />
    ),
    waves: <path d={`M0 ${g / 2}q${g / 4} ${-g / 3} ${g / 2} 0t${g / 2} 0`} {...line} />,
  }[motif];
  return (
    <pattern id={`hatch-${kind}`} width={g} height={g} patternUnits="userSpaceOnUse">
      <rect width={g} height={g} fill={tok('sheet')} />
      {body}
    </pattern>
  );
}

/** Drawn once the page stands: what is filled with them is filled a moment later. */
export function Hatches() {
  const [drawn, setDrawn] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => {
      setDrawn(true);
    });
    return () => {
      clearTimeout(timer);
    };
  }, []);
  return drawn && <Patterns />;
}

function Patterns() {
  const line = { stroke: tok('ink'), strokeWidth: 1, fill: 'none' };
  return (
    <svg width="0" height="0" style={{ position: 'absolute' }} aria-hidden="true">
      <defs>
        <pattern id="hatch-steel" width="9" height="9" patternUnits="userSpaceOnUse">
          <rect width="9" height="9" fill={tok('wash')} />
          <path d="M-2 2l4-4M0 9l9-9M7 11l4-4" {...line} />
        </pattern>
        <pattern id="hatch-iron" width="10" height="10" patternUnits="userSpaceOnUse">
          <rect width="10" height="10" fill={tok('wash')} />
          <path d="M0 10l10-10M5 0l5 5" {...line} />
          <circle cx="3" cy="3" r=".9" fill={tok('ink')} />
        </pattern>
        <pattern id="hatch-epoxy" width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill={tok('sheet')} />
          <path d="M0 0l6 6M-1.5 4.5l3 3M4.5-1.5l3 3" stroke={tok('zinc')} strokeWidth="1.2" />
        </pattern>
        <pattern id="hatch-mastic" width="7" height="7" patternUnits="userSpaceOnUse">
          <rect width="7" height="7" fill={tok('sheet')} />
          <path d="M0 0l7 7M0 7l7-7" stroke={tok('zinc')} strokeWidth="1" />
        </pattern>
        <pattern id="hatch-alkyd" width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill={tok('sheet')} />
          <path d="M0 3h6" stroke={tok('brass')} strokeWidth="1.2" />
        </pattern>
        <pattern id="hatch-enamel" width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill={tok('sheet')} />
          <path d="M0 2h4M3 5h3" stroke={tok('brass')} strokeWidth="1.2" />
        </pattern>
        <pattern id="hatch-colour" width="5" height="5" patternUnits="userSpaceOnUse">
          <rect width="5" height="5" fill={tok('leadWash')} />
          <circle cx="1.5" cy="1.5" r=".9" fill={tok('lead')} />
          <circle cx="4" cy="4" r=".6" fill={tok('lead')} />
        </pattern>
        <pattern id="hatch-early" width="7" height="7" patternUnits="userSpaceOnUse">
          <path d="M0 7L7 0M-1.5 1.5l3-3M5.5 8.5l3-3" stroke={tok('phos')} strokeWidth="1.2" />
        </pattern>
        {Object.keys(more).map((kind) => (
          <Motif key={kind} kind={kind} />
        ))}
      </defs>
    </svg>
  );
}
