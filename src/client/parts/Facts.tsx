import { Measure } from './Measure';

type Props = {
  /** Each by its name, in its order. */
  of: { name: string; text: string }[];
  className?: string;
  /** Those that are marked as another than before. */
  moved?: string[];
};

/** Figures by their names: a name is never broken while its figure has room to be. */
export function Facts({ of, className, moved = [] }: Props) {
  return (
    <dl className={`facts ${className ?? ''}`}>
      {of.map(({ name, text }) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>
            {moved.includes(name) ? (
              <mark className="rounded bg-chalk px-1 text-on-chalk">{text}</mark>
            ) : (
              <Measure text={text} />
            )}
          </dd>
        </div>
      ))}
    </dl>
  );
}
