import { tok } from '../theme/tokens';

/** Our mark: a hull that does not give, with its red-lead line. */
export function Mark() {
  return (
    <svg width="34" height="24" viewBox="0 0 34 24" aria-hidden="true">
      <path d="M1 8 L33 3 L28 20 Q17 24 7 19 Z" fill="none" stroke={tok('ink')} strokeWidth="2.4" />
      <path d="M4 13.5 L31 9.5" stroke={tok('lead')} strokeWidth="2.4" />
    </svg>
  );
}
