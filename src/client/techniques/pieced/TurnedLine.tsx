import type { Answer, Ask, Length, Units } from '../../api/types';
import { Measure } from '../../parts/Measure';
import { useReckoning } from '../useReckoning';
import type { Layout } from './layouts';

type Props = {
  /** Where the straight form is asked, such as <c>reckon/shirring</c>. */
  path: string;
  layout: Layout;
  ask: Ask;
  units: Units;
  use: (field: string, value: unknown) => void;
};

/** Turned round: what the cloth there is allows, with one press to take it. */
export function TurnedLine(props: Props) {
  const asked = props.layout.turned.filter((t) => props.ask[t.needs] !== undefined);
  if (asked.length === 0) return null;
  return (
    <section className="no-print sheet text-[0.95rem]" aria-label="The cloth there is">
      <h2>The cloth there is allows</h2>
      {asked.map((turned) => (
        <Turned key={turned.form} turned={turned} {...props} />
      ))}
    </section>
  );
}

function Turned({ turned, path, layout, ask, units, use }: Props & { turned: Layout['turned'][number] }) {
  const said = Object.fromEntries(
    Object.entries(ask).filter(
      ([f]) => f !== turned.sets && !layout.either?.includes(f) && (turned.sets || f !== 'assurance'),
    ),
  );
  const answer = useReckoning<Answer & Record<string, unknown>>(
    `${path}/${turned.form}`,
    said,
    units,
    '',
  ).answer;
  const gives = answer?.[turned.gives];
  if (gives === undefined || gives === null) return null;
  const isLength = typeof gives === 'object';
  const figure = isLength
    ? (gives as Length).text
    : typeof gives === 'string'
      ? gives
      : (Math.floor((gives as number) * 100) / 100).toFixed(2);
  return (
    <p className="mt-1 flex flex-wrap items-center gap-x-3">
      <span>
        {turned.says}{' '}
        <b className="fig text-xl">
          <Measure text={figure} />
        </b>
      </span>
      {turned.sets && (
        <button
          type="button"
          className="btn bare ml-auto"
          onClick={() => {
            layout.either?.filter((f) => f !== turned.sets).forEach((f) => use(f, ''));
            use(turned.sets!, isLength ? figure : Number(figure));
          }}
        >
          Take it
        </button>
      )}
    </p>
  );
}
