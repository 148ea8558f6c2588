import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, value } from '../../api/http';
import { newId } from '../../api/id';
import { keeping } from '../../app/kept';

/** Adds a swatch that belongs to no working. */
export function AddAlone() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const add = async () => {
    const id = newId();
    await keeping(
      value(
        api.POST('/api/swatches', {
          body: { id, workingId: null, technique: 'gathering-foot', features: { stitchLength: 4 } } as never,
        }),
      ),
    );
    await queries.invalidateQueries({ queryKey: ['book'] });
    await navigate(`/swatches/${id}`);
  };
  return (
    <button type="button" className="btn" onClick={() => void add()}>
      Add a swatch
    </button>
  );
}
