import type { ReactNode } from 'react';
import { Findings } from '../../parts/Findings';
import { Measure } from '../../parts/Measure';
import { size, type Gathers } from './answer';

type Props = { answer: Gathers; isOld?: boolean; title?: string; there?: string; children?: ReactNode };

/** The biggest figures on the screen: what to cut. */
export function ToCut({ answer, isOld, title = 'To cut', there, children }: Props) {
  const strip = size(answer.stripLength, answer.cutDepth);
  return (
    <section className={`tacked ${isOld ? 'opacity-70' : ''}`} aria-label={title} aria-live="polite">
      <h2 className="text-soft">{isOld ? 'As it was, until the figure is right' : title}</h2>
      <p className="flex items-baseline gap-2">
        <span className="fig text-[2.9rem]">{answer.stripCount}</span>
        <span className="text-soft">{answer.stripCount === 1 ? 'strip' : 'strips, each'}</span>
      </p>
      <p className="mb-3 flex flex-wrap items-baseline gap-x-2">
        <span className={`fig ${strip.figures.length > 15 ? 'text-[1.9rem]' : 'text-[2.6rem]'}`}>
          <Measure text={strip.figures} />
        </span>
        <span className="text-soft">{strip.unit}</span>
      </p>
      <dl className="facts">
        <Fact name="Cloth used">
          <Measure text={answer.clothToBuy.text} />
          {there ? ` of ${there}` : ''}
        </Fact>
        <Fact name="Flat edge">
          <Measure text={answer.sewnFlat.text} />
        </Fact>
        <Fact name="Fullness reached">{answer.achievedFullness.toFixed(2)}</Fact>
        <Fact name="Marks, both edges">every 1/{answer.segments}</Fact>
        <Fact name="Thread, each side">
          <Measure text={answer.threadPerSide.text} />
        </Fact>
      </dl>
      <div className="mt-4">
        <Findings findings={answer.findings} />
      </div>
      {children}
    </section>
  );
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </>
  );
}
