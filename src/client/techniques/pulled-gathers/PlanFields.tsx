import type { ReactNode } from 'react';
import type { Answer, Ask, Technique, Units } from '../../api/types';
import { wrongAt, type Reckoning } from '../useReckoning';
import type { Gathers } from './answer';
import { FullnessControl } from './FullnessControl';
import { RowsChoice } from './RowsChoice';
import { Fold } from '../shared/Fold';
import { useAskFields } from '../shared/useAskFields';

type Props = {
  technique: Technique;
  ask: Ask;
  set: (field: string, typed: unknown) => void;
  reckoning: Reckoning<Answer>;
  units: Units;
  /** The fields of the cloth's look, where it has one. */
  clothLook?: ReactNode;
  /** What the folded cloth part says of itself. */
  clothName?: string | null;
};

/** What the person says of a gathered piece: the edge as she would say it, then cloth, then allowances. */
export function PlanFields({ technique, ask, set, reckoning, units, clothLook, clothName }: Props) {
  const fields = useAskFields({ technique, ask, set, reckoning, units });
  const answer = reckoning.answer as Gathers | null;
  const { typed } = fields;
  const isWrong = (...names: string[]) => names.some((n) => wrongAt(reckoning, n));
  return (
    <div className="no-print grid gap-3">
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        {fields.measure('finishedEdge', {
          placeholder: units === 'metric' ? '2.6 m, or 1.2 m + 80 cm' : '102 1/2 in',
          className: 'flex-1 basis-40',
        })}
        {fields.either('closed', 'open', 'ring', 'The edge is')}
        {fields.measure('finishedDepth', { className: 'w-28' })}
        {fields.measure('seamAllowance', { className: 'w-24' })}
        {ask.doubled !== true && fields.measure('hemAllowance', { className: 'w-24' })}
      </div>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        <FullnessControl
          technique={technique}
          typed={typed('fullness')}
          set={(value) => set('fullness', value)}
          error={wrongAt(reckoning, 'fullness')}
          suggested={answer?.suggested}
        />
        {fields.either('doubled', 'hemmed', 'doubled', 'The strip is')}
      </div>
      <RowsChoice
        choices={fields.choices('rows')}
        value={typed('rows')}
        onChoose={(name) => set('rows', name)}
      />
      <Fold
        title="Cloth and use"
        says={[
          clothName,
          typed('clothWidth') && `${typed('clothWidth')} usable`,
          typed('clothWeight') && `${typed('clothWeight')} g/m²`,
          `cut ${typed('cut')}`,
          typed('clothAtHand') && `${typed('clothAtHand')} there`,
          ask.use !== undefined && `for ${fields.choices('use').find((c) => c.name === ask.use)?.label}`,
        ]}
        open={isWrong('clothWidth', 'clothWeight', 'clothThickness', 'clothAtHand')}
      >
        {clothLook}
        {fields.measure('clothWidth', { className: 'w-32' })}
        {fields.measure('clothAtHand', { className: 'w-32', placeholder: 'not bought' })}
        {fields.number('clothWeight', 5, { suffix: 'g/m²', className: 'w-32' })}
        {fields.measure('clothThickness', { className: 'w-28' })}
        {fields.choice('cut', fields.follows('cut'))}
        <label className="field">
          For
          <select className="entry" value={typed('use')} onChange={(e) => set('use', e.target.value)}>
            <option value="">anything</option>
            {fields.choices('use').map((c) => (
              <option key={c.name} value={c.name}>
                {c.label}
              </option>
            ))}
          </select>
        </label>
      </Fold>
      <Fold
        title="Allowances and stitch"
        says={[
          `joins ${typed('joinAllowance')}`,
          ask.closed !== true && `ends ${typed('endAllowance')}`,
          `rows ${typed('rowGap')} apart`,
          `stitch ${typed('stitchLength')}`,
          `tails ${typed('tail')}`,
        ]}
        open={isWrong(
          'joinAllowance',
          'endAllowance',
          'rowGap',
          'stitchLength',
          'tail',
          'plainThickness',
          'zigzagWidth',
        )}
      >
        {fields.measure('joinAllowance', { className: 'w-28' })}
        {ask.closed !== true && fields.measure('endAllowance', { className: 'w-28' })}
        {fields.measure('rowGap', { className: 'w-28' })}
        {fields.measure('stitchLength', { className: 'w-28' })}
        {ask.rows === 'over-threads' &&
          fields.measure('zigzagWidth', { className: 'w-28', placeholder: '3 mm' })}
        {fields.measure('tail', { className: 'w-28' })}
        {fields.measure('plainThickness', { className: 'w-40' })}
      </Fold>
    </div>
  );
}
