import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it } from 'vitest';
import { shown } from '../testing/shown';
import { usePaused } from './usePaused';

const met: string[] = [];

function Field() {
  const [typed, setTyped] = useState('');
  const paused = usePaused(typed);
  if (met[met.length - 1] !== paused) met.push(paused);
  return (
    <input
      aria-label="Heat"
      value={typed}
      onChange={(e) => {
        setTyped(e.target.value);
      }}
    />
  );
}

it('says nothing of what is half typed', async () => {
  shown(<Field />);
  await userEvent.type(screen.getByLabelText('Heat'), '22 C ');
  await new Promise((done) => setTimeout(done, 500));
  expect(met).toEqual(['', '22 C']);
});
