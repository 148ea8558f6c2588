import { useState } from 'react';
import type { components } from '../../api/schema';
import { ask, saysOf } from '../../api/http';
import { DialogBox } from '../../app/DialogBox';
import { Measure } from '../Measure';
import { Segmented } from '../Segmented';
import { PhotoPoints, type At } from './PhotoPoints';

type Found = components['schemas']['MeasuredOut'];

/** A reading that a figure can be put into. */
export type ReadingKind = { name: string; label: string };

const whats = [
  { name: 'rows', label: 'rows or ridges' },
  { name: 'folds', label: 'folds' },
  { name: 'strip', label: 'a strip' },
  { name: 'stitches', label: 'stitches' },
  { name: 'line', label: 'a seam' },
];

const hints: Record<string, string> = {
  rows: 'How far apart they are, at what angle, and how even.',
  folds: 'How far apart they are along the first side of the part.',
  strip: 'How wide it is, between two edges along the first side.',
  stitches: 'How long they are, of one line along the first side.',
  line: 'How far it strays from a straight line along the first side.',
};

/** Measures in a photograph: a part of it is marked, its scale comes from the printed card or from two places on a ruler. */
export function MeasurePhoto({
  picture,
  kinds,
  put,
  close,
}: {
  /** The id of one that is kept, or one that is only looked at. */
  picture: string | { file: File; url: string };
  kinds: ReadingKind[];
  /** Puts a figure among the readings of a kind. */
  put: (kind: string, text: string) => void;
  close: () => void;
}) {
  const [what, setWhat] = useState('rows');
  const [by, setBy] = useState('card');
  const [long, setLong] = useState('10 cm');
  const [size, setSize] = useState<At | null>(null);
  const [part, setPart] = useState<At[]>([]);
  const [ruler, setRuler] = useState<At[]>([]);
  const [found, setFound] = useState<Found | null>(null);
  const [wrong, setWrong] = useState('');
  const [isOn, setOn] = useState(false);
  /** Where a hand pulled the lines to since they were found. */
  const [pulled, setPulled] = useState<[At, At][] | null>(null);
  const measure = async (lines?: [At, At][]) => {
    setOn(true);
    setWrong('');
    if (!lines) setFound(null);
    try {
      const scale = by === 'card' ? by : { points: ruler, length: long };
      const body = JSON.stringify({ what, scale, part, ...(lines ? { lines } : {}) });
      setFound((await (await send(picture, body)).json()) as Found);
      setPulled(null);
    } catch (error) {
      setWrong(saysOf(error));
    } finally {
      setOn(false);
    }
  };
  // What was found belongs to what was marked.
  const moved =
    <T,>(set: (to: T) => void) =>
    (to: T) => {
      set(to);
      setFound(null);
      setPulled(null);
    };
  return (
    <DialogBox
      title="Measure in the photograph"
      close={close}
      className="top-[3vh] max-h-[94vh] w-[min(66rem,96vw)] overflow-auto"
    >
      <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_17rem]">
        <div className="relative min-w-0 self-start">
          <img
            className="block w-full rounded-md"
            src={typeof picture === 'string' ? `/api/photographs/${picture}/picture` : picture.url}
            alt="The photograph that is measured"
            onLoad={(e) => {
              const { naturalWidth: w, naturalHeight: h } = e.currentTarget;
              setSize([w, h]);
              setPart([
                [0.3 * w, 0.3 * h],
                [0.7 * w, 0.3 * h],
                [0.7 * w, 0.7 * h],
                [0.3 * w, 0.7 * h],
              ]);
              setRuler([
                [0.2 * w, 0.85 * h],
                [0.6 * w, 0.85 * h],
              ]);
            }}
          />
          {size && (
            <PhotoPoints
              size={size}
              part={part}
              setPart={moved(setPart)}
              ruler={by === 'two' ? ruler : []}
              setRuler={moved(setRuler)}
              lines={pulled ?? ((found?.lines ?? []) as [At, At][])}
              pull={(line, end, at) =>
                setPulled((now) =>
                  (now ?? (found!.lines as [At, At][])).map((l, i): [At, At] =>
                    i === line ? (end ? [l[0], at] : [at, l[1]]) : l,
                  ),
                )
              }
              odd={found?.odd ?? []}
            />
          )}
        </div>
        <div className="grid content-start gap-4">
          <Segmented
            label="Measure"
            value={what}
            choices={whats}
            onChoose={moved(setWhat)}
            hint={hints[what]}
          />
          <Segmented
            label="Scale from"
            value={by}
            choices={[
              { name: 'card', label: 'the printed card' },
              { name: 'two', label: 'a ruler in it' },
            ]}
            onChoose={moved(setBy)}
            hint={
              by === 'card'
                ? 'All four of its marks in the picture; slant is taken out.'
                : 'Pull the two dots onto the ruler. Slant stays: photograph it from straight above.'
            }
          />
          {by === 'two' && (
            <label className="field">
              From dot to dot
              <input className="entry" value={long} onChange={(e) => moved(setLong)(e.target.value)} />
            </label>
          )}
          <p className="text-[0.92rem] text-soft">
            Pull the corners round what is measured. The thick side is the first one.
          </p>
          <button type="button" className="btn" disabled={isOn || !size} onClick={() => void measure()}>
            {isOn ? 'Measuring…' : 'Measure'}
          </button>
          {pulled && (
            <button type="button" className="btn quiet" disabled={isOn} onClick={() => void measure(pulled)}>
              Measure by these lines
            </button>
          )}
          {wrong && (
            <p role="alert" className="wrong">
              {wrong}
            </p>
          )}
          {found && (
            <section aria-label="What was measured" aria-live="polite" className="sheet">
              <p className="fig text-[2rem] leading-tight">
                <Measure text={found.spacing.text} />
              </p>
              <p>
                ± <Measure text={found.plusMinus.text} />
                {found.count > 2 && `, ${found.count} lines, ${Math.round(100 * found.evenness)} % even`}
                {found.count > 1 &&
                  `, at ${found.angle < -0.5 ? '−' : ''}${Math.abs(Math.round(found.angle))}°`}
                {found.odd.length > 0 && `; ${found.odd.length} lie unlike the others`}.
              </p>
              {!found.isRectified && (
                <p className="text-[0.92rem] text-soft">Slant is not known: it may be off by more.</p>
              )}
              <div className="mt-2 flex flex-wrap gap-2">
                {kinds.map((kind) => (
                  <button
                    key={kind.name}
                    type="button"
                    className="btn quiet"
                    onClick={() => {
                      put(kind.name, found.spacing.text);
                      close();
                    }}
                  >
                    Use as {kind.label.toLowerCase()}
                  </button>
                ))}
              </div>
            </section>
          )}
          <a className="btn bare" href="/api/measuring-card?as=pdf&paper=a4" target="_blank" rel="noreferrer">
            Print the measuring card
          </a>
        </div>
      </div>
    </DialogBox>
  );
}

/** One that is kept is measured where it lies; another is sent along, and not kept. */
function send(picture: Parameters<typeof MeasurePhoto>[0]['picture'], asked: string) {
  if (typeof picture === 'string')
    return ask(`/api/photographs/${picture}/measure`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: asked,
    });
  const form = new FormData();
  form.set('picture', picture.file);
  form.set('ask', asked);
  return ask('/api/photographs/measure', { method: 'POST', body: form });
}
