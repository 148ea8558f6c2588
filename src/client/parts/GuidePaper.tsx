import { useState } from 'react';
import { ask, saysOf } from '../api/http';
import type { Units } from '../api/types';

const papers = [
  ['a4', 'A4'],
  ['letter', 'Letter'],
] as const;

/** Half a second: what takes longer says that it is on its way. */
const soon = 500;

/** What is marked on the cloth, on paper at true size: seen here as it will lie, and taken as PDF or SVG. */
export function GuidePaper({
  working,
  version,
  units,
  hasLines = false,
}: {
  working: string;
  /** Of the working, so that the picture is that of the newest plan. */
  version: number;
  units: Units;
  /** Whether there is a line or an outline that can be taken out by itself. */
  hasLines?: boolean;
}) {
  // Of a long one only its beginning can be made out.
  const [isLong, setIsLong] = useState(false);
  // What is sewn by hand, or only sewn again, marks nothing.
  const [isNone, setIsNone] = useState(false);
  const address = (query: Record<string, string>) =>
    `/api/workings/${working}/guide?${new URLSearchParams({ ...query, units, v: String(version) })}`;
  if (isNone) return null;
  return (
    <section className="sheet no-print grid gap-2" aria-label="Guide at true size">
      <h2>Full-size template to print</h2>
      <img
        src={address({ as: 'svg' })}
        alt="The lines that are marked on the fabric, as the paper shows them"
        className={`w-full rounded bg-white p-2 ${isLong ? 'h-28 object-cover object-left' : 'max-h-44 object-contain'}`}
        onError={() => setIsNone(true)}
        onLoad={({ currentTarget: image }) => setIsLong(image.naturalWidth > 6 * image.naturalHeight)}
      />
      <TakePaper address={address} hasLines={hasLines} />
    </section>
  );
}

/** What is on paper at true size, taken as PDF or SVG; what was refused says why. */
export function TakePaper({
  address,
  hasLines = false,
}: {
  address: (query: Record<string, string>) => string;
  hasLines?: boolean;
}) {
  const [says, setSays] = useState('');
  const take = async (query: Record<string, string>) => {
    const waits = setTimeout(() => setSays('Preparing…'), soon);
    try {
      const response = await ask(address(query));
      const link = document.createElement('a');
      link.href = URL.createObjectURL(await response.blob());
      link.download =
        /filename="?([^";]+)/.exec(response.headers.get('content-disposition') ?? '')?.[1] ?? 'guide';
      link.click();
      URL.revokeObjectURL(link.href);
      setSays('Print at 100 % (not “fit to page”) and check that the test square measures 50 mm.');
    } catch (error) {
      setSays(saysOf(error));
    } finally {
      clearTimeout(waits);
    }
  };
  return (
    <>
      <div className="flex flex-wrap gap-2">
        {papers.map(([paper, name]) => (
          <button
            key={paper}
            type="button"
            className="btn quiet"
            onClick={() => void take({ as: 'pdf', paper })}
          >
            PDF, {name}
          </button>
        ))}
        <button type="button" className="btn quiet" onClick={() => void take({ as: 'svg' })}>
          SVG
        </button>
        {hasLines && (
          <button type="button" className="btn quiet" onClick={() => void take({ as: 'lines' })}>
            Outline only
          </button>
        )}
      </div>
      <p className="min-h-5 text-sm text-soft" role="status">
        {says}
      </p>
    </>
  );
}
