import type { Answer, Ask, Length, Technique, Units } from '../../api/types';
import { useReckoning } from '../../app/useReckoning';
import { Measure } from '../Measure';
import { isAsked } from './asked';

type Props = {
  /** Where the straight form is asked, such as `reckon/shirring`. */
  path: string;
  technique: Technique;
  ask: Ask;
  units: Units;
  use: (field: string, value: unknown) => void;
};

/** Turned round: what that which is there allows, with one press to take it. */
export function Allows(props: Props) {
  const { allows, fields } = props.technique;
  // What is not asked, as the angle of a border is not, allows nothing.
  const asked = allows.filter((t) => {
    const needs = fields.find((f) => f.name === t.needs);
    return props.ask[t.needs] !== undefined && (!needs || isAsked(needs, props.ask, fields));
  });
  if (asked.length === 0) return null;
  return (
    <section className="no-print sheet text-[0.95rem]" aria-label="Or work backwards from what you have">
      <h2>Or work backwards from what you have</h2>
      {asked.map((turned) => (
        <Turned key={turned.form + turned.gives} turned={turned} {...props} />
      ))}
    </section>
  );
}

function Turned({
  turned,
  path,
  technique,
  ask,
  units,
  use,
}: Props & { turned: Technique['allows'][number] }) {
  const said = Object.fromEntries(Object.entries(ask).filter(([f]) => !turned.without.includes(f)));
  const { answer } = useReckoning<Answer & Record<string, unknown>>(
    `${path}/${turned.form}`,
    said,
    units,
    '',
  );
  const gives = answer?.[turned.gives];
  if (gives === undefined || gives === null) return null;
  const isLength = typeof gives === 'object';
  const most = technique.fields.find((f) => f.name === turned.sets)?.most ?? Infinity;
  // Rounded down, so that it is never more than there is.
  const figure = isLength
    ? (gives as Length).text
    : typeof gives === 'number'
      ? Number.isInteger(gives)
        ? String(Math.min(most, gives))
        : (Math.floor(Math.min(most, gives) * 100) / 100).toFixed(2)
      : String(gives);
  const isMore = typeof gives === 'number' && gives > most;
  return (
    <p className="mt-1 flex flex-wrap items-center gap-x-3">
      <span>
        {turned.says}{' '}
        <b className={`fig text-xl ${isLength ? 'whitespace-nowrap' : ''}`}>
          <Measure text={figure} />
        </b>
        {isMore && ` and more: ${figure} is the most that is planned`}
      </span>
      {turned.sets && (
        <button
          type="button"
          className="btn bare ml-auto"
          onClick={() => {
            technique.either.filter((f) => f !== turned.sets).forEach((f) => use(f, ''));
            use(turned.sets, isLength ? figure : Number(figure));
          }}
        >
          Use this
        </button>
      )}
    </p>
  );
}
