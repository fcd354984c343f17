import { useEffect, useState } from 'react';

const PAUSE_MS = 350;

/** What is typed, once the hand pauses: what is half typed is asked about nowhere, and refused by nobody. */
export function usePaused(typed: string): string {
  const [paused, setPaused] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => {
      setPaused(typed.trim());
    }, PAUSE_MS);
    return () => {
      clearTimeout(timer);
    };
  }, [typed]);
  return paused;
}
