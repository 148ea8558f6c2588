import { Navigate, useLocation, type RouteObject } from 'react-router';

/** What addresses began with before, and what they begin with now. */
const before = {
  workings: 'parts',
  drawer: 'supplies',
  reckoner: 'calculator',
  workroom: 'settings',
};

/** Goes on to an address as it is now, of one from a bookmark or a note; the rest of it is as it was. */
function Moved() {
  const { pathname, search, hash } = useLocation();
  const [, first = '', ...rest] = pathname.replace(/^\/drawer\/ask\b/, '/drawer/settings').split('/');
  return (
    <Navigate replace to={`/${[before[first as keyof typeof before], ...rest].join('/')}${search}${hash}`} />
  );
}

/** Routes from where things stood before to where they stand now. */
export const moved: RouteObject[] = Object.keys(before).map((first) => ({
  path: `/${first}/*`,
  element: <Moved />,
}));
