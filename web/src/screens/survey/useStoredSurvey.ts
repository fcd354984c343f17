import { t } from '@lingui/core/macro';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useBlocker } from 'react-router';
import { Refusal, type Schemas, api, settle } from '../../api/client';
import { useSaveSurvey } from '../../api/parts';
import { type Draft, bodyOf, draftOf } from './draft';

/** The survey as it stands in the fields, stored a moment after each change, and before anybody goes on. */
export function useStoredSurvey(part: string, opened: Schemas['SurveyView']) {
  const save = useSaveSurvey(part);
  const [view] = useState(opened);
  const [draft, setDraft] = useState(() => draftOf(view));
  const [shapes, setShapes] = useState(view.shapes);
  const [places, setPlaces] = useState(view.places);
  const [state, setState] = useState<'saved' | 'saving' | 'refused'>('saved');
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const version = useRef(view.version);
  const queue = useRef<Promise<boolean>>(Promise.resolve(true));
  const latest = useRef(draft);
  const stored = useRef(draft);
  const mutate = save.mutateAsync;

  /** Stores what stands in the fields now, after whatever is under way; says whether it was taken. */
  const store = useCallback((): Promise<boolean> => {
    queue.current = queue.current.then(async () => {
      const now = latest.current;
      if (now === stored.current) return true;
      try {
        const measured = await settle(api.POST('/api/shapes', { body: { shapes: bodyOf(now, view, 1).part.shapes } }));
        setShapes(measured);
        const unread = measured.shapes.findIndex((s) => s.error !== '');
        if (unread >= 0)
          throw new Refusal(422, measured.shapes[unread]?.error ?? '', [
            {
              pointer: `/part/shapes/${String(unread)}${measured.shapes[unread]?.pointer ?? ''}`,
              detail: measured.shapes[unread]?.error ?? '',
              accepted: '',
            },
          ]);
        const answer = await mutate(bodyOf(now, view, version.current));
        version.current = answer.version;
        stored.current = now;
        setPlaces(answer.places);
        if (latest.current !== now) return true;
        setRefusal(null);
        setState('saved');
        return true;
      } catch (cause) {
        setRefusal(cause instanceof Refusal ? cause : new Refusal(0, t`That did not work.`));
        setState('refused');
        return false;
      }
    });
    return queue.current;
  }, [view, mutate]);

  useEffect(() => {
    latest.current = draft;
    if (draft === stored.current) return;
    const timer = setTimeout(() => {
      void store();
    }, 450);
    return () => {
      clearTimeout(timer);
    };
  }, [draft, store]);

  // Going on stores first; what is refused keeps the page.
  const { state: blocked, proceed, reset } = useBlocker(useCallback(() => latest.current !== stored.current, []));
  useEffect(() => {
    if (blocked === 'blocked')
      void store().then((taken) => {
        if (taken && latest.current === stored.current) proceed();
      });
  }, [blocked, proceed, store]);
  const set = (change: Partial<Draft>) => {
    if (blocked === 'blocked') reset();
    setState('saving');
    setDraft((d) => ({ ...d, ...change }));
  };
  return { view, draft, set, shapes, places, state, refusal, leaving: blocked === 'blocked', leave: proceed };
}
