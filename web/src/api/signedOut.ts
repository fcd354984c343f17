/** Tells the shell that the session has ended, whoever noticed; what was typed stays where it is. */
const listeners = new Set<() => void>();

export const signedOut = {
  tell: (): void => {
    listeners.forEach((l) => {
      l();
    });
  },
  listen: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => {
      listeners.delete(listener);
    };
  },
};
