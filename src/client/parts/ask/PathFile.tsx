import { useRef, useState, useId } from 'react';
import { Legend, useAbout } from '../about';
import { ask, saysOf } from '../../api/http';
import type { Field, Length, Units } from '../../api/types';
import { MeasureField } from '../MeasureField';

type Props = {
  field: Field;
  /** Path data in mm, or nothing. */
  data: string;
  set: (data: string) => void;
  units: Units;
  error?: string;
};

type Read = { data: string; count: number; width: Length; height: Length };

/** Lines from an SVG file, at the width or height that is wanted. */
export function PathFile({ field, data, set, units, error }: Props) {
  const [width, setWidth] = useState('');
  const [height, setHeight] = useState('');
  const [says, setSays] = useState('');
  const [wrong, setWrong] = useState('');
  const chooser = useRef<HTMLInputElement>(null);
  const outlines = field.kind === 'outline';

  const take = async (file: Blob) => {
    setWrong('');
    try {
      const query = new URLSearchParams({ width, height, units, outlines: String(outlines) });
      const response = await ask(`/api/lines/svg?${query}`, {
        method: 'POST',
        headers: { 'Content-Type': 'image/svg+xml' },
        body: file,
      });
      const read = (await response.json()) as Read;
      set(read.data);
      setSays(
        `${read.count === 1 ? 'One line' : `${read.count} lines`}, ${read.width.text} × ${read.height.text}.`,
      );
    } catch (refused) {
      setSays('');
      setWrong(saysOf(refused));
    }
  };
  /** What is there already, at another size: it goes out as a file and comes back. */
  const rescale = () =>
    void take(new Blob([`<svg xmlns="http://www.w3.org/2000/svg"><path d="${data}"/></svg>`]));
  const id = useId();
  const is = useAbout(id, field.label, field.says);
  return (
    <fieldset
      className="field min-w-0 basis-full"
      aria-labelledby={`${id}-label`}
      aria-describedby={is.describedBy}
    >
      <Legend id={id} label={`${field.label} from a file`} button={is.button} />
      <div className="flex flex-wrap items-start gap-3">
        <MeasureField
          label="Maximum width"
          typed={width}
          onType={setWidth}
          units={units}
          placeholder="as it is"
          className="w-28"
        />
        <MeasureField
          label="Maximum height"
          typed={height}
          onType={setHeight}
          units={units}
          placeholder="as it is"
          className="w-28"
        />
        <button type="button" className="btn mt-5" onClick={() => chooser.current?.click()}>
          {data ? 'Another SVG file' : 'Choose an SVG file'}
        </button>
        {data && (
          <button type="button" className="btn quiet mt-5" onClick={rescale} disabled={!width && !height}>
            Use this size
          </button>
        )}
        <input
          ref={chooser}
          type="file"
          accept=".svg,image/svg+xml"
          className="sr-only"
          tabIndex={-1}
          aria-label={`${field.label} from an SVG file`}
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) void take(file);
            e.target.value = '';
          }}
        />
      </div>
      <p role="status" className="mt-1 text-[0.86rem]">
        {says || (!data && 'Only paths and shapes are read from the file.')}
      </p>
      {(wrong || error) && <p className="wrong">{wrong || error}</p>}
      {is.line}
    </fieldset>
  );
}
