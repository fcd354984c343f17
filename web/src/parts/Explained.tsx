import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { lazy, Suspense, useId, useState } from 'react';
import type { Schemas } from '../api/client';
import { mono, tok } from '../theme/tokens';

const bring = () => import('./How');
const How = lazy(() => bring().then((m) => ({ default: m.How })));

/** A figure that explains itself on a tap: formula, inputs, source. */
export function Explained({
  v,
  size = 'inherit',
  label,
}: {
  v: Schemas['Value'];
  size?: number | 'inherit';
  label?: string;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const id = useId();
  const how = v.how;
  const style = {
    fontFamily: mono,
    fontSize: size,
    fontWeight: 600,
    fontVariantNumeric: 'tabular-nums',
    color: 'inherit',
    lineHeight: 1.15,
  };
  if (!how)
    return (
      <Box component="span" sx={style}>
        {v.text}
      </Box>
    );
  return (
    <>
      <Box
        component="button"
        type="button"
        aria-label={t`${label ?? how.summary}: ${v.text}. How is this worked out?`}
        aria-describedby={anchor ? id : undefined}
        onPointerEnter={() => void bring()}
        onFocus={() => void bring()}
        onClick={(e) => {
          setAnchor(e.currentTarget);
        }}
        sx={{
          ...style,
          background: 'none',
          border: 0,
          p: 0,
          m: 0,
          minHeight: 28,
          cursor: 'help',
          textAlign: 'left',
          borderBottom: `1px dotted ${tok('phos')}`,
        }}
      >
        {v.text}
      </Box>
      {anchor && (
        <Suspense fallback={null}>
          <How
            how={how}
            id={id}
            anchor={anchor}
            close={() => {
              setAnchor(null);
            }}
          />
        </Suspense>
      )}
    </>
  );
}
