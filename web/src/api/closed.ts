import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle } from './client';
import { keys } from './keys';

export const useClosed = (archived: boolean, page: number, search: string) =>
  useQuery({
    queryKey: keys.closed(archived, page, search),
    placeholderData: (before) => before,
    queryFn: () =>
      settle(
        api.GET('/api/closed-jobs', {
          params: { query: { archived: archived ? 'yes' : 'no', page: String(page), search } },
        }),
      ),
  });

export const useJob = (job: string) =>
  useQuery({
    queryKey: keys.job(job),
    queryFn: () => settle(api.GET('/api/jobs/{job}', { params: { path: { job } } })),
  });

/** Whatever lists jobs or sums them up is another after a job was closed, put away or opened. */
function useJobWrite<B>(write: (body: B) => Promise<unknown>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: write, onSuccess: () => client.invalidateQueries() });
}

export const useCloseJob = (job: string) =>
  useJobWrite((leaving: boolean) =>
    settle(api.POST('/api/jobs/{job}/close', { params: { path: { job } }, body: { leaving } })),
  );

export const useReopen = () =>
  useJobWrite((job: string) => settle(api.POST('/api/jobs/{job}/reopen', { params: { path: { job } } })));

export const useArchive = () =>
  useJobWrite(({ job, archived }: { job: string; archived: boolean }) =>
    settle(api.PUT('/api/jobs/{job}/archived', { params: { path: { job } }, body: { archived } })),
  );
