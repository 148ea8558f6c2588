import { Link } from 'react-router';

/** An address that leads nowhere, or a view that broke. */
export function Lost({ isBroken = false }: { isBroken?: boolean }) {
  return (
    <div className="mx-auto mt-16 max-w-lg tacked">
      <h1 className="text-2xl">{isBroken ? 'Something went wrong on this page' : 'Page not found'}</h1>
      <p className="my-3">
        {isBroken
          ? 'What you typed is saved. Open it again, or go back to Projects.'
          : 'It may have been deleted. Undo brings it back.'}
      </p>
      <Link className="btn" to="/" reloadDocument={isBroken}>
        Back to Projects
      </Link>
    </div>
  );
}
