import { Link } from 'react-router';
import type { Cloth } from '../../api/types';
import { SwatchPicture } from '../../drawing/SwatchPicture';
import { inShort, verdicts, type BookSwatch } from './facts';

type Props = { book: BookSwatch; isBeside: boolean; lay: () => void };

/** A swatch in the book: what it became, of which cloth, and how it was set. */
export function SwatchTile({ book, isBeside, lay }: Props) {
  const { swatch } = book;
  const to = swatch.workingId ? `/parts/${swatch.workingId}/sample` : `/swatches/${swatch.id}`;
  const name = `${book.techniqueTitle || 'swatch'}${book.headline ? `, ${book.headline.text}` : ''}${book.clothName ? `, ${book.clothName}` : ''}`;
  return (
    <li className="sheet grid min-w-0 grid-cols-[auto_minmax(0,1fr)] items-start gap-x-4 gap-y-1 !py-3 sm:grid-cols-[auto_minmax(0,1fr)_8.5rem]">
      <SwatchPicture swatch={swatch} cloth={swatch.cloth as Cloth} photograph={book.photographs[0]} />
      <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-0.5">
        <Link
          to={to}
          className="flex flex-wrap items-baseline gap-x-3 no-underline"
          aria-label={`Open: ${name}`}
        >
          <span className="fig text-[1.7rem]">{book.headline?.text ?? '–'}</span>
          <b className="min-w-0 break-words">{book.clothName || 'fabric not entered'}</b>
          {book.headline && <span className="text-[0.9rem] text-soft">{book.headline.name}</span>}
        </Link>
        <p className="text-[0.9rem]">{inShort(book)}</p>
        <p className="text-[0.88rem] text-soft">
          {[book.techniqueTitle, book.footName, book.workingName || 'not in a project']
            .filter(Boolean)
            .join(' · ')}
        </p>
        {swatch.note && <p className="line-clamp-2 text-[0.88rem] text-soft">“{swatch.note}”</p>}
      </div>
      <div className="col-span-2 flex flex-wrap items-center gap-x-2 gap-y-1 text-[0.82rem] sm:col-span-1 sm:justify-end">
        {swatch.verdict && (
          <span className="rounded-full px-2 font-semibold shadow-[inset_0_0_0_1.5px_var(--slate)]">
            {verdicts[swatch.verdict]}
          </span>
        )}
        {swatch.simulated && (
          <mark className="rounded bg-chalk px-1.5 font-semibold text-on-chalk">simulated</mark>
        )}
        {!swatch.counts && <span className="font-semibold">not used</span>}
        <label className="flex min-h-11 items-center gap-2 text-[0.9rem]">
          <input
            type="checkbox"
            className="size-5"
            checked={isBeside}
            onChange={lay}
            aria-label={`Lay beside: ${name}`}
          />
          Lay beside
        </label>
      </div>
    </li>
  );
}
