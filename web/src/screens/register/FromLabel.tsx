import { Navigate, useParams } from 'react-router';
import { useLabel } from '../../api/register';
import { Failed, Loading } from '../../parts/Waiting';

/** What the square on a label opens: the tag in its register. */
export function FromLabel() {
  const { code = '' } = useParams();
  const label = useLabel(code);
  if (label.isPending) return <Loading />;
  if (label.isError) return <Failed error={label.error} />;
  return <Navigate to={`/job/${label.data.jobId}/register?tag=${String(label.data.number)}`} replace />;
}
