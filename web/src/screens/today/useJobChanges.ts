import { t } from '@lingui/core/macro';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type Schemas, api, settle } from '../../api/client';
import { mayUndo } from '../../shell/Undo';

/** What can be done with a job or a part from the list; what was removed can be had back for a minute. */
export function useJobChanges() {
  const client = useQueryClient();
  const go = useNavigate();
  const [wrong, setWrong] = useState('');
  const doing = (work: () => Promise<unknown>) => {
    setWrong('');
    work()
      .then(() => client.invalidateQueries())
      .catch((cause: unknown) => {
        setWrong(cause instanceof Error ? cause.message : t`That did not work.`);
      });
  };
  const removeJob = (job: Schemas['JobView']) => {
    const params = { path: { job: job.id } };
    doing(async () => {
      await settle(api.DELETE('/api/jobs/{job}', { params }));
      mayUndo(t`${job.name} is removed, with all its parts.`, async () => {
        await settle(api.POST('/api/jobs/{job}/restore', { params }));
        await client.invalidateQueries();
      });
    });
  };
  const removePart = (part: Schemas['PartLine']) => {
    const params = { path: { part: part.id } };
    doing(async () => {
      await settle(api.DELETE('/api/parts/{part}', { params }));
      mayUndo(t`${part.name} is removed.`, async () => {
        await settle(api.POST('/api/parts/{part}/restore', { params }));
        await client.invalidateQueries();
      });
    });
  };
  const copyPart = (part: Schemas['PartLine']) => {
    doing(async () => {
      const copy = await settle(api.POST('/api/parts/{part}/copy', { params: { path: { part: part.id } } }));
      await go(`/part/${copy.id}/survey`);
    });
  };
  const copyJob = (job: Schemas['JobView']) => {
    doing(() => settle(api.POST('/api/jobs/{job}/copy', { params: { path: { job: job.id } } })));
  };
  return { wrong, removeJob, removePart, copyPart, copyJob };
}
