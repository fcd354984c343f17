import { Row } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Menu, MenuItem } from '@mui/material';
import { type ChangeEvent, useRef, useState } from 'react';
import { Refusal, api, settle } from '../../api/client';
import { Notice } from '../../parts/Notice';
import { type Shape, type Kind } from './asKind';

const quick = ['plate', 'strip', 'box-section', 'tube', 'lattice'];

/** Adds a shape: the usual ones by a button each, all from a menu, many from a list. */
export function AddShape({
  kinds,
  add,
  bring: take,
}: {
  kinds: Kind[];
  add: (kind: Kind) => void;
  bring: (shapes: Shape[]) => void;
}) {
  const list = useRef<HTMLInputElement>(null);
  const [listError, setListError] = useState('');
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const bring = async (e: ChangeEvent<HTMLInputElement>) => {
    const file = e.target.files?.[0];
    e.target.value = '';
    if (!file) return;
    try {
      const read = await settle(api.POST('/api/shapes/list', { body: { text: await file.text() } }));
      setListError('');
      take(read.shapes);
    } catch (cause) {
      setListError(cause instanceof Refusal ? cause.said : t`The file cannot be read.`);
    }
  };
  return (
    <>
      <Row gap={1} wrap above={1}>
        {kinds
          .filter((k) => quick.includes(k.kind))
          .sort((a, b) => quick.indexOf(a.kind) - quick.indexOf(b.kind))
          .map((k) => (
            <Button
              key={k.kind}
              onClick={() => {
                add(k);
              }}
            >
              <Trans>Add {k.kind.replace('-', ' ')}</Trans>
            </Button>
          ))}
        <Button
          aria-haspopup="menu"
          onClick={(e) => {
            setMenu(e.currentTarget);
          }}
        >
          <Trans>Add another shape …</Trans>
        </Button>
        <Menu
          anchorEl={menu}
          open={menu !== null}
          onClose={() => {
            setMenu(null);
          }}
        >
          {kinds.map((k) => (
            <MenuItem
              key={k.kind}
              onClick={() => {
                setMenu(null);
                add(k);
              }}
            >
              {k.label}
            </MenuItem>
          ))}
        </Menu>
        <Button onClick={() => list.current?.click()}>
          <Trans>Open a list (CSV)</Trans>
        </Button>
        <input
          ref={list}
          type="file"
          accept=".csv,text/csv,text/plain"
          hidden
          aria-label={t`List of dimensions`}
          onChange={(e) => {
            void bring(e);
          }}
        />
      </Row>
      {listError && (
        <div role="alert">
          <Notice title={t`Nothing was taken from the list`}>{listError}</Notice>
        </div>
      )}
    </>
  );
}
