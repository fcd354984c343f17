import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { TextField } from '@mui/material';
import { expect, test } from 'vitest';
import { Refusal } from '../api/client';
import { shown } from '../testing/shown';
import { useForm } from './form';
import { Refused } from './Refused';

interface Tag {
  what: string;
  hours: Record<string, string>;
  items: { count: string }[];
  kind: string;
}

function Written({ send }: { send: (typed: Tag) => Promise<unknown> }) {
  const { field, value, submit, rest, dirty } = useForm<Tag>({
    what: '',
    hours: { mon: '8:00-12:00' },
    items: [{ count: '1' }],
    kind: 'off',
  });
  return (
    <form onSubmit={submit(send)}>
      <TextField label="What" {...field('what', 'in your words')} />
      <TextField label="Count" {...field('items.0.count')} />
      <TextField label="Monday" {...field('hours.mon')} />
      <output>{value('what').value}</output>
      {dirty && <p>changed</p>}
      {rest && <Refused error={rest} />}
      <button type="submit">Keep</button>
      <button type="button" onClick={submit(send, { kind: 'in' })}>
        Put in
      </button>
    </form>
  );
}

const refusal = new Refusal(422, 'No such count.', [
  { pointer: '/items/0/count', detail: 'No such count.', accepted: 'a whole number' },
  { pointer: '/hours/mon/0', detail: 'No hours.', accepted: '8:00-12:00' },
  { pointer: '/version', detail: 'Somebody else has changed it.', accepted: '' },
]);

test('refusals stand at the fields they point to, the others below', async () => {
  let asked = 0;
  shown(<Written send={() => Promise.reject(((asked += 1), refusal))} />);
  await userEvent.click(screen.getByText('Keep'));
  expect(await screen.findByText('No such count. Accepted: a whole number.')).toBeTruthy();
  expect(screen.getByLabelText('Count').getAttribute('aria-invalid')).toBe('true');
  expect(screen.getByText('No hours. Accepted: 8:00-12:00.'), 'within the text of a field').toBeTruthy();
  expect(screen.getByRole('alert').textContent).toContain('Somebody else has changed it.');
  expect(screen.getByRole('alert').textContent).not.toContain('No such count');
  await userEvent.click(screen.getByText('Keep'));
  expect(asked, 'it may be tried again as it is').toBe(2);
  await userEvent.type(screen.getByLabelText('Count'), '2');
  expect(screen.queryByText('No such count. Accepted: a whole number.'), 'gone once it is changed').toBeNull();
});

test('what is typed is sent, with what goes along beside the fields', async () => {
  const sent: Tag[] = [];
  shown(<Written send={(typed) => Promise.resolve(sent.push(typed))} />);
  expect(screen.getByText('in your words')).toBeTruthy();
  await userEvent.type(screen.getByLabelText('What'), 'Hatch');
  expect(screen.getByRole('status').textContent).toBe('Hatch');
  expect(screen.getByText('changed')).toBeTruthy();
  await userEvent.click(screen.getByText('Put in'));
  expect(sent).toEqual([{ what: 'Hatch', hours: { mon: '8:00-12:00' }, items: [{ count: '1' }], kind: 'in' }]);
});

test('what is no refusal is said all the same', async () => {
  shown(<Written send={() => Promise.reject(new TypeError('no wire'))} />);
  await userEvent.click(screen.getByText('Keep'));
  expect((await screen.findByRole('alert')).textContent).toContain('That did not work.');
});
