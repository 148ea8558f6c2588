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
export function TurnedLine({ path, layout, ask, units, use }: Props) {
  const { turned } = layout;
  const asked = turned && ask[turned.needs] !== undefined ? `${path}/${turned.form}` : null;
  const said = Object.fromEntries(
    Object.entries(ask).filter(([f]) => f !== turned?.sets && !layout.either?.includes(f)),
  );
  const answer = useReckoning<Answer & Record<string, unknown>>(asked, said, units, '').answer;
  const gives = turned && answer?.[turned.gives];
  if (!turned || gives === undefined || gives === null) return null;
  const isLength = typeof gives === 'object';
  const figure = isLength ? (gives as Length).text : (Math.floor((gives as number) * 100) / 100).toFixed(2);
  return (
    <section className="no-print sheet text-[0.95rem]" aria-label="The cloth there is">
      <h2>The cloth there is allows</h2>
      <p className="mt-1 flex flex-wrap items-center gap-x-3">
        <span>
          {turned.says}{' '}
          <b className="fig text-xl">
            <Measure text={figure} />
          </b>
        </span>
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
      </p>
    </section>
  );
}
