import { useState } from 'react';
import { takeDraft, writeDraft } from '../../app/drafts';
import type { Knob } from '../../api/types';
import { NumberField, numberOf } from '../NumberField';
import { Segmented } from '../Segmented';
import { isSwitch, saysOfKnob, type Features } from './features';

type Props = {
  swatch: string;
  knobs: Knob[];
  features: Features;
  /** Those that differ from the swatch before. */
  changed: string[];
  errors: Record<string, string[]>;
  /** Keeps the one that was turned; whether it is kept. */
  keep: (turned: Features) => Promise<boolean>;
};

/** What was turned on the machine for a swatch; what differs from the one before is marked. */
export function KnobFields({ swatch, knobs, features, changed, errors, keep }: Props) {
  const draft = `${swatch}.knobs`;
  const [typed, setTyped] = useState<Record<string, string>>(
    () => takeDraft(draft) as Record<string, string>,
  );
  // From the newest state, never from a closure: one is kept while the next is already turned.
  const put = (next: (now: Record<string, string>) => Record<string, string>) =>
    setTyped((now) => {
      const then = next(now);
      writeDraft(draft, then);
      return then;
    });
  const leave = async (name: string) => {
    const text = typed[name];
    const number = text === undefined ? null : numberOf(text);
    if (number === null || !(await keep({ [name]: number }))) return;
    put((now) => Object.fromEntries(Object.entries(now).filter(([n, is]) => n !== name || is !== text)));
  };
  return (
    <div className="flex flex-wrap gap-x-3 gap-y-1">
      {knobs.map((knob) => (
        <div
          key={knob.name}
          className={`rounded-md ${changed.includes(knob.name) ? 'bg-chalk px-1.5 pb-1.5 [&_.label_*]:text-on-chalk [&_.label]:text-on-chalk' : ''}`}
        >
          {isSwitch(knob) ? (
            <Segmented
              label={knob.label}
              value={saysOfKnob(knob, features)}
              choices={[
                { name: 'yes', label: 'yes' },
                { name: 'no', label: 'no' },
              ]}
              onChoose={(to) => void keep({ [knob.name]: to === 'yes' ? 1 : 0 })}
            />
          ) : (
            <NumberField
              label={knob.label}
              suffix={knob.unit || undefined}
              className="w-max min-w-[5.6rem]"
              typed={typed[knob.name] ?? String(features[knob.name] ?? knob.usual)}
              onType={(text) => put((now) => ({ ...now, [knob.name]: text }))}
              error={errors[`features.${knob.name}`]?.join(' ')}
              step={knob.step}
              onLeave={() => void leave(knob.name)}
            />
          )}
        </div>
      ))}
    </div>
  );
}
