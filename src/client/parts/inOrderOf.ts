/** The lines in the order of the card, which is not the order they come back in; others after them. */
export function inOrderOf(card: Record<string, string>, set: Record<string, string>) {
  const names = [...new Set([...Object.keys(card), ...Object.keys(set)])];
  return names.flatMap((name) => (name in set ? [[name, set[name]] as const] : []));
}
