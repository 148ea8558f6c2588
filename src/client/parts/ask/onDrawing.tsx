import type { Answer, Ask, Field, Units } from '../../api/types';
import { wrongAt, type Reckoning } from '../../app/useReckoning';
import type { AskOnDrawing } from '../../drawing/DrawingView';
import { MeasureField } from '../MeasureField';
import { NumberField, numberOf } from '../NumberField';
import { fieldAt, saidAt, sayAt } from './paths';

type Asked = {
  technique: { fields: Field[] };
  ask: Ask;
  set: (field: string, typed: unknown) => void;
  reckoning: Reckoning<Answer>;
  units: Units;
};

/** The ask as a drawing takes it, so that the figures it states can be typed where they stand, as well as in their boxes. */
export function onDrawing({ technique, ask, set, reckoning, units }: Asked): AskOnDrawing {
  const known = (field: string) => fieldAt(technique.fields, field);
  const typed = (field: string) => String(saidAt(ask, field) ?? '');
  const say = (field: string, value: unknown) => sayAt(ask, [{ field, to: value }], set);
  const label = (field: string) => known(field)?.label ?? field;
  return {
    typed,
    label,
    // What has a box of its own says it there; those of a group may be folded away.
    error: (field) => (field.includes('[') ? wrongAt(reckoning, field) : undefined),
    pull: (field, value, isAngle) => say(field, isAngle ? value : lengthOf(value, units)),
    field: (field, done) =>
      known(field)?.kind === 'number' ? (
        <NumberField
          label={label(field)}
          typed={typed(field)}
          onType={(text) => say(field, numberOf(text) ?? text)}
          error={wrongAt(reckoning, field)}
          step={known(field)?.step ?? 1}
          suffix={known(field)?.unit || undefined}
          // eslint-disable-next-line jsx-a11y/no-autofocus
          autoFocus
          onEnter={done}
        />
      ) : (
        <MeasureField
          label={label(field)}
          typed={typed(field)}
          onType={(text) => say(field, text)}
          understood={reckoning.understood[field]}
          error={wrongAt(reckoning, field)}
          units={units}
          fine={known(field)?.kind === 'fine'}
          // It was opened to be typed in at once.
          // eslint-disable-next-line jsx-a11y/no-autofocus
          autoFocus
          onEnter={done}
        />
      ),
  };
}

/** A length that was pulled, as it would be typed: half millimetres, or sixteenths of an inch. */
function lengthOf(mm: number, units: Units) {
  if (units === 'metric') return `${Math.round(mm * 2) / 2} mm`;
  const sixteenths = Math.max(1, Math.round((mm / 25.4) * 16));
  const rest = sixteenths % 16;
  return `${Math.floor(sixteenths / 16)}${rest ? ` ${rest}/16` : ''} in`;
}
