import { Columns, Row, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import type { MessageDescriptor } from '@lingui/core';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { type ReactNode } from 'react';
import { type Schemas } from '../../api/client';
import { ConditionPicture } from '../../figures/ConditionPicture';

type Found = { id: string; grade: string; extent: string };

type Condition = Schemas['ConditionView'];

const groups: [string, MessageDescriptor][] = [
  ['dirt', msg`Dirt on it`],
  ['stain', msg`Stains`],
  ['corrosion', msg`Corrosion`],
  ['old film', msg`Old films`],
  ['damage', msg`Damage`],
  ['work', msg`Work due before paint`],
  ['hazard', msg`Hazards, also hidden ones`],
];

/** What was found, each at its grade by picture; below, what else could be found on this material. */
export function Findings({
  conditions,
  found,
  change,
  extent,
}: {
  conditions: Condition[];
  found: Found[];
  change: (f: Found[]) => void;
  extent: (f: Found, index: number) => ReactNode;
}) {
  return (
    <>
      {found.map((f, index) => {
        const c = conditions.find((x) => x.id === f.id);
        if (!c) return null;
        const grade = c.grades.find((g) => g.id === f.grade);
        return (
          <Text key={f.id} ruled inset={1.25}>
            <Row gap={2} align="baseline" justify="space-between" below={0.75}>
              <Box>
                <Text as="span" weight="strong">
                  {c.name}
                </Text>{' '}
                <Text as="span" size="m" tone="ink2">
                  {grade?.look}
                </Text>
              </Box>
              <Button
                size="small"
                onClick={() => {
                  change(found.filter((x) => x.id !== f.id));
                }}
                aria-label={t`${c.name}: not there`}
              >
                <Trans>Not there</Trans>
              </Button>
            </Row>
            <Row gap={2} align="start" wrap>
              <ToggleButtonGroup
                exclusive
                value={f.grade}
                aria-label={c.name}
                onChange={(_, v: string | null) => {
                  if (v !== null) change(found.map((x) => (x.id === f.id ? { ...x, grade: v } : x)));
                }}
                sx={{
                  flexWrap: 'wrap',
                  '& .MuiToggleButton-root': { p: 0.75, minHeight: 0 },
                }}
              >
                {c.grades.map((g, i) => (
                  <ToggleButton key={g.id} value={g.id} title={g.look}>
                    <Columns gap={0.5} size="s" sx={{ justifyItems: 'center', minWidth: 84 }}>
                      <ConditionPicture picture={c.picture} grade={i} of={c.grades.length} />
                      {g.name}
                    </Columns>
                  </ToggleButton>
                ))}
              </ToggleButtonGroup>
              <Box sx={{ width: 130 }}>{extent(f, index)}</Box>
            </Row>
          </Text>
        );
      })}
      {found.length === 0 && (
        <Text tone="ink2" below={1}>
          <Trans>
            Nothing found yet. Look from all sides, then tap what you see; what cannot occur on this material is left
            out.
          </Trans>
        </Text>
      )}
      <Columns gap={1} above={1.5}>
        {groups.map(([group, label]) => {
          const rest = conditions.filter((c) => c.group === group && !found.some((f) => f.id === c.id));
          return rest.length === 0 ? null : (
            <Columns key={group} gap={1} align="start" cols={{ xs: '1fr', sm: '170px 1fr' }}>
              <Text size="m" tone="ink2" sx={{ pt: { sm: 1.25 } }}>
                {spoken(label)}
              </Text>
              <Row gap={0.75} wrap>
                {rest.map((c) => (
                  <Button
                    key={c.id}
                    title={c.hint}
                    onClick={() => {
                      change([...found, { id: c.id, grade: c.grades[0]?.id ?? '', extent: '100 %' }]);
                    }}
                    sx={{ px: 1.25 }}
                  >
                    {c.name}
                  </Button>
                ))}
              </Row>
            </Columns>
          );
        })}
      </Columns>
    </>
  );
}
