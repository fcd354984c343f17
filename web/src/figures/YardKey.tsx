import { Row } from '../theme/layout';
import { Trans } from '@lingui/react/macro';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';

/** How to read the yard along time. */
export function YardKey() {
  return (
    <Row gap={2} wrap size="s" tone="ink2" above={1} aria-hidden="true">
      <Row as="span" gap={0.75} align="center">
        <svg width="26" height="13">
          <rect width="26" height="13" fill={hatch('colour')} stroke={tok('ink')} />
        </svg>
        <Trans>coat</Trans>
      </Row>
      <Row as="span" gap={0.75} align="center">
        <svg width="26" height="13">
          <rect width="26" height="13" fill={hatch('early')} stroke={tok('phos')} />
        </svg>
        <Trans>wet, or closed to wet films</Trans>
      </Row>
      <Row as="span" gap={0.75} align="center">
        <svg width="26" height="13">
          <rect y="2" width="26" height="9" fill={tok('phos')} />
        </svg>
        <Trans>other work</Trans>
      </Row>
      <Row as="span" gap={0.75} align="center">
        <svg width="26" height="13">
          <rect x="1" y="2" width="24" height="9" fill={tok('phos')} stroke={tok('ink')} strokeWidth="2" />
        </svg>
        <Trans>longest chain</Trans>
      </Row>
      <Row as="span" gap={0.75} align="center">
        <svg width="26" height="13">
          <path d="M2 10l4-6 4 6 4-6 4 6" fill="none" stroke={tok('lead')} strokeWidth="1.8" />
        </svg>
        <Trans>make good first</Trans>
      </Row>
      <Row as="span" gap={0.75} align="center">
        <svg width="12" height="13">
          <circle cx="6" cy="6" r="3.2" fill={tok('brass')} />
        </svg>
        <Trans>hangs on the forecast</Trans>
      </Row>
    </Row>
  );
}
