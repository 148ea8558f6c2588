import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { expect, test } from 'vitest';
import type { Ask, Field } from '../../src/client/api/types';
import { Groups } from '../../src/client/parts/ask/Groups';

const inner = (name: string, kind: string, start?: unknown) =>
  ({ name, label: name, says: '', kind, isNeeded: true, from: '', start }) as Field;

const samples: Field = {
  ...inner('samples', 'groups'),
  label: 'Measured',
  fields: [inner('dialled', 'fine'), inner('stitches', 'number', 10), inner('measured', 'fine')],
};

function Held({ seen, errors = {} }: { seen: (rows: Ask[]) => void; errors?: Record<string, string> }) {
  const [rows, setRows] = useState<Ask[]>([]);
  const set = (next: Ask[]) => {
    seen(next);
    setRows(next);
  };
  return <Groups field={samples} value={rows} set={set} errors={errors} units="metric" />;
}

test('rows are added with what their fields begin with, typed into, and taken away', () => {
  let rows: Ask[] = [];
  render(<Held seen={(next) => (rows = next)} />);
  fireEvent.click(screen.getByText('Add one'));
  fireEvent.click(screen.getByText('Add one'));
  expect(rows).toEqual([{ stitches: 10 }, { stitches: 10 }]);

  fireEvent.change(screen.getAllByLabelText('dialled')[1]!, { target: { value: '3 mm' } });
  fireEvent.change(screen.getAllByLabelText('stitches')[1]!, { target: { value: '20' } });
  expect(rows[1]).toEqual({ dialled: '3 mm', stitches: 20 });

  fireEvent.click(screen.getByLabelText('Delete: measured 1'));
  expect(rows).toEqual([{ dialled: '3 mm', stitches: 20 }]);
});

test('what is wrong is said in its row', () => {
  render(<Held seen={() => {}} errors={{ 'samples[1].measured': 'No length.' }} />);
  fireEvent.click(screen.getByText('Add one'));
  fireEvent.click(screen.getByText('Add one'));
  const wrong = screen.getByText('No length.');
  expect(wrong.closest('li')).toBe(document.querySelectorAll('li')[1]);
});

test('a field that is emptied says nothing any more', () => {
  let rows: Ask[] = [];
  render(<Held seen={(next) => (rows = next)} />);
  fireEvent.click(screen.getByText('Add one'));
  fireEvent.change(screen.getByLabelText('dialled'), { target: { value: '3' } });
  fireEvent.change(screen.getByLabelText('dialled'), { target: { value: '' } });
  expect(JSON.parse(JSON.stringify(rows))).toEqual([{ stitches: 10 }]);
});
