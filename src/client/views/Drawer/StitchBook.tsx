import { Link } from 'react-router';
import { StitchFace, StitchShelf } from '../../parts/book/StitchShelf';

/** The stitch book: every stitch by its look, its number in letters that read from afar. */
export function StitchBook() {
  return (
    <StitchShelf
      tile={(t) => (
        <Link to={`/supplies/thing/${t.id}`} className="stitch-tile">
          <StitchFace stitch={t} />
        </Link>
      )}
    />
  );
}
