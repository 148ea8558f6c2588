import { redirect, type LoaderFunctionArgs, type RouteObject } from 'react-router';

/** What addresses began with before, and what they begin with now. */
const before = {
  workings: 'parts',
  drawer: 'supplies',
  reckoner: 'calculator',
  workroom: 'settings',
};

/** An address as it is now, of one from a bookmark or a note; the rest of it is as it was. */
function addressNow({ request }: LoaderFunctionArgs) {
  const { pathname, search, hash } = new URL(request.url);
  const [, first = '', ...rest] = pathname.replace(/^\/drawer\/ask\b/, '/drawer/settings').split('/');
  return redirect(`/${[before[first as keyof typeof before], ...rest].join('/')}${search}${hash}`);
}

/** Routes from where things stood before to where they stand now. */
export const moved: RouteObject[] = Object.keys(before).map((first) => ({
  path: `/${first}/*`,
  loader: addressNow,
  element: null,
}));
