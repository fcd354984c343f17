export const kinds: Record<string, string> = {
  start: 'Began',
  finish: 'Finished',
  reading: 'Read the air',
  note: 'Note',
  correction: 'Corrected',
  taken: 'Took on',
  mixed: 'Mixed',
};
