import { render, screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { useLater } from './useLater';

const drawings: boolean[] = [];

function Page() {
  const all = useLater();
  drawings.push(all);
  return <p>{all ? 'all of it' : 'what comes first'}</p>;
}

it('leaves out what is below in the first drawing of a page, and in no later one', async () => {
  const first = render(<Page />);
  await screen.findByText('all of it');
  expect(drawings[0]).toBe(false);
  expect(drawings.at(-1)).toBe(true);
  first.unmount();

  drawings.length = 0;
  render(<Page />);
  screen.getByText('all of it');
  expect(drawings).not.toContain(false);
});
