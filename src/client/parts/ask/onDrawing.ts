import type { Ask, Field } from '../../api/types';
import type { AskOnDrawing } from '../../drawing/DrawingView';

type Asked = {
  technique: { fields: Field[] };
  ask: Ask;
  set: (field: string, typed: unknown) => void;
};

/** The ask as a drawing takes it, so that the figures it states can be typed where they stand. */
export function onDrawing({ technique, ask, set }: Asked): AskOnDrawing {
  return {
    typed: (field) => String(ask[field] ?? ''),
    set,
    label: (field) => technique.fields.find((f) => f.name === field)?.label ?? field,
  };
}
