import { Camera, X } from 'lucide-react';
import { useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, ask, saysOf } from '../../api/http';
import { newId } from '../../api/id';
import { useTurn } from '../../app/history';
import { keeping } from '../../app/kept';
import { notify } from '../../app/notice';
import { MeasurePhoto, type ReadingKind } from '../photo/MeasurePhoto';

type Props = {
  swatch: string;
  name: string;
  ids: string[];
  /** The readings that a figure from a photograph can be put into, and putting it there. */
  kinds?: ReadingKind[];
  put?: (kind: string, text: string) => void;
};

/** The photographs of a swatch: taken with the telephone or chosen, small here, large when opened. */
export function Photographs({ swatch, name, ids, kinds = [], put }: Props) {
  const [measured, setMeasured] = useState<string | null>(null);
  const queries = useQueryClient();
  const turn = useTurn();
  const input = useRef<HTMLInputElement>(null);
  const [wrong, setWrong] = useState('');
  const [sending, setSending] = useState(0);
  const refresh = () =>
    Promise.all(
      [['photographs'], ['book'], ['history']].map((queryKey) => queries.invalidateQueries({ queryKey })),
    );

  const send = async (files: FileList | null) => {
    setWrong('');
    for (const file of files ?? []) {
      setSending((n) => n + 1);
      try {
        await keeping(
          ask(`/api/swatches/${swatch}/photographs?id=${newId()}`, {
            method: 'POST',
            headers: { 'Content-Type': file.type || 'application/octet-stream' },
            body: file,
          }),
        );
      } catch (error) {
        setWrong(`Not saved. ${saysOf(error)}`);
      }
      setSending((n) => n - 1);
    }
    if (input.current) input.current.value = '';
    await refresh();
  };
  const remove = async (id: string) => {
    await keeping(api.DELETE('/api/photographs/{id}', { params: { path: { id } } }));
    await refresh();
    notify({ says: 'Photograph deleted.', action: { label: 'Undo', run: () => void turn('undo') } });
  };
  return (
    <div className="grid gap-1">
      <div className="flex flex-wrap items-center gap-2">
        {ids.map((id, i) => (
          <span key={id} className="relative">
            <a href={`/api/photographs/${id}/picture`} target="_blank" rel="noreferrer">
              <img
                className="block size-[76px] rounded-md object-cover"
                src={`/api/photographs/${id}/picture?small=true`}
                alt={`${name}, photograph ${i + 1}`}
              />
            </a>
            <button
              type="button"
              className="absolute -top-2 -right-2 grid size-7 place-items-center rounded-full bg-ink text-paper"
              aria-label={`Delete photograph ${i + 1} of ${name}`}
              onClick={() => void remove(id)}
            >
              <X size={14} aria-hidden />
            </button>
            {put && (
              <button
                type="button"
                className="btn bare !block !min-h-11 !px-0 text-sm"
                aria-label={`Measure in photograph ${i + 1} of ${name}`}
                onClick={() => setMeasured(id)}
              >
                Measure
              </button>
            )}
          </span>
        ))}
        <label className="btn quiet !min-h-11 !px-3 text-sm has-focus-visible:outline-3 has-focus-visible:outline-indigo">
          <Camera size={18} aria-hidden />
          {sending > 0 ? 'Uploading…' : ids.length ? 'Another' : 'Photograph'}
          <input
            ref={input}
            type="file"
            className="sr-only"
            accept="image/jpeg,image/png,image/webp"
            multiple
            onChange={(e) => void send(e.target.files)}
          />
        </label>
      </div>
      {wrong && (
        <p role="alert" className="wrong">
          {wrong}
        </p>
      )}
      {measured && put && (
        <MeasurePhoto picture={measured} kinds={kinds} put={put} close={() => setMeasured(null)} />
      )}
    </div>
  );
}
