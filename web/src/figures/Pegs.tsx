import { Row, Text } from '../theme/layout';
import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import type { Schemas } from '../api/client';
import { mono, tok } from '../theme/tokens';

type Tag = Schemas['TagView'];

const wide = 58;

/** What hangs on a peg, by what the things are kept in: a bag tied at its neck, a tray, a box, a rack, a bare tag. */
const bodies: Record<string, string> = {
  bag: 'M22 16h14l5 9c5 9 4 27-3 31H20c-7-4-8-22-3-31z',
  tray: 'M10 40h38l-4 16H14z',
  box: 'M11 28h36v28H11z',
  rack: 'M12 18h5v40h-5zM41 18h5v40h-5zM17 25h24v4H17zM17 54h24v4H17z',
  loose: 'M17 22l12-8 12 8v34H17z',
};

function standing(tag: Tag): string {
  if (tag.open === 0) return tag.kind === 'in' ? t`out again` : t`back on`;
  return t`${String(tag.open)} of ${String(tag.count)} ${tag.kind === 'in' ? t`still in` : t`still off`}`;
}

function counted(tag: Tag): string {
  if (tag.open === 0) return '✓';
  return tag.open === tag.count ? String(tag.count) : `${String(tag.open)}/${String(tag.count)}`;
}

/** Ink and figure of what hangs there: red while it is in, pale once it is gone. */
function inks(tag: Tag): { line: string; figure: string; fill: string } {
  if (tag.open === 0) return { line: tok('phos'), figure: tok('ink2'), fill: 'none' };
  return tag.kind === 'in'
    ? { line: tok('lead'), figure: tok('lead'), fill: tok('leadWash') }
    : { line: tok('ink'), figure: tok('ink'), fill: tok('sheet') };
}

function Peg({ tag, chosen, pick }: { tag: Tag; chosen: boolean; pick: () => void }) {
  const closed = tag.open === 0;
  const ink = inks(tag);
  return (
    <Box
      component="button"
      type="button"
      onClick={pick}
      aria-pressed={chosen}
      sx={{
        all: 'unset',
        cursor: 'pointer',
        width: wide,
        textAlign: 'center',
        '&:focus-visible': { outline: `2px solid ${tok('deep')}` },
      }}
    >
      <span style={visuallyHidden}>{t`Tag ${String(tag.number)}, ${tag.what}: ${standing(tag)}`}</span>
      <svg width={wide} height="64" viewBox={`0 0 ${String(wide)} 64`} aria-hidden="true" style={{ display: 'block' }}>
        <path d="M29 0v6a4 4 0 1 0 4 4" fill="none" stroke={tok('ink')} strokeWidth="2.5" strokeLinecap="round" />
        {!closed && <path d="M29 13v5" stroke={tok('ink2')} strokeWidth="1.5" />}
        <path
          d={bodies[tag.held] ?? bodies.bag}
          fill={ink.fill}
          stroke={ink.line}
          strokeWidth={chosen ? 3 : 1.5}
          strokeDasharray={closed ? '2 4' : undefined}
        />
        <text x="29" y="49" textAnchor="middle" fontFamily={mono} fontSize="17" fontWeight="700" fill={ink.figure}>
          {tag.number}
        </text>
      </svg>
      <Text as="span" aria-hidden="true" size="xs" tone={closed ? 'zinc' : 'ink2'} mono>
        {counted(tag)}
      </Text>
    </Box>
  );
}

/**
 * The board the bags hang on, peg by peg in the order of the work: what is open hangs there, what is back on or out
 * again has left its outline; what was put in is red until it is out.
 */
export function Pegs({ tags, chosen, pick }: { tags: Tag[]; chosen: number | null; pick: (number: number) => void }) {
  return (
    <Row
      role="group"
      aria-label={t`Tags, in the order of the work`}
      wrap
      below={2}
      sx={{ borderTop: `8px solid ${tok('ink')}`, rowGap: 1 }}
    >
      {tags.map((tag) => (
        <Peg
          key={tag.number}
          tag={tag}
          chosen={tag.number === chosen}
          pick={() => {
            pick(tag.number);
          }}
        />
      ))}
    </Row>
  );
}
