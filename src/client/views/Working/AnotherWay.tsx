import { useQueryClient } from '@tanstack/react-query';
import { ChevronDown } from 'lucide-react';
import { useNavigate } from 'react-router';
import type { EditedWorking } from '../../app/useWorking';
import { useUnits } from '../../app/workroom';
import { TechniqueMenu } from '../../parts/TechniqueMenu';
import { beginWorking } from '../Bench/BeginWorking';

/** Begins another way of doing the same piece: what both are asked comes along. */
export function AnotherWay({ working }: { working: EditedWorking }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const units = useUnits();
  const row = working.row!;
  const begin = async (name: string) => {
    const id = await beginWorking(queries, row.projectId, name, units, working.ask, {
      wayOf: row.piece,
      cloth: working.cloth,
    });
    await queries.invalidateQueries();
    await navigate(`/parts/${id}/plan`);
  };
  const known = new URLSearchParams({ project: row.projectId, wayOf: row.piece });
  // The question takes what it knows of it.
  for (const [field, says] of Object.entries(working.ask)) {
    if (typeof says !== 'object') known.set(field, String(says));
  }
  return (
    <TechniqueMenu
      choose={(name) => void begin(name)}
      unsure={() => void navigate(`/calculator/which-way?${known}`)}
    >
      <button type="button" className="btn quiet">
        Compare another technique <ChevronDown size={18} aria-hidden />
      </button>
    </TechniqueMenu>
  );
}
