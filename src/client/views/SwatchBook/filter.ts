/** What the book is narrowed by, as the address holds it. */
export const filters = ['technique', 'cloth', 'foot', 'verdict', 'machine', 'year', 'text'] as const;

/** The filter in an address, without what is empty. */
export function filterIn(address: URLSearchParams): Record<string, string> {
  return Object.fromEntries(
    filters.flatMap((name) => {
      const is = address.get(name);
      return is ? [[name, is]] : [];
    }),
  );
}
