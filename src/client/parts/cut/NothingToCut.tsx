import { Link } from 'react-router';

/** What stands in the place of a cut list while the plan has no answer. */
export function NothingToCut({ working }: { working: string }) {
  return (
    <p className="sheet">
      Nothing to cut yet: <Link to={`/parts/${working}/plan`}>the plan</Link> is missing a measurement.
    </p>
  );
}
