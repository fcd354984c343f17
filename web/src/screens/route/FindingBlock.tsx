import { Row, Text } from '../../theme/layout';
import type { MessageDescriptor } from '@lingui/core';
import { spoken } from '../../words/spoken';
import { msg, plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, TextField } from '@mui/material';
import { useState } from 'react';
import { type Schemas } from '../../api/client';
import { useLog } from '../../api/parts';
import { listed } from '../../parts/listed';
import { Notice } from '../../parts/Notice';

const words: Record<string, MessageDescriptor> = { stop: msg`Stop`, broken: msg`Broken`, caution: msg`Mind` };

export function FindingBlock({
  finding,
  mend,
  part,
}: {
  finding: Schemas['FindingView'];
  mend: (m: Schemas['MendView']) => void;
  part: string;
}) {
  const log = useLog(part);
  const [open, setOpen] = useState(false);
  const [by, setBy] = useState('');
  const [reason, setReason] = useState('');
  const also = listed(finding.alsoAt.map(String));
  const inTheWay = finding.severity !== 'caution';
  return (
    <Notice tone={inTheWay ? 'lead' : 'brass'} title={`${spoken(words[finding.severity]) || t`Mind`}: ${finding.says}`}>
      <div>{finding.consequence}</div>
      {finding.alsoAt.length > 0 && (
        <Text size="s" tone="ink2">
          {plural(finding.alsoAt.length, { one: `Also at step ${also}.`, other: `Also at steps ${also}.` })}
        </Text>
      )}
      {finding.takenBy && (
        <Text weight="firm">
          <Trans>Taken on by {finding.takenBy}</Trans>
        </Text>
      )}
      <Row gap={1} wrap sx={{ mt: finding.mends.length ? 1 : 0 }}>
        {finding.mends.map((m) => (
          <Button
            key={m.label}
            size="small"
            onClick={() => {
              mend(m);
            }}
            sx={{ textAlign: 'left' }}
          >
            {m.label}
          </Button>
        ))}
      </Row>
      {finding.mayBeTaken &&
        !finding.takenBy &&
        (open ? (
          <Box
            component="form"
            onSubmit={(e) => {
              e.preventDefault();
              log.mutate({ kind: 'taken', rule: finding.rule, by, note: reason, at: new Date().toISOString() });
            }}
            sx={{ display: 'grid', gap: 1, mt: 1, maxWidth: 420 }}
          >
            <TextField
              label={t`Your name`}
              value={by}
              required
              onChange={(e) => {
                setBy(e.target.value);
              }}
            />
            <TextField
              label={t`Why it is safe to go on`}
              value={reason}
              required
              onChange={(e) => {
                setReason(e.target.value);
              }}
              error={log.isError}
              helperText={log.error?.message ?? t`Both stay in the record.`}
            />
            <Button type="submit" variant="contained" disabled={log.isPending}>
              <Trans>I take it on</Trans>
            </Button>
          </Box>
        ) : (
          <Button
            size="small"
            onClick={() => {
              setOpen(true);
            }}
            sx={{ mt: 1 }}
          >
            <Trans>A trained person may decide …</Trans>
          </Button>
        ))}
    </Notice>
  );
}
