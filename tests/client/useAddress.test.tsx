import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter, useNavigate } from 'react-router';
import { expect, test } from 'vitest';
import { useAddress } from '../../src/client/app/address';
import { askIn } from '../../src/client/app/askIn';
import type { Technique } from '../../src/client/api/types';

const open = (first: string) =>
  renderHook(() => ({ ...useAddress(), go: useNavigate() }), {
    wrapper: ({ children }: { children: ReactNode }) => (
      <MemoryRouter initialEntries={[first]}>{children}</MemoryRouter>
    ),
  }).result;

test('every key that is typed is held at once, however fast they come', () => {
  const at = open('/calculator/any');

  act(() => {
    for (const typed of ['2', '2.', '2.6', '2.6 m']) at.current.set('edge', typed);
    at.current.set('full', 2.2);
  });

  expect(Object.fromEntries(at.current.address)).toEqual({ edge: '2.6 m', full: '2.2' });
});

test('what is emptied is taken out, and nothing else', () => {
  const at = open('/calculator/any?edge=1+m&full=2');
  for (const nothing of ['', null, undefined]) {
    act(() => at.current.set('edge', '1 m'));
    act(() => at.current.set('edge', nothing));
    expect(Object.fromEntries(at.current.address)).toEqual({ full: '2' });
  }
  act(() => at.current.set('ring', false));
  expect(at.current.address.get('ring')).toBe('false');
});

test('another address that is opened, or gone back to, takes the place of what was typed', () => {
  const at = open('/calculator/any?edge=1+m');
  act(() => at.current.set('edge', '9 m'));
  act(() => void at.current.go('/calculator/any?edge=3+m'));
  expect(at.current.address.get('edge')).toBe('3 m');
  act(() => void at.current.go(-1));
  expect(at.current.address.get('edge')).toBe('9 m');
});

test('an address is read as its fields take it, and what is no figure yet stays as it was typed', () => {
  const fields = [
    { name: 'edge', kind: 'length' },
    { name: 'full', kind: 'number' },
    { name: 'ring', kind: 'flag' },
    { name: 'rows', kind: 'choice' },
  ];
  const read = (query: string) =>
    askIn({ fields } as unknown as Pick<Technique, 'fields'>, new URLSearchParams(query));

  expect(read('edge=2.6+m&full=2.2&ring=true&rows=two&other=9')).toEqual({
    edge: '2.6 m',
    full: 2.2,
    ring: true,
    rows: 'two',
  });
  expect(read('full=2,&ring=no')).toEqual({ full: '2,', ring: false });
  expect(read('full=')).toEqual({ full: '' });
});
