import { textSize, tok } from '../../theme/tokens';

export const table = {
  borderCollapse: 'collapse',
  '& th, & td': { textAlign: 'left', borderBottom: `1px solid ${tok('rule')}`, py: 0.75, pr: 2 },
  '& th': { fontSize: textSize.s, color: tok('ink2'), fontWeight: 500 },
};
