import { Link } from 'react-router';
import type { Technique } from '../../api/types';

/** The thread of a technique's stages with its beads. */
export function StageThread({ id, now, stages }: { id: string; now: string; stages: Technique['stages'] }) {
  const place = stages.findIndex((s) => s.name === now);
  return (
    <nav className="thread" aria-label="Stages">
      {stages.map((stage, i) => (
        <Link
          key={stage.name}
          to={`/parts/${id}/${stage.name}`}
          title={`Done when ${stage.ends}`}
          aria-description={`Done when ${stage.ends}`}
          aria-current={stage.name === now ? 'step' : undefined}
          data-done={i < place ? '' : undefined}
        >
          <i aria-hidden />
          {stage.title}
        </Link>
      ))}
    </nav>
  );
}
