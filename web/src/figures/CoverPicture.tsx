import type { Schemas } from '../api/client';
import { tok } from '../theme/tokens';

type Line = Schemas['MaskingLineView'];

const [wide, high] = [96, 72];

/** What covers it, drawn as it lies there: a plug in its bore, strips of tape, film in a frame of tape, a fine line. */
export function CoverPicture({ line }: { line: Line }) {
  const across = line.acrossM ?? 0.05;
  const along = line.alongM ?? Math.max(across, 0.05);
  const scale = Math.min(76 / Math.max(along, 0.001), 52 / Math.max(across, 0.001));
  const [w, h] = [Math.max(10, along * scale), Math.max(8, Math.min(across * scale, 52))];
  const [x, y] = [(wide - w) / 2, (high - h) / 2];
  const ink = { stroke: tok('ink'), strokeWidth: 1.5 };
  return (
    <svg width={wide} height={high} viewBox={`0 0 ${String(wide)} ${String(high)}`} aria-hidden="true">
      <rect x="1" y="1" width={wide - 2} height={high - 2} fill="url(#hatch-steel)" stroke={tok('phos')} />
      {line.by === 'plug' && (
        <>
          <circle cx={wide / 2} cy={high / 2} r="22" fill={tok('sheet')} {...ink} />
          <circle cx={wide / 2} cy={high / 2} r="17" fill={tok('lead')} {...ink} />
          <path d="M48 36v-26" stroke={tok('lead')} strokeWidth="4" strokeLinecap="round" />
        </>
      )}
      {line.by === 'tape' && (
        <>
          <rect x={x} y={y} width={w} height={h} fill={tok('brass')} fillOpacity=".55" {...ink} />
          <path
            d={`M${String(x)} ${String(y + h / 2)}h${String(w)}`}
            stroke={tok('ink')}
            strokeWidth="1"
            strokeDasharray="3 3"
          />
        </>
      )}
      {line.by === 'film' && (
        <>
          <rect x={x} y={y} width={w} height={h} fill={tok('sheet')} stroke={tok('brass')} strokeWidth="6" />
          <path
            d={`M${String(x + 6)} ${String(y + h - 6)}L${String(x + w - 6)} ${String(y + 6)}`}
            stroke={tok('phos')}
            strokeWidth="1"
          />
        </>
      )}
      {line.by === 'line' && (
        <>
          <rect x="1" y="36" width={wide - 2} height="35" fill={tok('sheet')} />
          <path d={`M1 36h${String(wide - 2)}`} stroke={tok('brass')} strokeWidth="12" strokeOpacity=".55" />
          <path d={`M1 31h${String(wide - 2)}`} stroke={tok('lead')} strokeWidth="3" />
        </>
      )}
    </svg>
  );
}
