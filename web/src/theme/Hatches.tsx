import { tok } from './tokens';

/** Section hatches by kind of material; the same everywhere. Used as fill={hatch('steel')}. */
export const hatch = (kind: string): string => `url(#hatch-${kind})`;

export const hatchKinds = ['steel', 'iron', 'epoxy', 'mastic', 'alkyd', 'enamel', 'colour', 'early'] as const;

export function Hatches() {
  const line = { stroke: tok('ink'), strokeWidth: 1, fill: 'none' };
  return (
    <svg width="0" height="0" style={{ position: 'absolute' }} aria-hidden="true">
      <defs>
        <pattern id="hatch-steel" width="9" height="9" patternUnits="userSpaceOnUse"><rect width="9" height="9" fill={tok('wash')} /><path d="M-2 2l4-4M0 9l9-9M7 11l4-4" {...line} /></pattern>
        <pattern id="hatch-iron" width="10" height="10" patternUnits="userSpaceOnUse"><rect width="10" height="10" fill={tok('wash')} /><path d="M0 10l10-10M5 0l5 5" {...line} /><circle cx="3" cy="3" r=".9" fill={tok('ink')} /></pattern>
        <pattern id="hatch-epoxy" width="6" height="6" patternUnits="userSpaceOnUse"><rect width="6" height="6" fill={tok('sheet')} /><path d="M0 0l6 6M-1.5 4.5l3 3M4.5-1.5l3 3" stroke={tok('zinc')} strokeWidth="1.2" /></pattern>
        <pattern id="hatch-mastic" width="7" height="7" patternUnits="userSpaceOnUse"><rect width="7" height="7" fill={tok('sheet')} /><path d="M0 0l7 7M0 7l7-7" stroke={tok('zinc')} strokeWidth="1" /></pattern>
        <pattern id="hatch-alkyd" width="6" height="6" patternUnits="userSpaceOnUse"><rect width="6" height="6" fill={tok('sheet')} /><path d="M0 3h6" stroke={tok('brass')} strokeWidth="1.2" /></pattern>
        <pattern id="hatch-enamel" width="6" height="6" patternUnits="userSpaceOnUse"><rect width="6" height="6" fill={tok('sheet')} /><path d="M0 2h4M3 5h3" stroke={tok('brass')} strokeWidth="1.2" /></pattern>
        <pattern id="hatch-colour" width="5" height="5" patternUnits="userSpaceOnUse"><rect width="5" height="5" fill={tok('leadWash')} /><circle cx="1.5" cy="1.5" r=".9" fill={tok('lead')} /><circle cx="4" cy="4" r=".6" fill={tok('lead')} /></pattern>
        <pattern id="hatch-early" width="7" height="7" patternUnits="userSpaceOnUse"><path d="M0 7L7 0M-1.5 1.5l3-3M5.5 8.5l3-3" stroke={tok('phos')} strokeWidth="1.2" /></pattern>
      </defs>
    </svg>
  );
}
