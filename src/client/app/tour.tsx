import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { api, value } from '../api/http';
import { exampleQuery } from './example';
import { storeOf } from './store';
import { useTechniques } from './useTechnique';

/** What a stage of the example shows, and the part of the screen it is about. */
const steps = [
  {
    stage: 'plan',
    head: 'Plan',
    says: 'The frill’s finished edge is typed on the drawing or in its box. What to cut follows with every key.',
    at: '[aria-label="To cut"]',
  },
  {
    stage: 'set-up',
    head: 'Machine settings',
    says: 'Foot, needle, thread, tension and stitch for this fabric and machine. Every line gives its reason.',
    at: '[aria-label="From my supplies"]',
  },
  {
    stage: 'sample',
    head: 'Test swatch',
    says: 'Sew a small strip, measure it flat and gathered, type both in: the plan now fits your fabric.',
    at: '[aria-label="The swatch to cut"]',
  },
  {
    stage: 'cut',
    head: 'Cut',
    says: 'The cut list. Lock it when you cut, and later changes are compared with what you have on the table.',
    at: '[aria-label="To cut"]',
  },
  {
    stage: 'sew',
    head: 'Sew',
    says: 'Each step has its picture. At the machine shows one at a time, large enough to read from a metre away.',
    at: 'ol > li.sheet',
  },
  {
    stage: 'keep',
    head: 'Finish',
    says: 'Write down what you set and how it came out: next time begins from there.',
    at: 'main section.tacked',
  },
];

type Tour = { part: string; step: number };

const tour = storeOf<Tour | null>(null);

/** Begins the tour: the stages of a frill of the example, one after another. */
export function useTour() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  // A frill is what most have sewn before.
  const frills = useTechniques().data?.filter((t) => t.kin === 'fullness');
  return async () => {
    const { projects } = await queries.fetchQuery(exampleQuery);
    for (const project of projects) {
      const bench = await value(api.GET('/api/bench', { params: { query: { project } } }));
      const frill = bench.projects[0]?.workings.find(
        (w) => !w.isAside && frills?.some((t) => t.title === w.technique),
      );
      if (!frill) continue;
      tour.set({ part: frill.id, step: 0 });
      await navigate(`/parts/${frill.id}/${steps[0]!.stage}`);
      return;
    }
  };
}

/** The tour, beside what it shows; it can be left at any point. */
export function TourBox() {
  const navigate = useNavigate();
  const now = tour.useNow();
  const step = now && steps[now.step];
  useEffect(() => (step ? pointedAt(step.at) : undefined), [step]);
  if (!now || !step) return null;
  const go = (to: number) => {
    const next = steps[to];
    tour.set(next ? { ...now, step: to } : null);
    void navigate(next ? `/parts/${now.part}/${next.stage}` : '/');
  };
  const isLast = now.step === steps.length - 1;
  return (
    <section className="tour no-print" aria-label="Tour of the example">
      <p className="text-sm font-semibold">
        {now.step + 1} of {steps.length}
      </p>
      <h2 aria-live="polite">{step.head}</h2>
      <p className="my-2">{step.says}</p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={() => go(now.step + 1)}>
          {isLast ? 'End the tour' : 'Next'}
        </button>
        {now.step > 0 && (
          <button type="button" className="btn quiet" onClick={() => go(now.step - 1)}>
            Back
          </button>
        )}
        {!isLast && (
          <button type="button" className="btn bare" onClick={() => tour.set(null)}>
            Leave
          </button>
        )}
      </div>
    </section>
  );
}

/** Marks what a step is about, as soon as it is there, until the step is over. */
function pointedAt(at: string) {
  let found: Element | null = null;
  const look = setInterval(() => {
    found = document.querySelector(at);
    if (!found) return;
    clearInterval(look);
    found.classList.add('toured');
  }, 150);
  return () => {
    clearInterval(look);
    found?.classList.remove('toured');
  };
}
