import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { Link, useParams } from 'react-router';
import { useRoute } from '../../api/parts';
import { Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { RouteEditor } from './RouteEditor';

export function RouteOfWork() {
  const { part = '' } = useParams();
  const route = useRoute(part);
  if (route.isPending) return <Loading />;
  if (route.isError) return <Failed error={route.error} />;
  if (route.data.obstacle)
    return (
      <Text widest={720} sx={{ p: 3 }}>
        <Title>
          <Trans>No order of work yet</Trans>
        </Title>
        <Notice title={t`What stands in the way`}>{route.data.obstacle}</Notice>
        <Button component={Link} to="../film" relative="path" variant="outlined">
          <Trans>Choose what is wanted, and the film</Trans>
        </Button>
      </Text>
    );
  return <RouteEditor view={route.data} />;
}
