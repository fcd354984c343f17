import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';
import { given } from '../parts/given';

/** A tin filled to what is left in it; an open one has its lid off, one past its time is struck through. */
export function TinLevel({ tin, kind }: { tin: Schemas['TinLineView']; kind: string }) {
  const fill = 44 * tin.share;
  const edge = tok(given(tin.expired, 'lead').or(tin.soon, 'brass').else('ink'));
  return (
    <svg width="46" height="62" viewBox="0 0 46 62" aria-hidden="true">
      <rect x="6" y={57 - fill} width="34" height={fill} fill={kind ? hatch(kind) : tok('phos')} />
      <rect x="6" y="13" width="34" height="44" fill="none" stroke={edge} strokeWidth="2" />
      {tin.opened ? (
        <path d="M8 10L40 3" stroke={edge} strokeWidth="3.4" />
      ) : (
        <path d="M4 12h38" stroke={edge} strokeWidth="4" />
      )}
      {tin.expired && <path d="M6 57L40 13" stroke={edge} strokeWidth="2.4" />}
    </svg>
  );
}
