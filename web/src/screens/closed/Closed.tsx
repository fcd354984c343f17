import { Row, Text } from '../../theme/layout';
import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, TextField } from '@mui/material';
import { useSearchParams } from 'react-router';
import { useClosed } from '../../api/closed';
import { Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { useName } from '../../parts/useName';
import { ClosedLine } from './ClosedLine';

/** The jobs that are over, a page at a time; those put away apart. */
export function Closed() {
  const [ask, setAsk] = useSearchParams();
  const archived = ask.get('archived') === 'yes';
  const page = Math.max(1, Number(ask.get('page') ?? '1') || 1);
  const search = ask.get('search') ?? '';
  const closed = useClosed(archived, page, search);
  useName(t`Closed jobs`);
  const go = (to: { archived?: boolean; page?: number; search?: string }) => {
    const next = { archived, page: 1, search, ...to };
    setAsk({
      ...(next.archived ? { archived: 'yes' } : {}),
      ...(next.page > 1 ? { page: String(next.page) } : {}),
      ...(next.search !== '' ? { search: next.search } : {}),
    });
  };
  if (closed.isPending) return <Loading />;
  if (closed.isError) return <Failed error={closed.error} />;
  const { jobs, pages, count } = closed.data;
  return (
    <Text roomy>
      <Title
        sub={
          search === ''
            ? plural(count, { one: '# job', other: '# jobs' })
            : plural(count, { one: '# job of that name', other: '# jobs of that name' })
        }
      >
        {archived ? t`Put away` : t`Closed jobs`}
      </Title>
      <Row gap={1.5} align="center" wrap below={2}>
        <TextField
          size="small"
          label={t`Look for`}
          defaultValue={search}
          key={`${String(archived)} ${search}`}
          onKeyDown={(e) => {
            if (e.key === 'Enter') go({ search: (e.target as HTMLInputElement).value.trim() });
          }}
          onBlur={(e) => {
            if (e.target.value.trim() !== search) go({ search: e.target.value.trim() });
          }}
        />
        <Button
          onClick={() => {
            go({ archived: !archived, search: '' });
          }}
        >
          {archived ? t`The closed ones` : t`Those put away`}
        </Button>
      </Row>
      {count === 0 && (
        <Notice tone="deep" title={search === '' ? t`Nothing here` : t`Nothing of that name`}>
          {archived
            ? t`A closed job that nobody looks for any more can be put away here.`
            : t`A job whose parts are handed over is closed from Today; it is kept here with its record.`}
        </Notice>
      )}
      <Text as="ul" aria-label={t`Closed jobs`} plain>
        {jobs.map((job) => (
          <ClosedLine key={job.id} job={job} />
        ))}
      </Text>
      {pages > 1 && (
        <Row as="nav" aria-label={t`Pages`} gap={1.5} align="center" above={2}>
          <Button
            disabled={page <= 1}
            onClick={() => {
              go({ page: page - 1 });
            }}
          >
            <Trans>Newer</Trans>
          </Button>
          <Text as="span" tone="ink2">
            <Trans>
              page {page} of {pages}
            </Trans>
          </Text>
          <Button
            disabled={page >= pages}
            onClick={() => {
              go({ page: page + 1 });
            }}
          >
            <Trans>Older</Trans>
          </Button>
        </Row>
      )}
    </Text>
  );
}
