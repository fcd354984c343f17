import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { Link } from 'react-router';
import { Heading } from '../../parts/Headings';
import { Cover, type Covered } from './Cover';
import type { Section } from './draft';

/** What of the part stays bare or clean; plugs, tape and film follow from it. */
export function Covers({ view, catalogue, draft, set, at }: Section) {
  const covered = draft.fields.covered ?? [];
  const put = (next: Covered[]) => {
    set({ fields: { ...draft.fields, covered: next } });
  };
  const first = catalogue.coverings[0];
  return (
    <section aria-label={t`What stays bare`}>
      <Heading>
        <Trans>What stays bare or clean?</Trans>
      </Heading>
      {covered.length === 0 && (
        <Text size="m" tone="ink2" below={1}>
          <Trans>
            Bores, threads, seats, glass, lines to another colour, or nothing at all. Tape and film are reckoned by area
            until it is said.
          </Trans>
        </Text>
      )}
      {covered.map((one, index) => (
        <Cover
          key={index}
          one={one}
          index={index}
          view={view}
          catalogue={catalogue}
          shapes={[...new Set(draft.shapes.map((s) => s['name'] ?? '').filter((n) => n !== ''))]}
          at={at}
          change={(next) => {
            put(covered.map((c, i) => (i === index ? next : c)));
          }}
          drop={() => {
            put(covered.filter((_, i) => i !== index));
          }}
        />
      ))}
      <Row gap={2} align="center" wrap above={1}>
        <Button
          onClick={() => {
            if (first) put([...covered, { kind: first.id, count: 1, across: null, along: null, ...first.sizes }]);
          }}
        >
          <Trans>Something stays bare</Trans>
        </Button>
        <Link to="../mask" relative="path">
          <Trans>The masking plan</Trans>
        </Link>
      </Row>
    </section>
  );
}
