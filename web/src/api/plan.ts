import { useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle, type Schemas } from './client';
import { keys } from './keys';

export const usePlan = () =>
  useQuery({
    queryKey: keys.plan,
    queryFn: () => settle(api.GET('/api/plan')),
    refetchInterval: (q) => (['wanted', 'working'].includes(q.state.data?.status ?? '') ? 1500 : 60_000),
  });

/** What can begin now. It is worked out from the whole yard, so the page does not wait for it. */
export const useNextHour = () =>
  useQuery({
    queryKey: keys.nextHour,
    queryFn: () => settle(api.GET('/api/plan/next')),
    refetchInterval: 60_000,
  });

/** What would give a part its hours that has none. */
export const useHelp = (part: string) =>
  useQuery({
    queryKey: keys.help(part),
    staleTime: 60_000,
    queryFn: () => settle(api.GET('/api/plan/help/{part}', { params: { path: { part } } })),
  });

/** When in a usual year what is left of a part can be closed. */
const yearOf = (part: string) => ({
  queryKey: keys.year(part),
  staleTime: 600_000,
  queryFn: () => settle(api.GET('/api/plan/year/{part}', { params: { path: { part } } })),
});

export const useYear = (part: string) => useQuery(yearOf(part));

/** How soon each part wants somebody, by its id; undefined until all of them are known. */
export const useYears = (parts: string[]): Record<string, number> | undefined =>
  useQueries({
    queries: parts.map(yearOf),
    combine: (years) =>
      years.some((y) => y.isPending)
        ? undefined
        : Object.fromEntries(years.map((y, i) => [parts[i] ?? '', y.data?.urgency ?? 0])),
  });

export const useTriedPut = (id: string, start: string | null) =>
  useQuery({
    queryKey: keys.triedPut(id, start),
    enabled: start !== null,
    staleTime: 30_000,
    placeholderData: (before) => before,
    queryFn: () => settle(api.POST('/api/plan/try', { body: { id, start: start ?? '' } })),
  });

export const useCrew = () => useQuery({ queryKey: keys.crew, queryFn: () => settle(api.GET('/api/crew')) });

export const useAsIf = (place: string, heat: string, dry: string, room: string) =>
  useQuery({
    queryKey: keys.asIf(place, heat, dry, room),
    enabled: heat !== '' || dry !== '',
    retry: false,
    queryFn: () => settle(api.GET('/api/air/as-if', { params: { query: { place, heat, dry, room } } })),
  });

/** A write after which the schedule is another one. */
export function usePlanWrite<B>(write: (body: B) => Promise<Schemas['PlanView'] | undefined>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: write,
    onSuccess: async (view) => {
      if (view) client.setQueryData(keys.plan, view);
      else await client.invalidateQueries({ queryKey: keys.plan });
      await client.invalidateQueries({ queryKey: keys.nextHour });
      await client.invalidateQueries({ queryKey: keys.crew });
    },
  });
}
