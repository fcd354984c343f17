import { Row } from '../theme/layout';
import { Trans } from '@lingui/react/macro';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';
import { KeyEntry } from './KeyEntry';

/** How to read the ribbons of windows. */
export function WindowKey() {
  return (
    <Row gap={2.5} wrap size="s" tone="ink2" above={1.5} below={1.5} aria-hidden="true">
      <KeyEntry size={[38, 16]} sign={<rect width="38" height="16" fill={hatch('early')} stroke={tok('phos')} />}>
        <Trans>too soon</Trans>
      </KeyEntry>
      <KeyEntry size={[38, 20]} sign={<path d="M0 0h16l22 8v4l-22 8H0z" fill={tok('lead')} />}>
        <Trans>open, running out</Trans>
      </KeyEntry>
      <KeyEntry
        size={[38, 14]}
        sign={<path d="M0 7l6-5 7 10 7-10 7 10 7-8" fill="none" stroke={tok('ink')} strokeWidth="1.6" />}
      >
        <Trans>gone: abrade</Trans>
      </KeyEntry>
      <KeyEntry size={[38, 20]} sign={<path d="M0 0h16l22 8v4l-22 8H0z" fill={tok('lead')} opacity="0.3" />}>
        <Trans>planned step may begin</Trans>
      </KeyEntry>
    </Row>
  );
}
