import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, value } from '../../api/http';
import { newId } from '../../api/id';
import { keeping } from '../../app/kept';
import { useTechniques } from '../../app/useTechnique';

/** Adds a swatch that belongs to no working. */
export function AddAlone() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const techniques = useTechniques().data;
  // One from which something is learnt; which it is can be said on its page.
  const of = (techniques?.find((t) => t.learns) ?? techniques?.[0])?.name;
  const add = async () => {
    const id = newId();
    await keeping(
      value(
        api.POST('/api/swatches', {
          body: { id, workingId: null, technique: of } as never,
        }),
      ),
    );
    await queries.invalidateQueries({ queryKey: ['book'] });
    await navigate(`/swatches/${id}`);
  };
  return (
    <button type="button" className="btn" disabled={!of} onClick={() => void add()}>
      Record a swatch
    </button>
  );
}
