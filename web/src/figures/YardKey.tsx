import { Row } from '../theme/layout';
import { Trans } from '@lingui/react/macro';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';
import { KeyEntry } from './KeyEntry';

/** How to read the yard along time. */
export function YardKey() {
  return (
    <Row gap={2} wrap size="s" tone="ink2" above={1} aria-hidden="true">
      <KeyEntry size={[26, 13]} sign={<rect width="26" height="13" fill={hatch('colour')} stroke={tok('ink')} />}>
        <Trans>coat</Trans>
      </KeyEntry>
      <KeyEntry size={[26, 13]} sign={<rect width="26" height="13" fill={hatch('early')} stroke={tok('phos')} />}>
        <Trans>wet, or closed to wet films</Trans>
      </KeyEntry>
      <KeyEntry size={[26, 13]} sign={<rect y="2" width="26" height="9" fill={tok('phos')} />}>
        <Trans>other work</Trans>
      </KeyEntry>
      <KeyEntry
        size={[26, 13]}
        sign={<rect x="1" y="2" width="24" height="9" fill={tok('phos')} stroke={tok('ink')} strokeWidth="2" />}
      >
        <Trans>longest chain</Trans>
      </KeyEntry>
      <KeyEntry
        size={[26, 13]}
        sign={<path d="M2 10l4-6 4 6 4-6 4 6" fill="none" stroke={tok('lead')} strokeWidth="1.8" />}
      >
        <Trans>make good first</Trans>
      </KeyEntry>
      <KeyEntry size={[12, 13]} sign={<circle cx="6" cy="6" r="3.2" fill={tok('brass')} />}>
        <Trans>hangs on the forecast</Trans>
      </KeyEntry>
    </Row>
  );
}
