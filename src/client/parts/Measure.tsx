import { Fragment } from 'react';

const glyphs: Record<string, string> = {
  '1/2': '½',
  '1/4': '¼',
  '3/4': '¾',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
};

/** A text with measures in it, its fractions set as real ones: `36 1/2 in` becomes 36½ in. */
export function Measure({ text }: { text: string }) {
  const parts = text.split(/(?:(?<=\d) )?(\d+\/\d+)(?= in| yd| ×|$)/);
  return (
    <>
      {parts.map((part, i) =>
        i % 2 === 0 ? (
          <Fragment key={i}>{part}</Fragment>
        ) : (
          <Fragment key={i}>
            {/* The blank keeps the whole and its fraction apart where they are copied, read aloud or printed. */}
            {!glyphs[part] && /\d$/.test(parts[i - 1]!) && ' '}
            <span className={glyphs[part] ? undefined : 'frac'}>{glyphs[part] ?? part}</span>
          </Fragment>
        ),
      )}
    </>
  );
}
