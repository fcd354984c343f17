import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Menu, MenuItem } from '@mui/material';
import { useState } from 'react';

export function JobMenu({ of, choices }: { of: string; choices: [label: string, act: () => void][] }) {
  const [at, setAt] = useState<HTMLElement | null>(null);
  return (
    <>
      <Button
        size="small"
        aria-haspopup="menu"
        aria-label={t`More for ${of}`}
        onClick={(e) => {
          setAt(e.currentTarget);
        }}
        sx={{ minWidth: 44, minHeight: 44, border: 0 }}
      >
        <Trans>More</Trans>
      </Button>
      {at && (
        <Menu
          anchorEl={at}
          open
          onClose={() => {
            setAt(null);
          }}
        >
          {choices.map(([label, act]) => (
            <MenuItem
              key={label}
              onClick={() => {
                setAt(null);
                act();
              }}
            >
              {label}
            </MenuItem>
          ))}
        </Menu>
      )}
    </>
  );
}
