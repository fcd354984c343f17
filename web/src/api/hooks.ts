import { useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle, type Schemas } from './client';
import { setToken } from './sturdy';

export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: async () => {
      const session = await settle(api.GET('/api/session'));
      setToken(session.token);
      return session;
    },
    staleTime: Infinity,
  });
}

export const useCatalogue = () =>
  useQuery({ queryKey: ['catalogue'], queryFn: () => settle(api.GET('/api/catalogue')), staleTime: Infinity });
export const useToday = () =>
  useQuery({ queryKey: ['today'], queryFn: () => settle(api.GET('/api/today')), refetchInterval: 60_000 });
export const useJobs = () => useQuery({ queryKey: ['jobs'], queryFn: () => settle(api.GET('/api/jobs')) });
export const useSurvey = (part: string) =>
  useQuery({
    queryKey: ['part', part, 'survey'],
    queryFn: () => settle(api.GET('/api/parts/{part}/survey', { params: { path: { part } } })),
  });
export const useRoute = (part: string) =>
  useQuery({
    queryKey: ['part', part, 'route'],
    queryFn: () => settle(api.GET('/api/parts/{part}/route', { params: { path: { part } } })),
  });
export interface Tools {
  vessel: string;
  scale: string;
  helper: string;
  tray: string;
}
export const useMix = (part: string, tools: Tools) =>
  useQuery({
    queryKey: ['part', part, 'mix', tools],
    queryFn: () => settle(api.GET('/api/parts/{part}/mix', { params: { path: { part }, query: tools } })),
    placeholderData: (before) => before,
  });
export const useCover = (part: string, step: string) =>
  useQuery({
    queryKey: ['part', part, 'cover', step],
    enabled: step !== '',
    queryFn: () => settle(api.GET('/api/parts/{part}/cover/{step}', { params: { path: { part, step } } })),
  });

export const usePour = (part: string, step: string, tools: Tools, poured: number, zero: number, on: boolean) =>
  useQuery({
    queryKey: ['part', part, 'pour', step, tools, poured, zero],
    enabled: on,
    refetchInterval: 500,
    placeholderData: (before) => before,
    queryFn: () =>
      settle(
        api.GET('/api/parts/{part}/pour/{step}', {
          params: { path: { part, step }, query: { ...tools, poured: String(poured), zero: String(zero) } },
        }),
      ),
  });

export interface WhatIf {
  coats: string;
  loss: string;
  breeze: string;
  method: string;
}
export const useQuantities = (job: string, ask: WhatIf) =>
  useQuery({
    queryKey: ['board', job, 'quantities', ask],
    queryFn: () => settle(api.GET('/api/jobs/{job}/quantities', { params: { path: { job }, query: ask } })),
    placeholderData: (before) => before,
  });

export const useCards = (job: string) =>
  useQuery({
    queryKey: ['cards', job],
    queryFn: () => settle(api.GET('/api/jobs/{job}/cards', { params: { path: { job } } })),
  });
export const useTriedCard = (job: string, body: Schemas['WorkCardBody']) =>
  useQuery({
    queryKey: ['cards', job, 'try', body],
    staleTime: Infinity,
    retry: false,
    placeholderData: (before) => before,
    queryFn: () => settle(api.POST('/api/jobs/{job}/cards/try', { params: { path: { job } }, body })),
  });

export function useKeepCard(job: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas['WorkCardBody']) =>
      settle(api.POST('/api/jobs/{job}/cards', { params: { path: { job } }, body })),
    onSuccess: (view) => {
      client.setQueryData(['cards', job], view);
    },
  });
}

export function useDropCard(job: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (card: string) =>
      settle(api.DELETE('/api/jobs/{job}/cards/{card}', { params: { path: { job, card } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['cards', job] }),
  });
}

export const useStore = () => useQuery({ queryKey: ['store'], queryFn: () => settle(api.GET('/api/store')) });

/** A write to the store: what comes back is the store as it is then; covers and lists are stale. */
export function useStoreWrite<B>(write: (body: B) => Promise<Schemas['StoreView'] | undefined>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: write,
    onSuccess: async (view) => {
      if (view) client.setQueryData(['store'], view);
      await client.invalidateQueries({
        predicate: (q) =>
          q.queryKey[0] === 'board' ||
          q.queryKey[2] === 'cover' ||
          (!view && ['store', 'part', 'catalogue'].includes(String(q.queryKey[0]))),
      });
    },
  });
}
export const usePlan = () =>
  useQuery({
    queryKey: ['plan'],
    queryFn: () => settle(api.GET('/api/plan')),
    refetchInterval: (q) => (['wanted', 'working'].includes(q.state.data?.status ?? '') ? 1500 : 60_000),
  });
export const useTriedPut = (id: string, start: string | null) =>
  useQuery({
    queryKey: ['plan', 'try', id, start],
    enabled: start !== null,
    staleTime: 30_000,
    placeholderData: (before) => before,
    queryFn: () => settle(api.POST('/api/plan/try', { body: { id, start: start ?? '' } })),
  });
export const useCrew = () => useQuery({ queryKey: ['crew'], queryFn: () => settle(api.GET('/api/crew')) });
export const useAsIf = (place: string, heat: string, dry: string, room: string) =>
  useQuery({
    queryKey: ['plan', 'as-if', place, heat, dry, room],
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
      if (view) client.setQueryData(['plan'], view);
      else await client.invalidateQueries({ queryKey: ['plan'] });
      await client.invalidateQueries({ queryKey: ['crew'] });
    },
  });
}
export const useWindows = (part: string) =>
  useQuery({
    queryKey: ['part', part, 'windows'],
    queryFn: () => settle(api.GET('/api/parts/{part}/windows', { params: { path: { part } } })),
    refetchInterval: 60_000,
  });
export const useRecord = (part: string) =>
  useQuery({
    queryKey: ['part', part, 'record'],
    queryFn: () => settle(api.GET('/api/parts/{part}/record', { params: { path: { part } } })),
  });

/** Everything that was worked out from a part is stale once the part changes. */
function useStale() {
  const client = useQueryClient();
  return async (part: string, keep: string[] = []) => {
    await Promise.all([
      client.invalidateQueries({
        predicate: (q) => q.queryKey[0] === 'part' && q.queryKey[1] === part && !keep.includes(String(q.queryKey[2])),
      }),
      client.invalidateQueries({ queryKey: ['today'] }),
      client.invalidateQueries({ queryKey: ['board'] }),
      client.invalidateQueries({ queryKey: ['store'] }),
      client.invalidateQueries({ queryKey: ['jobs'] }),
    ]);
  };
}

export function useSaveSurvey(part: string) {
  const client = useQueryClient();
  const stale = useStale();
  return useMutation({
    mutationFn: (body: Schemas['SurveyBody']) =>
      settle(api.PUT('/api/parts/{part}/survey', { params: { path: { part } }, body })),
    onSuccess: async (view) => {
      client.setQueryData(['part', part, 'survey'], view);
      await stale(part, ['survey']);
    },
  });
}

export function useSaveRoute(part: string) {
  const client = useQueryClient();
  const stale = useStale();
  const settled = async (view: Schemas['RouteView']) => {
    client.setQueryData(['part', part, 'route'], view);
    await stale(part, ['route']);
  };
  const save = useMutation({
    mutationFn: (body: Schemas['RouteBody']) =>
      settle(api.PUT('/api/parts/{part}/route', { params: { path: { part } }, body })),
    onSuccess: settled,
    onError: () => stale(part),
  });
  const plan = useMutation({
    mutationFn: (schools: Record<string, string>) =>
      settle(api.POST('/api/parts/{part}/route/plan', { params: { path: { part } }, body: { schools } })),
    onSuccess: settled,
  });
  return { save, plan };
}

export const useTelling = (signs: Record<string, string>, enabled: boolean) =>
  useQuery({
    queryKey: ['telling', signs],
    enabled,
    queryFn: () => settle(api.GET('/api/telling', { params: { query: signs as never } })),
  });

export const useBoard = (job: string) =>
  useQuery({
    queryKey: ['board', job],
    queryFn: () => settle(api.GET('/api/jobs/{job}/board', { params: { path: { job } } })),
  });
export const useWorth = (part: string) =>
  useQuery({
    queryKey: ['part', part, 'worth'],
    queryFn: () => settle(api.GET('/api/parts/{part}/worth', { params: { path: { part } } })),
  });
export const useBeside = (part: string, question: string, answer: string) =>
  useQuery({
    queryKey: ['part', part, 'beside', question, answer],
    enabled: answer !== '',
    queryFn: () =>
      settle(api.GET('/api/parts/{part}/beside/{question}/{answer}', { params: { path: { part, question, answer } } })),
  });
export const usePhotos = (part: string) =>
  useQuery({
    queryKey: ['part', part, 'photos'],
    queryFn: () => settle(api.GET('/api/parts/{part}/photos', { params: { path: { part } } })),
  });

export function useKeepPhoto(part: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas['PhotoBody']) =>
      settle(api.POST('/api/parts/{part}/photos', { params: { path: { part } }, body })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['part', part, 'photos'] }),
  });
}

export function useRemovePhoto(part: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (photo: string) => settle(api.DELETE('/api/photos/{photo}', { params: { path: { photo } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['part', part, 'photos'] }),
  });
}

export const useFilms = (substrate: string) =>
  useQuery({
    queryKey: ['films', substrate],
    staleTime: Infinity,
    enabled: substrate !== '',
    queryFn: () => settle(api.GET('/api/compatibility/{substrate}', { params: { path: { substrate } } })),
  });
let line: Promise<unknown> = Promise.resolve();

/** One after the other, so that what is asked for meanwhile need not wait for all of it. */
function inLine<T>(work: () => Promise<T>): Promise<T> {
  const mine = line.then(work, work);
  line = mine.catch(() => undefined);
  return mine;
}

export const useVerdictRows = (substrate: string, below: string[]) =>
  useQueries({
    queries: below.map((b) => ({
      queryKey: ['verdicts', substrate, b],
      staleTime: Infinity,
      queryFn: () =>
        inLine(() =>
          settle(api.GET('/api/compatibility/{substrate}/{below}', { params: { path: { substrate, below: b } } })),
        ),
    })),
  });
export const useVerdict = (substrate: string, below: string, above: string) =>
  useQuery({
    queryKey: ['verdict', substrate, below, above],
    staleTime: Infinity,
    enabled: above !== '',
    queryFn: () =>
      settle(
        api.GET('/api/compatibility/{substrate}/{below}/{above}', { params: { path: { substrate, below, above } } }),
      ),
  });

export const useOwnCatalogue = () =>
  useQuery({ queryKey: ['own-catalogue'], queryFn: () => settle(api.GET('/api/workshop/catalogue')) });
export const useCheckOwn = (text: string) =>
  useQuery({
    queryKey: ['own-catalogue', 'check', text],
    staleTime: Infinity,
    placeholderData: (before) => before,
    queryFn: () => settle(api.POST('/api/workshop/catalogue/check', { body: { text } })),
  });

export function useSaveOwn() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas['OwnCatalogueBody']) => settle(api.PUT('/api/workshop/catalogue', { body })),
    onSuccess: () => client.invalidateQueries(),
  });
}

export const useWorkshop = () => useQuery({ queryKey: ['workshop'], queryFn: () => settle(api.GET('/api/workshop')) });

export function useSaveWorkshop() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas['WorkshopBody']) => settle(api.PUT('/api/workshop', { body })),
    onSuccess: async (view) => {
      client.setQueryData(['workshop'], view);
      await client.invalidateQueries({
        predicate: (q) => q.queryKey[0] !== 'workshop' && q.queryKey[0] !== 'session' && q.queryKey[0] !== 'catalogue',
      });
    },
  });
}

export const useAlternatives = (part: string, number: number) =>
  useQuery({
    queryKey: ['part', part, 'alternatives', number],
    queryFn: () => settle(api.GET('/api/parts/{part}/alternatives', { params: { path: { part } } })),
  });

/** The other ways, question by question: what has come so far, and how many are still planned. */
export function useAnswers(part: string, number: number, questions: string[]) {
  return useQueries({
    queries: questions.map((question) => ({
      queryKey: ['part', part, 'alternatives', number, question],
      queryFn: () =>
        inLine(() =>
          settle(api.GET('/api/parts/{part}/alternatives/{question}', { params: { path: { part, question } } })),
        ),
    })),
    combine: (asked) => ({
      answers: asked.flatMap((a) => a.data?.alternatives ?? []),
      open: asked.filter((a) => a.isPending).length,
    }),
  });
}

export function useWithout(job: string, part: string) {
  const stale = useStale();
  return useMutation({
    mutationFn: (without: string[]) =>
      settle(api.PUT('/api/jobs/{job}/without', { params: { path: { job } }, body: { without } })),
    onSuccess: () => stale(part),
  });
}

export function useLog(part: string) {
  const stale = useStale();
  return useMutation({
    mutationFn: (body: Schemas['EntryBody']) =>
      settle(api.POST('/api/parts/{part}/log', { params: { path: { part } }, body })),
    onSuccess: () => stale(part),
  });
}
