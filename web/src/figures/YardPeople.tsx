import { Trans } from '@lingui/react/macro';
import type { Schemas } from '../api/client';
import { textSize, tok } from '../theme/tokens';
import type { Along } from './YardBlock';

/** Who works when: a row a person below the parts. */
export function YardPeople({
  view,
  top,
  narrow,
  along,
}: {
  view: Schemas['PlanView'];
  top: number;
  narrow: boolean;
  along: Along;
}) {
  const { x, clip } = along;
  return (
    <>
      {view.people.map((p, i) => {
        const y = top + i * 17;
        return (
          <g key={p.name}>
            {!narrow && (
              <text x={0} y={y + 11} fontSize={textSize.xs} fill={tok('ink2')}>
                <Trans>{p.name} works</Trans>
              </text>
            )}
            {p.spans.map((s) => {
              const [a, b] = [clip(new Date(s.from).getTime()), clip(new Date(s.to).getTime())];
              return (
                b > a && (
                  <rect
                    key={s.from}
                    x={x(a)}
                    y={y + 2}
                    width={Math.max(1, x(b) - x(a))}
                    height="9"
                    fill={tok('wash')}
                    stroke={tok('phos')}
                  />
                )
              );
            })}
          </g>
        );
      })}
    </>
  );
}
