import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { json, server, shown } from '../testing/shown';
import { QuantityField, withUnit } from './QuantityField';

function Field({ of, start = '' }: { of?: string; start?: string }) {
  const [value, setValue] = useState(start);
  return (
    <>
      <QuantityField label="Amount" value={value} onChange={setValue} {...(of ? { of } : {})} />
      <output>{value}</output>
    </>
  );
}

describe('a bare number', () => {
  it.each([
    ['3', '2.5 m', '3 m'],
    ['3 ft', '2.5 m', '3 ft'],
    ['1/2', '1 in', '1/2 in'],
    ['3', '', '3'],
    ['', '2.5 m', ''],
  ])('%s in a field of %s is %s', (typed, before, full) => {
    expect(withUnit(typed, before)).toBe(full);
  });

  it('gets its unit when the field is left', async () => {
    server(() => json({ text: '', note: '' }));
    shown(<Field start="2.5 m" />);
    const field = screen.getByLabelText('Amount');
    await userEvent.clear(field);
    await userEvent.type(field, '3');
    await userEvent.tab();
    expect(screen.getByRole('status').textContent).toBe('3 m');
  });
});

describe('what was understood', () => {
  it('is shown where it reads differently', async () => {
    const asked = server(() => json({ text: '946 mL', note: 'US measure' }));
    shown(<Field of="volume" />);
    await userEvent.type(screen.getByLabelText('Amount'), '1 qt');
    await waitFor(() => screen.getByText('read as 946 mL (US measure)'));
    expect(asked.map((a) => a.path)).toEqual(['/api/understood?of=volume&typed=1%20qt']);
  });

  it('is not repeated where it reads the same', async () => {
    server(() => json({ text: '5 L', note: '' }));
    shown(<Field of="volume" />);
    await userEvent.type(screen.getByLabelText('Amount'), '5 l');
    await new Promise((done) => setTimeout(done, 500));
    expect(screen.queryByText(/read as/)).toBeNull();
  });
});
