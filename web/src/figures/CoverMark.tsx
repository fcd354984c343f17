import { tok } from '../theme/tokens';

/** How a covering is drawn wherever it is: a plug in its bore, tape, film in a frame of tape, a fine line. */
export function CoverMark({ by, x, y, wide, high }: { by: string; x: number; y: number; wide: number; high: number }) {
  const [cx, cy] = [x + wide / 2, y + high / 2];
  const r = Math.min(wide, high) / 2;
  const frame = Math.min(6, high / 3);
  switch (by) {
    case 'plug':
      return (
        <>
          <circle cx={cx} cy={cy} r={r} fill={tok('sheet')} stroke={tok('ink')} strokeWidth="1.5" />
          <circle cx={cx} cy={cy} r={r * 0.77} fill={tok('lead')} stroke={tok('ink')} strokeWidth="1.5" />
        </>
      );
    case 'film':
      return (
        <>
          <rect x={x} y={y} width={wide} height={high} fill={tok('sheet')} />
          <rect
            x={x + frame / 2}
            y={y + frame / 2}
            width={wide - frame}
            height={high - frame}
            fill="none"
            stroke={tok('brass')}
            strokeWidth={frame}
          />
          <path
            d={`M${String(x + frame)} ${String(y + high - frame)}L${String(x + wide - frame)} ${String(y + frame)}`}
            stroke={tok('phos')}
            strokeWidth="1"
          />
        </>
      );
    case 'line':
      return (
        <>
          <rect x={x} y={cy} width={wide} height={Math.max(6, high * 2)} fill={tok('brass')} fillOpacity=".55" />
          <path d={`M${String(x)} ${String(cy)}h${String(wide)}`} stroke={tok('lead')} strokeWidth="3" />
        </>
      );
    default:
      return (
        <>
          <rect
            x={x}
            y={y}
            width={wide}
            height={high}
            fill={tok('brass')}
            fillOpacity=".55"
            stroke={tok('ink')}
            strokeWidth="1.5"
          />
          <path
            d={`M${String(x)} ${String(cy)}h${String(wide)}`}
            stroke={tok('ink')}
            strokeWidth="1"
            strokeDasharray="3 3"
          />
        </>
      );
  }
}
