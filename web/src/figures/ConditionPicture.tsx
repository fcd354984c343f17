import { tok, type Token } from '../theme/tokens';

/** How a finding looks by grade: drawn, not photographed; more and coarser marks for a worse grade. */
const kinds: Record<
  string,
  { mark: 'spot' | 'blob' | 'line' | 'crack' | 'flake' | 'drop' | 'cross' | 'hole' | 'haze' | 'sign'; ink: Token }
> = {
  soil: { mark: 'spot', ink: 'brass' },
  oil: { mark: 'drop', ink: 'ink' },
  smoke: { mark: 'haze', ink: 'brass' },
  wax: { mark: 'drop', ink: 'phos' },
  silicone: { mark: 'drop', ink: 'deep' },
  adhesive: { mark: 'blob', ink: 'brass' },
  salt: { mark: 'cross', ink: 'phos' },
  mould: { mark: 'spot', ink: 'zinc' },
  'organic-stain': { mark: 'haze', ink: 'zinc' },
  'rust-stain': { mark: 'haze', ink: 'lead' },
  yellowing: { mark: 'haze', ink: 'brass' },
  rust: { mark: 'blob', ink: 'lead' },
  'white-corrosion': { mark: 'blob', ink: 'phos' },
  tarnish: { mark: 'haze', ink: 'zinc' },
  'old-coating': { mark: 'flake', ink: 'deep' },
  'weak-film': { mark: 'drop', ink: 'lead' },
  chalked: { mark: 'haze', ink: 'phos' },
  worn: { mark: 'blob', ink: 'ink' },
  scratches: { mark: 'line', ink: 'ink' },
  cracks: { mark: 'crack', ink: 'ink' },
  dents: { mark: 'hole', ink: 'phos' },
  holes: { mark: 'hole', ink: 'ink' },
  'soft-core': { mark: 'haze', ink: 'deep' },
  delamination: { mark: 'hole', ink: 'deep' },
  unfair: { mark: 'line', ink: 'phos' },
  torn: { mark: 'crack', ink: 'lead' },
  hardened: { mark: 'crack', ink: 'phos' },
  threads: { mark: 'line', ink: 'lead' },
  'water-inside': { mark: 'drop', ink: 'deep' },
};

/** Evenly scattered and always the same: places by the golden angle. */
const place = (i: number, of: number): [number, number] => {
  const r = Math.sqrt((i + 0.5) / of);
  const a = i * 2.39996;
  return [32 + 29 * r * Math.cos(a), 22 + 18 * r * Math.sin(a)];
};

export function ConditionPicture({ picture, grade, of }: { picture: string; grade: number; of: number }) {
  const { mark, ink } = kinds[picture] ?? { mark: 'sign' as const, ink: 'brass' as const };
  const worst = of < 2 ? 1 : (grade + 1) / of;
  const count = Math.round(4 + 16 * worst);
  const size = 1.2 + 3.4 * worst;
  const colour = tok(ink);
  const marks = Array.from({ length: mark === 'haze' || mark === 'sign' ? 0 : count }, (_, i) => {
    const [x, y] = place(i, count);
    switch (mark) {
      case 'spot':
        return <circle key={i} cx={x} cy={y} r={size * 0.45} fill={colour} />;
      case 'blob':
        return (
          <path
            key={i}
            d={[
              `M${x - size} ${y}`,
              `q${size * 0.4} ${-size} ${size} ${-size * 0.7}`,
              `t${size} ${size * 0.5}`,
              `q${-size * 0.3} ${size} ${-size} ${size}`,
              `t${-size} ${-size * 0.8}z`,
            ].join(' ')}
            fill={colour}
          />
        );
      case 'line':
        return (
          <path
            key={i}
            d={`M${x - 4 * worst - 3} ${y - 3} l${8 * worst + 6} 6`}
            stroke={colour}
            strokeWidth={0.4 + 1.4 * worst}
          />
        );
      case 'crack':
        return i % 4 ? null : (
          <path
            key={i}
            d={`M${x} ${y - 7} l3 4 -4 3 3 4 -2 ${4 * worst}`}
            fill="none"
            stroke={colour}
            strokeWidth={0.6 + 1.6 * worst}
          />
        );
      case 'flake':
        return i % 2 ? null : (
          <path
            key={i}
            d={`M${x} ${y} l${size * 1.6} ${-size * 0.6} ${size * 0.5} ${size * 1.5} ${-size * 1.7} ${size * 0.5}z`}
            fill={grade === 0 ? 'none' : tok('sheet')}
            stroke={colour}
            strokeWidth={1}
          />
        );
      case 'drop':
        return i % 2 ? null : (
          <path
            key={i}
            d={`M${x} ${y - size} q${size} ${size * 1.3} 0 ${size * 1.8} q${-size} ${-size * 0.5} 0 ${-size * 1.8}z`}
            fill={colour}
          />
        );
      case 'cross':
        return (
          <path
            key={i}
            d={`M${x - size / 2} ${y} h${size} M${x} ${y - size / 2} v${size}`}
            stroke={colour}
            strokeWidth={1}
          />
        );
      default:
        return i % 3 ? null : <circle key={i} cx={x} cy={y} r={size} fill="none" stroke={colour} strokeWidth={1.4} />;
    }
  });
  return (
    <svg
      viewBox="0 0 64 44"
      width={64}
      height={44}
      aria-hidden
      style={{ display: 'block', background: tok('wash'), border: `1px solid ${tok('rule')}` }}
    >
      {mark === 'haze' &&
        Array.from({ length: Math.round(3 + 9 * worst) }, (_, i) => (
          <path
            key={i}
            d={`M${2 + i * (60 / (3 + 9 * worst))} 2 v${20 + 20 * worst}`}
            stroke={colour}
            strokeWidth={1 + 2.5 * worst}
            opacity={0.75}
          />
        ))}
      {mark === 'sign' && (
        <path d="M32 7 L52 37 H12 Z M32 17 v10 M32 31 v2" fill="none" stroke={colour} strokeWidth={2.4} />
      )}
      {marks}
    </svg>
  );
}
