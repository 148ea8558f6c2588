import { useQuery } from '@tanstack/react-query';
import { useRef, useState, type KeyboardEvent } from 'react';
import { Link } from 'react-router';
import { api, post, value } from '../../api/http';
import type { components } from '../../api/schema';
import type { FitAnswer } from '../../api/types';
import { useAddress } from '../../app/address';
import { useCardTechniques, useDrawer } from '../../app/drawer';
import { PageHead } from '../../app/PageHead';
import { useUnits } from '../../app/workroom';
import { Findings } from '../../parts/Findings';
import { DrawerRooms } from './Drawer';

type ChartData = components['schemas']['ChartOut'];
type Cell = components['schemas']['ChartCell'];

/** What fits what: machines by feet, or the feet of one machine by needles. The reasons of a cell stand beside it. */
export function Chart() {
  const { address: asked, set: put } = useAddress();
  const machine = asked.get('machine') ?? '';
  const technique = asked.get('technique') ?? '';
  const techniques = useCardTechniques().data;
  const drawer = useDrawer().data;
  const machines = drawer?.things.filter((t) => t.kind === 'machine') ?? [];
  const query = { machine: machine || undefined, technique: technique || undefined };
  const chart = useQuery({
    queryKey: ['chart', query, drawer],
    enabled: Boolean(drawer),
    placeholderData: (last) => last,
    queryFn: () => value(api.GET('/api/fit/chart', { params: { query } })),
  }).data;
  const [at, setAt] = useState<[number, number]>([0, 0]);
  const set = (name: string, to: string) => {
    put(name, to);
    setAt([0, 0]);
  };
  const isEmpty = chart && (chart.down.length === 0 || chart.across.length === 0);
  return (
    <>
      <PageHead title="Compatibility" crumb={machine ? 'feet by needles' : 'machines by feet'} />
      <DrawerRooms here="chart" />
      <div className="mb-4 flex flex-wrap gap-4">
        <label className="field w-64">
          Show
          <select className="entry" value={machine} onChange={(e) => set('machine', e.target.value)}>
            <option value="">every machine, by feet</option>
            {machines.map((m) => (
              <option key={m.id} value={m.id}>
                {m.name}: feet by needles
              </option>
            ))}
          </select>
        </label>
        <label className="field w-64">
          For
          <select className="entry" value={technique} onChange={(e) => set('technique', e.target.value)}>
            <option value="">a straight seam</option>
            {techniques?.map((t) => (
              <option key={t.name} value={t.name}>
                {t.title}
              </option>
            ))}
          </select>
        </label>
        <ul
          className="ml-auto flex flex-wrap items-end gap-x-5 gap-y-1 pb-2 text-sm text-soft"
          aria-label="Signs"
        >
          <li>
            <Sign cell={{ v: 'yes', codes: null, tried: null }} /> fits
          </li>
          <li>
            <Sign cell={{ v: 'yes', codes: null, tried: 'clears' }} /> tested, OK
          </li>
          <li>
            <Sign cell={{ v: 'yes-but', codes: null, tried: null }} /> OK, with care
          </li>
          <li>
            <Sign cell={{ v: 'no', codes: null, tried: null }} /> no
          </li>
        </ul>
      </div>
      {isEmpty && (
        <section className="tacked max-w-2xl">
          <h2 className="fig mb-1 text-2xl">Nothing to compare yet</h2>
          <p className="mb-4 text-soft">
            {chart.down.length === 0
              ? 'Add a machine and some feet to your supplies, and this chart shows what goes with what, and why not.'
              : technique
                ? 'No foot of your supplies is made for this. The settings finder says what to look for.'
                : 'Put some in, and this chart says what goes with what, and why not.'}
          </p>
          <Link
            className="btn"
            to={
              technique && chart.down.length > 0
                ? `/supplies/settings?technique=${technique}`
                : '/supplies/machine'
            }
          >
            {technique && chart.down.length > 0 ? 'Machine settings finder' : 'Put a machine in'}
          </Link>
        </section>
      )}
      {chart && !isEmpty && (
        <div className="grid items-start gap-6 xl:grid-cols-[minmax(0,1fr)_340px]">
          <Grid chart={chart} at={at} go={setAt} />
          <Reasons chart={chart} at={at} machine={machine} technique={technique} />
        </div>
      )}
    </>
  );
}

/** The chart as a grid: arrows move, and the cell that has the focus says why beside it. */
function Grid({
  chart,
  at,
  go,
}: {
  chart: ChartData;
  at: [number, number];
  go: (at: [number, number]) => void;
}) {
  const table = useRef<HTMLTableElement>(null);
  // The side with fewer things stands across, so that long names are read lying down.
  const turned = chart.across.length > chart.down.length;
  const [rows, columns] = turned ? [chart.across, chart.down] : [chart.down, chart.across];
  const cellAt = (r: number, c: number): Cell => (turned ? chart.cells[c]![r]! : chart.cells[r]![c]!);
  const place: [number, number] = turned ? [at[1], at[0]] : at;
  const move = (r: number, c: number) => {
    const next: [number, number] = [
      Math.max(0, Math.min(rows.length - 1, r)),
      Math.max(0, Math.min(columns.length - 1, c)),
    ];
    go(turned ? [next[1], next[0]] : next);
    table.current?.querySelector<HTMLElement>(`[data-place="${next[0]},${next[1]}"]`)?.focus();
  };
  const onKey = (e: KeyboardEvent) => {
    const step = { ArrowDown: [1, 0], ArrowUp: [-1, 0], ArrowRight: [0, 1], ArrowLeft: [0, -1] }[e.key];
    if (!step) return;
    e.preventDefault();
    move(place[0] + step[0]!, place[1] + step[1]!);
  };
  return (
    <div className="sheet overflow-auto p-0">
      <table ref={table} className="chart" aria-label="Compatibility">
        <thead>
          <tr>
            <td />
            {columns.map((c) => (
              <th key={c.id} scope="col">
                <span>{c.name}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, r) => (
            <tr key={row.id}>
              <th scope="row">{row.name}</th>
              {columns.map((column, c) => {
                const cell = cellAt(r, c);
                const isHere = place[0] === r && place[1] === c;
                return (
                  <td key={column.id} data-here={isHere || undefined}>
                    <button
                      type="button"
                      data-place={`${r},${c}`}
                      aria-current={isHere || undefined}
                      tabIndex={isHere ? 0 : -1}
                      aria-label={`${row.name} with ${column.name}: ${word(cell)}`}
                      onClick={() => go(turned ? [c, r] : [r, c])}
                      onFocus={() => go(turned ? [c, r] : [r, c])}
                      onKeyDown={onKey}
                    >
                      <Sign cell={cell} />
                    </button>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const word = (cell: Cell) =>
  `${{ yes: 'OK', 'yes-but': 'OK, with care', no: 'no' }[cell.v] ?? cell.v}${cell.tried ? `, tested: ${cell.tried === 'clears' ? 'needle clears' : 'needle hits'}` : ''}`;

/** A cell's sign: told apart by its shape. */
function Sign({ cell }: { cell: Cell }) {
  return (
    <svg width={26} height={26} viewBox="0 0 26 26" aria-hidden className="inline-block align-middle">
      {cell.v === 'yes' && (
        <circle
          cx={13}
          cy={13}
          r={8}
          fill={cell.tried === 'clears' ? 'var(--moss)' : 'none'}
          stroke="var(--moss)"
          strokeWidth={2.6}
        />
      )}
      {cell.v === 'yes' && cell.tried === 'clears' && (
        <path d="M9 13.2l3 3 5.4-6" stroke="var(--paper)" strokeWidth={2.4} fill="none" />
      )}
      {cell.v === 'yes-but' && (
        <path
          d="M13 4L23 22H3Z"
          fill="var(--chalk)"
          stroke="var(--ink)"
          strokeWidth={1.6}
          strokeLinejoin="round"
        />
      )}
      {cell.v === 'no' && (
        <path
          d="M6 6L20 20M20 6L6 20"
          stroke="var(--ink)"
          strokeWidth={cell.tried === 'strikes' ? 4.4 : 2.4}
        />
      )}
    </svg>
  );
}

/** Why a cell says what it says. */
function Reasons({
  chart,
  at,
  machine,
  technique,
}: {
  chart: ChartData;
  at: [number, number];
  machine: string;
  technique: string;
}) {
  const units = useUnits();
  const down = chart.down[at[0]];
  const across = chart.across[at[1]];
  const ask = machine
    ? { machine, foot: down?.id, needle: across?.id, ...(technique ? { technique } : {}) }
    : {
        machine: down?.id,
        foot: across?.id,
        ...(technique ? { technique } : {}),
        needle: undefined,
      };
  const fit = useQuery({
    queryKey: ['fit', ask, units],
    enabled: Boolean(down && across),
    placeholderData: (last) => last,
    queryFn: () => post<FitAnswer>('fit', ask, { units }),
  }).data;
  const cell = chart.cells[at[0]]?.[at[1]];
  if (!down || !across || !cell) return null;
  const codes = cell.codes ?? [];
  const grave = fit?.findings.filter((f) => f.code !== 'hand-wheel' && f.code !== 'untried') ?? [];
  return (
    <aside className="sheet sticky top-4 grid gap-3" aria-live="polite" aria-label="Why">
      <div>
        <p className="fig text-2xl">
          <Sign cell={cell} /> {{ yes: 'OK', 'yes-but': 'OK, with care', no: 'No' }[cell.v]}
        </p>
        <p className="mt-1">
          <Link to={`/supplies/thing/${down.id}`}>{down.name}</Link> with{' '}
          <Link to={`/supplies/thing/${across.id}`}>{across.name}</Link>
        </p>
      </div>
      {cell.tried && (
        <p className="noted">
          You tested it: the needle {cell.tried === 'clears' ? 'clears' : 'hits'}. Your test overrides the
          calculation.
        </p>
      )}
      <Findings findings={grave} />
      {fit?.unchecked.map((u) => (
        <p key={u.code} className="noted">
          {u.says}
        </p>
      ))}
      {grave.length === 0 && codes.includes('strike') && fit?.unchecked.length === 0 && (
        <p className="noted">A size 90 needle would hit it; a finer one may clear.</p>
      )}
      {cell.v !== 'no' && (
        <p className="text-sm text-soft">
          Turn the handwheel through one full stitch before you sew
          {cell.tried ? '' : ', and note what you see: you haven’t tested this combination yet'}.
        </p>
      )}
    </aside>
  );
}
