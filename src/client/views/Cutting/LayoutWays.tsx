import { Measure } from '../../parts/Measure';
import { Segmented } from '../../parts/Segmented';
import type { Fabric, Way } from './useLayout';

/** How a fabric is cut: with what, single or double, and where strips on the bias come from. */
export function LayoutWays({
  fabric,
  way,
  set,
}: {
  fabric: Fabric;
  way: Way;
  set: (more: Partial<Way>) => void;
}) {
  const { bias, whyNotDouble } = fabric;
  return (
    <>
      <Segmented
        label="Cut with"
        value={way.edgeToEdge ? 'edge' : 'scissors'}
        choices={[
          { name: 'scissors', label: 'scissors' },
          { name: 'edge', label: 'tear or rotary cutter' },
        ]}
        onChoose={(name) => set({ edgeToEdge: name === 'edge' })}
        hint={way.edgeToEdge ? 'Every cut goes right across what is left.' : undefined}
      />
      {whyNotDouble ? (
        <p className="text-[0.92rem] text-soft">{whyNotDouble}</p>
      ) : (
        <Segmented
          label="Fabric lies"
          value={way.double ? 'double' : 'single'}
          choices={[
            { name: 'single', label: 'single' },
            { name: 'double', label: 'folded double' },
          ]}
          onChoose={(name) => set({ double: name === 'double', pins: [] })}
          hint={
            way.double ? 'Selvedge to selvedge: two are cut at once, one the mirror of the other.' : undefined
          }
        />
      )}
      {bias && (
        <>
          {bias.fromLeft && (
            <Segmented
              label="Bias strips"
              value={way.fromLeft ? 'left' : 'own'}
              choices={[
                { name: 'own', label: 'in one place' },
                { name: 'left', label: 'from what is left' },
              ]}
              onChoose={(name) => set({ fromLeft: name === 'left', pins: [] })}
            />
          )}
          <ul className="text-[0.92rem] text-soft">
            <li>In one place: {saysOf(bias.own)}.</li>
            <li>
              From what is left: {bias.fromLeft ? <>{saysOf(bias.fromLeft)}.</> : 'not enough for them.'}
            </li>
          </ul>
        </>
      )}
    </>
  );
}

function saysOf({ strips, joins, used }: NonNullable<Fabric['bias']>['own']) {
  const many = (count: number, one: string) => `${count || 'no'} ${one}${count === 1 ? '' : 's'}`;
  return (
    <>
      {many(strips, 'strip')}, {many(joins, 'join')}, <Measure text={used.text} /> of fabric
    </>
  );
}
