import { Facts } from '../Facts';
import { inOrderOf } from '../inOrderOf';
import type { Swatch } from './useSwatches';

/** What was set for a swatch, and what of it was changed since the one before. */
export function SwatchSettings({
  swatch,
  before,
  card = {},
}: {
  swatch: Swatch;
  before: Swatch | undefined;
  /** The card as it would be set now: what was set then is shown in its order. */
  card?: Record<string, string>;
}) {
  const set = swatch.settings as Record<string, string>;
  const was = before?.settings as Record<string, string> | undefined;
  const moved = Object.keys(set).filter((k) => was && was[k] !== set[k]);
  if (Object.keys(set).length === 0) return null;
  return (
    <details className="text-sm" open={moved.length > 0 || undefined}>
      <summary className="flex min-h-11 items-center text-soft">Settings used</summary>
      <Facts of={inOrderOf(card, set).map(([name, text]) => ({ name, text: text ?? '' }))} moved={moved} />
      {moved.length > 1 && (
        <p className="noted mt-2">
          You changed {moved.length} things since the last swatch, so you won’t know which one made the
          difference.
        </p>
      )}
    </details>
  );
}
