import { useEffect, useRef } from 'react';
import type { Schemas } from '../../api/client';

const hour = 3_600_000;

/** A word from the browser when a window is about to close; whether it may is asked once, by hand. */
export function useCalls(cards: Schemas['TodayCard'][], now: string): () => void {
  const said = useRef(new Set<string>());
  useEffect(() => {
    if (!('Notification' in window) || Notification.permission !== 'granted') return;
    for (const c of cards) {
      const left =
        c.urgency === 'now' && c.window?.closesAt
          ? new Date(c.window.closesAt).getTime() - new Date(now).getTime()
          : Infinity;
      const key = `${c.partId}/${c.window?.closesAt ?? ''}`;
      if (left > 0 && left < hour && !said.current.has(key)) {
        said.current.add(key);
        new Notification(`${c.part}: ${c.message}`, { body: c.next });
      }
    }
  }, [cards, now]);
  return () => {
    if ('Notification' in window) void Notification.requestPermission();
  };
}
