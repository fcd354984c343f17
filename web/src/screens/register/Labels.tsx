import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, GlobalStyles, TextField } from '@mui/material';
import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useRegister, type Tag } from '../../api/register';
import { Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';

/** The sheet: A4, three labels across and eight down, 70 by 37 mm. */
const across = 3;
const down = 8;
const sheet = across * down;
const near = ['localhost', '127.0.0.1', '[::1]'];

function Label({ tag, job }: { tag: Tag; job: string }) {
  return (
    <Row
      sx={{
        width: '70mm',
        height: '37mm',
        boxSizing: 'border-box',
        p: '3mm',
        gap: '3mm',
        overflow: 'hidden',
        color: '#000',
        outline: '0.2mm dotted #999',
        outlineOffset: '-0.1mm',
        '@media print': { outline: 'none' },
      }}
    >
      <QRCodeSVG
        value={`${window.location.origin}/tag/${tag.code}`}
        level="M"
        marginSize={2}
        title={t`Opens tag ${String(tag.number)}`}
        style={{ width: '27mm', height: '27mm', flex: 'none' }}
      />
      <Text shrinks sx={{ fontSize: '8.5pt', lineHeight: 1.15, overflowWrap: 'anywhere' }}>
        <Text weight="strong" mono sx={{ fontSize: '19pt', lineHeight: 1 }}>
          {tag.number}
        </Text>
        <Text weight="strong">{tag.what}</Text>
        <Box>
          {tag.kind === 'in' ? t`in` : t`off`} {tag.partName}
        </Box>
        <Text mono sx={{ fontSize: '7pt' }}>
          {tag.items.map((i) => `${String(i.count)} × ${i.what} ${i.size}`.trim()).join(', ')}
        </Text>
        <Text mono sx={{ fontSize: '7pt' }}>
          {tag.code} · {job}
        </Text>
      </Text>
    </Row>
  );
}

/** Labels to print on a sheet that may have been begun. */
export function Labels() {
  const { job = '' } = useParams();
  const read = useRegister(job);
  const [from, setFrom] = useState('1');
  if (read.isPending) return <Loading />;
  if (read.isError) return <Failed error={read.error} />;
  const tags = read.data.tags;
  const first = Number.parseInt(from, 10);
  const good = first >= 1 && first <= sheet;
  const places = [...Array.from({ length: good ? first - 1 : 0 }, () => null), ...tags];
  const sheets = Array.from({ length: Math.ceil(places.length / sheet) }, (_, n) =>
    places.slice(n * sheet, (n + 1) * sheet),
  );
  return (
    <Text roomy sx={{ '@media print': { p: 0 } }}>
      <Box sx={{ '@media print': { display: 'none' } }}>
        <Title sub={read.data.name}>
          <Trans>Labels</Trans>
        </Title>
        {near.includes(window.location.hostname) && (
          <Notice tone="brass" title={t`These squares open on this machine only`}>
            <Trans>
              The page was opened as {window.location.host}. Open it under the address that a phone in the yard reaches,
              then print.
            </Trans>
          </Notice>
        )}
        <Row gap={1.5} align="flex-start" wrap above={2} below={2}>
          <TextField
            label={t`First free label on the sheet`}
            value={from}
            onChange={(e) => {
              setFrom(e.target.value);
            }}
            error={!good}
            helperText={good ? t`A4, ${String(sheet)} labels of 70 × 37 mm` : t`a number from 1 to ${String(sheet)}`}
            slotProps={{ htmlInput: { inputMode: 'numeric' } }}
          />
          <Button
            variant="contained"
            disabled={tags.length === 0 || !good}
            onClick={() => {
              window.print();
            }}
          >
            <Trans>Print</Trans>
          </Button>
          <Button component={Link} to={`/job/${job}/register`}>
            <Trans>Back to the register</Trans>
          </Button>
        </Row>
        {tags.length === 0 && (
          <Text tone="ink2">
            <Trans>There are no tags yet.</Trans>
          </Text>
        )}
      </Box>
      <GlobalStyles styles={{ '@page': { size: 'A4', margin: 0 } }} />
      <Box
        sx={{ overflowX: 'auto', '@media print': { overflow: 'visible' } }}
        tabIndex={0}
        role="region"
        aria-label={t`Sheets`}
      >
        {sheets.map((labels, n) => (
          <Columns
            key={n}
            role="group"
            aria-label={t`Sheet ${String(n + 1)}`}
            cols={`repeat(${String(across)}, 70mm)`}
            below={2}
            sx={{
              width: '210mm',
              height: '297mm',
              boxSizing: 'border-box',
              pt: '0.5mm',
              background: '#fff',
              gridAutoRows: '37mm',
              '@media print': { mb: 0, breakAfter: 'page' },
            }}
          >
            {labels.map((tag, at) => (tag ? <Label key={at} tag={tag} job={read.data.name} /> : <div key={at} />))}
          </Columns>
        ))}
      </Box>
    </Text>
  );
}
