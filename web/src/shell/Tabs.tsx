import { Row, Text } from '../theme/layout';
import type { MessageDescriptor } from '@lingui/core';
import { spoken } from '../words/spoken';
import { Box } from '@mui/material';
import { NavLink, useLocation } from 'react-router';
import { useName } from '../parts/useName';
import { textSize, tok } from '../theme/tokens';

/** Views that belong together: along the top on a desk, along the bottom on a phone. */
export function Tabs({
  label,
  name,
  of = '',
  views,
}: {
  label: string;
  name: string;
  of?: string;
  views: readonly (readonly [to: string, label: MessageDescriptor])[];
}) {
  const path = useLocation().pathname.replace(/\/$/, '');
  useName(name, spoken(views.find(([to]) => path.endsWith(`/${to}`))?.[1] ?? views[0]?.[1]), of);
  return (
    <>
      <Text
        weight="strong"
        sx={{ display: { xs: 'block', sm: 'none' }, '@media print': { display: 'block' }, px: 2, pt: 1 }}
      >
        {name}
        {of && (
          <Text as="span" tone="ink2" sx={{ fontWeight: 400 }}>
            {' '}
            · {of}
          </Text>
        )}
      </Text>
      <Row
        as="nav"
        aria-label={label}
        align="stretch"
        sx={{
          gap: { sm: 0.5 },
          px: { xs: 0, sm: 3 },
          borderBottom: { sm: `1px solid ${tok('rule')}` },
          borderTop: { xs: `2px solid ${tok('ink')}`, sm: 0 },
          position: { xs: 'fixed', sm: 'static' },
          bottom: 0,
          left: 0,
          right: 0,
          background: tok('ground'),
          zIndex: 10,
        }}
      >
        <Text weight="strong" sx={{ display: { xs: 'none', sm: 'flex' }, alignItems: 'center', pr: 2 }}>
          {name}
          {of && (
            <Text as="span" tone="ink2" sx={{ fontWeight: 400, ml: 1 }}>
              {of}
            </Text>
          )}
        </Text>
        {views.map(([to, text]) => (
          <Box
            key={to}
            component={NavLink}
            to={to}
            end={to === ''}
            sx={{
              flex: { xs: 1, sm: 'none' },
              textAlign: 'center',
              px: { xs: 0.5, sm: 1.75 },
              minHeight: { xs: 56, sm: 44 },
              display: 'flex',
              alignItems: 'center',
              justifyContent: 'center',
              textDecoration: 'none',
              color: tok('ink'),
              fontWeight: 600,
              fontSize: { xs: textSize.m, sm: textSize.l },
              '&.active': { background: tok('ink'), color: tok('sheet') },
            }}
          >
            {spoken(text)}
          </Box>
        ))}
      </Row>
    </>
  );
}
