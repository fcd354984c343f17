import { Box, Button } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle } from '../../api/client';
import { keys } from '../../api/keys';
import { Heading } from '../../parts/Headings';
import { textSize, tok } from '../../theme/tokens';

/** The schedule in a calendar: a file, or a secret address that can be taken back. */
export function CalendarAddress() {
  const client = useQueryClient();
  const calendar = useQuery({ queryKey: keys.calendar, queryFn: () => settle(api.GET('/api/calendar')) });
  const again = { onSuccess: () => client.invalidateQueries({ queryKey: keys.calendar }) };
  const make = useMutation({ mutationFn: () => settle(api.POST('/api/calendar')), ...again });
  const revoke = useMutation({ mutationFn: () => settle(api.DELETE('/api/calendar')), ...again });
  const address = calendar.data?.address;
  return (
    <Box component="section" aria-label="Calendar">
      <Heading>In your calendar</Heading>
      {address ? (
        <>
          <Box className="mono" sx={{ fontSize: textSize.xs, wordBreak: 'break-all', background: tok('sheet'), p: 1 }}>
            {address}
          </Box>
          <Box sx={{ fontSize: textSize.s, color: tok('ink2'), my: 0.5 }}>
            Who knows this address sees the schedule. Windows call an hour before they close.
          </Box>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button
              size="small"
              onClick={() => {
                void navigator.clipboard.writeText(address);
              }}
            >
              Copy
            </Button>
            <Button
              size="small"
              onClick={() => {
                make.mutate();
              }}
            >
              Another address
            </Button>
            <Button
              size="small"
              onClick={() => {
                revoke.mutate();
              }}
            >
              Take it back
            </Button>
          </Box>
        </>
      ) : (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button
            size="small"
            onClick={() => {
              make.mutate();
            }}
          >
            Make a secret address
          </Button>
          <Button size="small" component="a" href="/api/calendar/file" download>
            As a file
          </Button>
        </Box>
      )}
    </Box>
  );
}
