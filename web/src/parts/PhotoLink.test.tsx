import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { shown } from '../testing/shown';
import { PhotoLink } from './PhotoLink';

describe('PhotoLink', () => {
  it('opens the large one', () => {
    shown(<PhotoLink url="/api/photos/1" alt="Before: bow" />);
    expect(screen.getByRole('link').getAttribute('href')).toBe('/api/photos/1');
    expect(screen.getByAltText('Before: bow').getAttribute('src')).toBe('/api/photos/1?small=1');
  });

  it('says so where it cannot be had, and asks again', () => {
    shown(<PhotoLink url="/api/photos/1" alt="Before: bow" inTile />);
    fireEvent.error(screen.getByAltText('Before: bow'));
    expect(screen.getByText('This photo cannot be shown now.')).toBeTruthy();
    expect(screen.queryByRole('link')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Try again: Before: bow' }));
    expect(screen.getByAltText('Before: bow')).toBeTruthy();
  });
});
