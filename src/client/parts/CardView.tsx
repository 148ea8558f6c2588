import { Link } from 'react-router';
import type { CardAnswer, Cure } from '../api/types';
import { Findings } from './Findings';
import { Measure } from './Measure';

/** The settings card: each line with its figure, what the dial shows, and why. */
export function CardView({ card, heading }: { card: CardAnswer; heading: string }) {
  const wheel = card.lines.find((l) => l.key === 'hand-wheel');
  return (
    <section className="tacked min-w-0 settings-card" aria-label="Machine settings">
      <h2 className="text-soft">{heading}</h2>
      {!card.isPossible && (
        <div className="mt-2 grid gap-3">
          <p className="fig text-3xl">This machine can’t do it</p>
          <Findings findings={card.findings} />
          <p className="text-lg">
            <b>Alternative: </b>
            {card.lines[0]?.figure}
          </p>
        </div>
      )}
      {card.isPossible && (
        <dl>
          {card.lines
            .filter((l) => l.key !== 'hand-wheel')
            .map((line) => (
              <div
                key={line.key}
                className="grid items-baseline gap-x-5 border-b border-rule py-[5px] last:border-0 sm:grid-cols-[9rem_minmax(9rem,15rem)_1fr]"
              >
                <dt className="text-soft">{line.setting}</dt>
                <dd className="fig flex flex-wrap items-baseline gap-x-2 text-xl">
                  <Measure text={line.figure} />
                  {line.dial && (
                    <span className="rounded bg-ground px-2 py-0.5 font-sans text-[0.95rem] font-bold tracking-normal">
                      {line.dial}
                    </span>
                  )}
                </dd>
                <dd className="reason text-[0.92rem] text-soft">
                  <Measure text={line.because} />
                </dd>
              </div>
            ))}
        </dl>
      )}
      {card.isPossible && wheel && (
        <p className="print-only">
          Handwheel: {wheel.figure}. {wheel.because}
        </p>
      )}
    </section>
  );
}

/** What stands beside a card: what to take care of, other feet, guides, other ways. */
export function CardSides({ card, use }: { card: CardAnswer; use?: (cure: Cure) => void }) {
  const wheel = card.lines.find((l) => l.key === 'hand-wheel');
  const [first] = card.feet;
  const isOwned = first?.rank === 'best' || first?.rank === 'chosen';
  const others = card.feet.slice(isOwned ? 1 : 0);
  return (
    <>
      {card.isPossible && <Findings findings={card.findings} use={use} />}
      {wheel && (
        <div className="care">
          <b className="block text-lg">Handwheel: {wheel.figure}</b>
          {wheel.because}
        </div>
      )}
      {card.unchecked.map((u) => (
        <p key={u.says} className="noted">
          {u.says}
        </p>
      ))}
      {others.length > 0 && (
        <section className="sheet" aria-label="Other feet">
          <h2>
            {first?.rank === 'chosen'
              ? 'In place of the foot that you chose'
              : isOwned
                ? 'Other feet you could use'
                : 'None of your feet suits this'}
          </h2>
          <ul className="mt-1 grid gap-2">
            {others.map((foot) => (
              <li key={foot.rank}>
                <b>
                  {foot.id ? (
                    <Link to={`/supplies/thing/${foot.id}`}>{foot.name}</Link>
                  ) : (
                    `To look for: ${foot.name}`
                  )}
                </b>
                <span className="block text-sm text-soft">
                  <Measure text={[foot.because, foot.costs].filter(Boolean).join(' ')} />
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {card.guides.length > 0 && (
        <section className="sheet" aria-label="Row spacing without marking">
          <h2>Row spacing without marking</h2>
          <dl className="mt-2 grid grid-cols-[auto_1fr] items-baseline gap-x-3 gap-y-1">
            {card.guides.slice(0, 6).map((guide) => (
              <div key={guide.says} className="contents">
                <dt className="fig text-lg">
                  <Measure text={guide.gap.text} />
                </dt>
                <dd className="text-sm text-soft">
                  {guide.says}
                  {guide.off && guide.off.mm > 0.005 && (
                    <>
                      {' '}
                      (<Measure text={guide.off.text} /> off)
                    </>
                  )}
                </dd>
              </div>
            ))}
          </dl>
        </section>
      )}
      {card.checks.length > 0 && (
        <section className="sheet" aria-label="Look first">
          <h2>Check on your swatch</h2>
          <ul className="mt-1 list-disc pl-5">
            {card.checks.map((c) => (
              <li key={c.says}>{c.says}</li>
            ))}
          </ul>
        </section>
      )}
      {card.alternatives.length > 0 && (
        <details className="sheet">
          <summary className="min-h-11 content-center font-bold">Other good methods</summary>
          <dl className="grid gap-2">
            {card.alternatives.map((way) => (
              <div key={way.name}>
                <dt className="font-semibold">{way.name}</dt>
                <dd className="text-sm text-soft">{way.follows}</dd>
              </div>
            ))}
          </dl>
        </details>
      )}
    </>
  );
}
