import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { shown } from '../../testing/shown';
import { JobMenu } from './JobMenu';

it('opens its list when asked, does what is chosen and closes', async () => {
  const [copy, remove] = [vi.fn(), vi.fn()];
  shown(
    <JobMenu
      of="Hub"
      choices={[
        ['Another like this', copy],
        ['Remove this part', remove],
      ]}
    />,
  );
  expect(screen.queryByRole('menu')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'More for Hub' }));
  await userEvent.click(await screen.findByRole('menuitem', { name: 'Remove this part' }));
  expect(remove).toHaveBeenCalledOnce();
  expect(copy).not.toHaveBeenCalled();
  expect(screen.queryByRole('menu')).toBeNull();
});
