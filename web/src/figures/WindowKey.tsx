import { Row } from '../theme/layout';
import { Trans } from '@lingui/react/macro';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';

/** How to read the ribbons of windows. */
export function WindowKey() {
  return (
    <Row gap={2.5} wrap size="s" tone="ink2" above={1.5} below={1.5} aria-hidden="true">
      <Row as="span" gap={0.75} align="center">
        <svg width="38" height="16">
          <rect width="38" height="16" fill={hatch('early')} stroke={tok('phos')} />
        </svg>
        <Trans>too soon</Trans>
      </Row>
      <Row as="span" gap={0.75} align="center">
        <svg width="38" height="20">
          <path d="M0 0h16l22 8v4l-22 8H0z" fill={tok('lead')} />
        </svg>
        <Trans>open, running out</Trans>
      </Row>
      <Row as="span" gap={0.75} align="center">
        <svg width="38" height="14">
          <path d="M0 7l6-5 7 10 7-10 7 10 7-8" fill="none" stroke={tok('ink')} strokeWidth="1.6" />
        </svg>
        <Trans>gone: abrade</Trans>
      </Row>
      <Row as="span" gap={0.75} align="center">
        <svg width="38" height="20">
          <path d="M0 0h16l22 8v4l-22 8H0z" fill={tok('lead')} opacity="0.3" />
        </svg>
        <Trans>planned step may begin</Trans>
      </Row>
    </Row>
  );
}
