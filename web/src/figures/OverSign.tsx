import { Row } from '../theme/layout';
import type { MessageDescriptor } from '@lingui/core';
import { spoken } from '../words/spoken';
import { msg } from '@lingui/core/macro';
import { tok } from '../theme/tokens';

export const size = 30;

export const words: Record<string, MessageDescriptor> = {
  straight: msg`straight on, in its window`,
  abraded: msg`after abrading`,
  cured: msg`only once fully cured`,
  no: msg`no`,
};

/** The sign of an answer: full, hatched, half, crossed out. */
export function Sign({ answer }: { answer: string }) {
  const s = 22;
  return (
    <svg width={s} height={s} style={{ display: 'block', flex: 'none' }} aria-hidden="true">
      <rect
        x="1"
        y="1"
        width={s - 2}
        height={s - 2}
        fill={answer === 'straight' ? tok('zinc') : tok('sheet')}
        stroke={answer === 'no' ? tok('rule') : tok('ink')}
      />
      {answer === 'abraded' && (
        <path d={`M1 8L8 1M1 15L15 1M2 21L21 2M8 21L21 8M15 21L21 15`} stroke={tok('zinc')} strokeWidth="2" />
      )}
      {answer === 'cured' && <path d={`M1 ${s / 2}H${s - 1}V${s - 1}H1Z`} fill={tok('brass')} />}
      {answer === 'no' && <path d="M6 6L16 16M16 6L6 16" stroke={tok('lead')} strokeWidth="2.2" />}
    </svg>
  );
}

export function SignKey() {
  return (
    <Row gap={2} wrap size="m" below={1.5}>
      {Object.entries(words).map(([answer, says]) => (
        <Row key={answer} gap={0.75} align="center">
          <Sign answer={answer} />
          {spoken(says)}
        </Row>
      ))}
    </Row>
  );
}
