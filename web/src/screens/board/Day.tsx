import { Box } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Explained } from '../../parts/Explained';
import { textSize, tok } from '../../theme/tokens';

export function Day({ day }: { day: Schemas['DayView'] }) {
  const list = { m: 0, pl: 2.25, '& li': { mb: 0.5 } };
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Box>
        <Heading>The next day of work</Heading>
        <Box sx={{ color: tok('ink2') }}>
          {day.actions} actions, <Explained v={day.handsOn} /> at the bench
        </Box>
      </Box>
      {day.encounters.map((e) => (
        <Notice key={e.says + e.then} tone="lead" title={`Stop: ${e.says}`}>
          <div>
            {e.consequence} {e.first}; then {e.then}.
          </div>
          {e.parting.length > 0 && (
            <div>In between: {e.parting.join(', ').toLowerCase()}; or another place or day.</div>
          )}
        </Notice>
      ))}
      {day.wear.length > 0 && (
        <Labelled label="Lay out to wear">
          <Box component="ul" sx={list}>
            {day.wear.map((w) => (
              <li key={w}>{w}</li>
            ))}
          </Box>
        </Labelled>
      )}
      {day.mind.length > 0 && (
        <Labelled label="Mind">
          {day.mind.map((m) => (
            <Box key={m} sx={{ borderLeft: `4px solid ${tok('brass')}`, pl: 1, my: 0.75, fontSize: textSize.m }}>
              {m}
            </Box>
          ))}
        </Labelled>
      )}
      {day.local.map((l) => (
        <Labelled key={l.id} label={`Here: ${l.name}`}>
          <Box sx={{ whiteSpace: 'pre-line' }}>{l.text}</Box>
        </Labelled>
      ))}
      {day.disposal.length > 0 && (
        <Labelled label="Waste">
          <Box component="ul" sx={list}>
            {day.disposal.map((d) => (
              <li key={d.where}>
                {d.where}
                <Box component="span" sx={{ display: 'block', fontSize: textSize.s, color: tok('ink2') }}>
                  from: {d.from.slice(0, 4).join(', ')}
                  {d.from.length > 4 ? ' …' : ''}
                </Box>
              </li>
            ))}
          </Box>
        </Labelled>
      )}
      <Labelled label="Solvent into the air">
        <span className="mono">{day.voc}</span>
        {day.vocWarning && <Box sx={{ color: tok('lead'), fontWeight: 650 }}>{day.vocWarning}</Box>}
      </Labelled>
      <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
        Labels, safety data sheets and local codes come first.{' '}
        <Box component={Link} to="/yard" sx={{ color: 'inherit' }}>
          Write down the rules of your place
        </Box>
        .
      </Box>
    </Box>
  );
}
