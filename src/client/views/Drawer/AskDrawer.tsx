import { Printer } from 'lucide-react';
import { Link } from 'react-router';
import type { CardAnswer } from '../../api/types';
import { useAddress } from '../../app/address';
import { useCardTechniques, useDrawer } from '../../app/drawer';
import { PageHead } from '../../app/PageHead';
import { useUnits } from '../../app/workroom';
import { CardSides, CardView } from '../../parts/CardView';
import { Findings } from '../../parts/Findings';
import { PropertyField } from '../../parts/PropertyField';
import { ThingSelect } from '../../parts/ThingSelect';
import { useReckoning } from '../../app/useReckoning';
import { DrawerRooms } from './Drawer';

/** What a card may be told in a field of its own, rather than by things of the drawer. */
const hidden = ['rows', 'clothWeight'];

/** Ask the drawer: any technique on any machine and cloth, and the card at once. The address holds the question. */
export function AskDrawer() {
  const { address: asked, set, replace } = useAddress();
  const units = useUnits();
  const techniques = useCardTechniques().data;
  const drawer = useDrawer().data;
  const technique = techniques?.find((t) => t.name === asked.get('technique')) ?? techniques?.[0];
  const fields = technique?.fields.filter((f) => !hidden.includes(f.name)) ?? [];
  const typed = Object.fromEntries(
    fields.flatMap((f) => {
      const text = asked.get(f.name);
      return text === null ? [] : [[f.name, f.kind === 'number' && text.trim() ? Number(text) : text]];
    }),
  );
  const ask = {
    ...typed,
    ...Object.fromEntries(
      ['machine', 'cloth', 'thread'].flatMap((k) => (asked.get(k) ? [[k, asked.get(k)]] : [])),
    ),
  };
  const card = useReckoning<CardAnswer>(technique ? `card/${technique.name}` : null, ask, units, '');
  const isHeld = card.answer && card.answer.technique === technique?.name;
  return (
    <>
      <PageHead title="Machine settings finder" crumb="what to set, on your machine, and why" />
      <DrawerRooms here="ask" />
      <div className="no-print mb-5 flex flex-wrap items-start gap-x-4 gap-y-3">
        <label className="field w-72">
          Technique
          <select
            className="entry"
            value={technique?.name ?? ''}
            onChange={(e) => {
              const next = new URLSearchParams();
              next.set('technique', e.target.value);
              for (const k of ['machine', 'cloth', 'thread']) if (asked.get(k)) next.set(k, asked.get(k)!);
              replace(next);
            }}
          >
            {techniques?.map((t) => (
              <option key={t.name} value={t.name}>
                {t.title}
              </option>
            ))}
          </select>
          {technique && <span className="mt-[2px] text-[0.8rem]">{technique.says}</span>}
        </label>
        {(['machine', 'cloth', 'thread'] as const).map((kind) => (
          <ThingSelect
            key={kind}
            kind={kind}
            value={asked.get(kind) ?? ''}
            set={(id) => set(kind, id)}
            error={card.errors[kind]}
            className={kind === 'machine' ? 'w-72' : 'w-52'}
            none={kind === 'machine' ? (card.answer?.machine ?? 'your machine') : undefined}
          />
        ))}
        {fields.map((field) => (
          <div key={field.name} className="w-40">
            <PropertyField
              field={field}
              value={asked.get(field.name) ?? undefined}
              set={(to) => set(field.name, to)}
              error={card.errors[field.name]}
              units={units}
              placeholder="default"
            />
          </div>
        ))}
      </div>
      {card.unreachable && <p className="care mb-3">{card.unreachable}</p>}
      {drawer?.things.length === 0 && (
        <p className="noted mb-3">
          Your supplies are empty, so this card says what to look for.{' '}
          <Link to="/supplies/machine">Put your machine in</Link>, and it speaks of your own dials and feet.
        </p>
      )}
      {card.answer && isHeld && (
        <div className="stacked-in-print grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
          <CardView card={card.answer} heading={`${card.answer.title}, on the ${card.answer.machine}`} />
          <aside className="no-print grid content-start gap-4">
            <button type="button" className="btn justify-self-start" onClick={() => print()}>
              <Printer size={18} aria-hidden /> Print these settings
            </button>
            <CardSides card={card.answer} />
          </aside>
          {card.answer.isPossible && (
            <div className="print-only">
              <Findings findings={card.answer.findings.filter((f) => f.severity !== 'note')} />
            </div>
          )}
        </div>
      )}
    </>
  );
}
