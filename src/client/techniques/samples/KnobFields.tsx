import { useState } from 'react';
import { readDraft, writeDraft } from '../../app/drafts';
import { NumberField, numberOf } from '../../parts/NumberField';
import type { Features, Knob } from './features';

type Props = {
  swatch: string;
  knobs: Knob[];
  features: Features;
  /** Those that differ from the swatch before. */
  changed: string[];
  errors: Record<string, string[]>;
  /** Keeps the one that was turned. */
  keep: (turned: Features) => void;
};

/** What was turned on the machine for a swatch; what differs from the one before is marked. */
export function KnobFields({ swatch, knobs, features, changed, errors, keep }: Props) {
  const draft = `${swatch}.knobs`;
  const [typed, setTyped] = useState<Record<string, string>>(
    () => readDraft(draft) as Record<string, string>,
  );
  const put = (next: Record<string, string>) => {
    setTyped(next);
    writeDraft(draft, next);
  };
  const leave = (name: string) => {
    const number = typed[name] === undefined ? null : numberOf(typed[name]);
    if (number === null) return;
    keep({ [name]: number });
    put(Object.fromEntries(Object.entries(typed).filter(([n]) => n !== name)));
  };
  return (
    <div className="flex flex-wrap gap-x-3 gap-y-1">
      {knobs.map((knob) => (
        <div
          key={knob.name}
          className={`rounded-md ${changed.includes(knob.name) ? 'bg-chalk px-1.5 pb-1.5 [&_.label_*]:text-on-chalk [&_.label]:text-on-chalk' : ''}`}
        >
          <NumberField
            label={knob.label}
            suffix={knob.suffix || undefined}
            className="w-[5.6rem]"
            typed={typed[knob.name] ?? String(features[knob.name] ?? knob.usual)}
            onType={(text) => put({ ...typed, [knob.name]: text })}
            error={errors[`features.${knob.name}`]?.join(' ')}
            step={knob.step}
            onLeave={() => leave(knob.name)}
          />
        </div>
      ))}
    </div>
  );
}
