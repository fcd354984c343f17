export const kinds: Record<string, string> = {
  start: 'Began',
  finish: 'Finished',
  reading: 'Read the air',
  note: 'Note',
  correction: 'Corrected',
  taken: 'Took on',
  mixed: 'Mixed',
  'still-wet': 'Found still wet',
  'still-tacky': 'Found still tacky',
  'still-soft': 'Found still soft',
  unharmed: 'Found unharmed by rain or dew',
  failed: 'Did not pass its test',
};
