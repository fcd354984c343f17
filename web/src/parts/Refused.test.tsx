import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { Refusal } from '../api/client';
import { shown } from '../testing/shown';
import { Refused } from './Refused';

const name = { pointer: '/suppliers/1/name', detail: 'The text has 81 characters.', accepted: 'up to 80' };
const days = { pointer: '/suppliers/1/leadDays', detail: 'This is not a whole number.', accepted: '0 to 365' };

describe('Refused', () => {
  it('says one thing by its name', () => {
    shown(<Refused error={new Refusal(422, name.detail, [name])} />);
    expect(screen.getByRole('alert').textContent).toBe('The text has 81 characters.Accepted: up to 80.');
  });

  it('says all that is wrong', () => {
    shown(<Refused error={new Refusal(422, name.detail, [name, days])} />);
    const said = screen.getByRole('alert').textContent;
    expect(said).toContain('The text has 81 characters. Accepted: up to 80.');
    expect(said).toContain('This is not a whole number. Accepted: 0 to 365.');
  });

  it('knows what is said of a field', () => {
    const refused = new Refusal(422, name.detail, [name, days]);
    expect(refused.at('/suppliers/1/leadDays')).toBe('This is not a whole number. Accepted: 0 to 365.');
    expect(refused.at('/suppliers/0/name')).toBeUndefined();
  });
});
