import type { Answer, Stage } from '../../api/types';

/** The cautions of a technique that belong to a stage. */
export function CautionsAt({ stage, answer }: { stage: Stage; answer: Answer | null }) {
  return answer?.cautions
    ?.filter((c) => c.at.includes(stage))
    .map((c) => (
      <p key={c.code} className="noted">
        {c.says}
      </p>
    ));
}
