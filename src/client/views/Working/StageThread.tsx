import { Link } from 'react-router';
import type { Stage } from '../../api/types';
import { stages } from './stages';

/** The thread of the six stages with its beads. */
export function StageThread({ id, now }: { id: string; now: Stage }) {
  const place = stages.findIndex((s) => s.name === now);
  return (
    <nav className="thread" aria-label="Stages">
      {stages.map((stage, i) => (
        <Link
          key={stage.name}
          to={`/workings/${id}/${stage.name}`}
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
