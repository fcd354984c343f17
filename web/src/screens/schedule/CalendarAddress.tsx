import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle } from '../../api/client';
import { keys } from '../../api/keys';
import { Heading } from '../../parts/Headings';

/** The schedule in a calendar: a file, or a secret address that can be taken back. */
export function CalendarAddress() {
  const client = useQueryClient();
  const calendar = useQuery({ queryKey: keys.calendar, queryFn: () => settle(api.GET('/api/calendar')) });
  const again = { onSuccess: () => client.invalidateQueries({ queryKey: keys.calendar }) };
  const make = useMutation({ mutationFn: () => settle(api.POST('/api/calendar')), ...again });
  const revoke = useMutation({ mutationFn: () => settle(api.DELETE('/api/calendar')), ...again });
  const address = calendar.data?.address;
  return (
    <Box component="section" aria-label={t`Calendar`}>
      <Heading>
        <Trans>In your calendar</Trans>
      </Heading>
      {address ? (
        <>
          <Text className="mono" size="xs" sheet sx={{ wordBreak: 'break-all', p: 1 }}>
            {address}
          </Text>
          <Text size="s" tone="ink2" above={0.5} below={0.5}>
            <Trans>Who knows this address sees the schedule. Windows call an hour before they close.</Trans>
          </Text>
          <Row gap={1} wrap>
            <Button
              size="small"
              onClick={() => {
                void navigator.clipboard.writeText(address);
              }}
            >
              <Trans>Copy</Trans>
            </Button>
            <Button
              size="small"
              onClick={() => {
                make.mutate();
              }}
            >
              <Trans>Another address</Trans>
            </Button>
            <Button
              size="small"
              onClick={() => {
                revoke.mutate();
              }}
            >
              <Trans>Take it back</Trans>
            </Button>
          </Row>
        </>
      ) : (
        <Row gap={1} wrap>
          <Button
            size="small"
            onClick={() => {
              make.mutate();
            }}
          >
            <Trans>Make a secret address</Trans>
          </Button>
          <Button size="small" component="a" href="/api/calendar/file" download>
            <Trans>As a file</Trans>
          </Button>
        </Row>
      )}
    </Box>
  );
}
