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
import { mono, tok } from '../../theme/tokens';

/** The sheet: A4, three labels across and eight down, 70 by 37 mm. */
const across = 3;
const down = 8;
const sheet = across * down;
const near = ['localhost', '127.0.0.1', '[::1]'];

function Label({ tag, job }: { tag: Tag; job: string }) {
  return (
    <Box
      sx={{
        width: '70mm',
        height: '37mm',
        boxSizing: 'border-box',
        p: '3mm',
        display: 'flex',
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
      <Box sx={{ minWidth: 0, fontSize: '8.5pt', lineHeight: 1.15, overflowWrap: 'anywhere' }}>
        <Box sx={{ fontFamily: mono, fontSize: '19pt', fontWeight: 700, lineHeight: 1 }}>{tag.number}</Box>
        <Box sx={{ fontWeight: 700 }}>{tag.what}</Box>
        <Box>
          {tag.kind === 'in' ? t`in` : t`off`} {tag.partName}
        </Box>
        <Box sx={{ fontFamily: mono, fontSize: '7pt' }}>
          {tag.items.map((i) => `${String(i.count)} × ${i.what} ${i.size}`.trim()).join(', ')}
        </Box>
        <Box sx={{ fontFamily: mono, fontSize: '7pt' }}>
          {tag.code} · {job}
        </Box>
      </Box>
    </Box>
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
    <Box sx={{ p: { xs: 2, sm: 3 }, '@media print': { p: 0 } }}>
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
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', my: 2 }}>
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
        </Box>
        {tags.length === 0 && (
          <Box sx={{ color: tok('ink2') }}>
            <Trans>There are no tags yet.</Trans>
          </Box>
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
          <Box
            key={n}
            role="group"
            aria-label={t`Sheet ${String(n + 1)}`}
            sx={{
              width: '210mm',
              height: '297mm',
              boxSizing: 'border-box',
              pt: '0.5mm',
              background: '#fff',
              display: 'grid',
              gridTemplateColumns: `repeat(${String(across)}, 70mm)`,
              gridAutoRows: '37mm',
              mb: 2,
              '@media print': { mb: 0, breakAfter: 'page' },
            }}
          >
            {labels.map((tag, at) => (tag ? <Label key={at} tag={tag} job={read.data.name} /> : <div key={at} />))}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
