import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { shown } from '../testing/shown';
import { Explained } from './Explained';

const value = {
  value: 0.0012,
  text: '1.2 L',
  how: {
    summary: 'Paint for one coat',
    formula: 'area x film / solids',
    inputs: [{ label: 'Area', text: '8 m2', source: 'given' }],
    source: 'typical',
    origin: 'product sheets',
    warnings: ['The profile swallows more.'],
  },
} as unknown as Schemas['Value'];

it('says how a figure was worked out, and what it rests on', async () => {
  shown(<Explained v={value} />);
  await userEvent.click(screen.getByRole('button', { name: /1\.2 L\. How is this worked out/ }));
  await screen.findByText('area x film / solids');
  screen.getByText('8 m2');
  screen.getByText(/typical sheet figures \(product sheets\)/);
  screen.getByText('The profile swallows more.');
});

it('is plain text where nothing was worked out', () => {
  shown(<Explained v={{ ...value, how: null }} />);
  expect(screen.queryByRole('button')).toBeNull();
  screen.getByText('1.2 L');
});
