import { useId } from 'react';
import type { Cloth, Drawing } from '../../api/types';
import type { Thing } from '../../app/drawer';
import { lookOf } from '../../drawing/cloth';
import { ClothPattern } from '../../drawing/ClothPattern';
import { FootSole } from '../../drawing/FootSole';
import { StitchStrip } from '../../drawing/StitchStrip';

const mm = (thing: Thing, field: string) => thing.understood[field]?.mm;
const number = (thing: Thing, field: string) => thing.properties[field] as number | undefined;

/** What a thing looks like, from its own figures. */
export function ThingPicture({ thing }: { thing: Thing }) {
  switch (thing.kind) {
    case 'foot':
      return thing.drawing ? <FootSole drawing={thing.drawing as unknown as Drawing} scale={3.1} /> : null;
    case 'machine-stitch':
      return thing.drawing ? <StitchStrip drawing={thing.drawing as unknown as Drawing} /> : null;
    case 'ribbon':
      return (
        <RibbonView
          width={mm(thing, 'width')}
          colour={(thing.properties.colour as string | undefined) ?? 'var(--metal)'}
        />
      );
    case 'machine':
      return <MachineView thing={thing} />;
    case 'needle':
      return <NeedleView size={number(thing, 'size')} twin={mm(thing, 'twinSpacing') ?? 0} />;
    case 'cloth':
      return <ClothView thing={thing} />;
    case 'thread':
    case 'elastic':
      return (
        <Spool
          colour={(thing.properties.colour as string | undefined) ?? 'none'}
          wavy={thing.kind === 'elastic'}
        />
      );
    case 'hoop':
      return <HoopView inside={mm(thing, 'inside')} />;
    case 'cord':
      return <CordView diameter={mm(thing, 'diameter')} plies={number(thing, 'plies') ?? 1} />;
    default:
      return (
        <svg width={72} height={64} aria-hidden>
          <path d="M8 14L52 6L64 48L20 58Z" fill="var(--ground)" stroke="var(--ink)" strokeWidth={1.3} />
          <path d="M16 22L54 14M19 32L57 24M22 42L60 34" stroke="var(--slate)" strokeDasharray="3 4" />
        </svg>
      );
  }
}

/** A machine from the front: its own dials on the head, its plate with the opening, the lift of its foot. */
function MachineView({ thing }: { thing: Thing }) {
  const opening = mm(thing, 'plateOpening') ?? 5;
  const widest = mm(thing, 'widestStitch');
  const longest = mm(thing, 'longestStitch');
  const low = number(thing, 'lowestTension') ?? 0;
  const high = number(thing, 'highestTension') ?? 9;
  const normal = number(thing, 'normalTension');
  const dial = (x: number, text: string, turn: number) => (
    <g transform={`translate(${x} 29)`}>
      <circle r={15} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.3} />
      <path d="M0 -9V-15" transform={`rotate(${turn})`} stroke="var(--ink)" strokeWidth={2.4} />
      <text y={4.5} textAnchor="middle" fontSize={12.5} fontWeight={700} fill="var(--ink)">
        {text}
      </text>
    </g>
  );
  const share = normal === undefined ? 0 : (normal - low) / Math.max(1, high - low);
  const lift = Math.min(12, mm(thing, 'presserLift') ?? 6);
  return (
    <svg viewBox="0 0 128 100" className="w-full" aria-hidden>
      <path
        d="M6 88V20Q6 6 20 6H112Q122 6 122 16V88H90V52H34V60H18V88Z"
        fill="var(--metal)"
        stroke="var(--ink)"
        strokeWidth={1.4}
        strokeLinejoin="round"
      />
      {dial(24, normal === undefined ? '?' : String(normal), -130 + 260 * share)}
      {longest !== undefined && dial(62, String(longest), 130)}
      {widest !== undefined && dial(98, String(widest), 130)}
      <path d="M26 60V78" stroke="var(--ink)" strokeWidth={1.6} />
      <path d={`M20 ${86 - lift * 0.8}h12`} stroke="var(--ink)" strokeWidth={2.4} />
      <path d="M2 88H126V96H2Z" fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.3} />
      <path d={`M${26 - opening} 91.5h${2 * opening}`} stroke="var(--ink)" strokeWidth={2.6} />
    </svg>
  );
}

/** The tension dial with its normal: where this machine sews an ordinary seam. */
export function Dial({ thing, size = 84 }: { thing: Thing; size?: number }) {
  const low = number(thing, 'lowestTension') ?? 0;
  const high = number(thing, 'highestTension') ?? 9;
  const normal = number(thing, 'normalTension');
  const turn = (figure: number) => -130 + ((figure - low) / Math.max(1, high - low)) * 260;
  const at = (figure: number, r: number) => {
    const a = ((turn(figure) - 90) * Math.PI) / 180;
    return [50 + r * Math.cos(a), 50 + r * Math.sin(a)] as const;
  };
  const figures = Array.from({ length: Math.min(13, Math.floor(high - low) + 1) }, (_, i) => low + i);
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 100 100"
      role="img"
      aria-label={
        normal === undefined
          ? 'A tension dial without measurements.'
          : `Tension dial, ${low} to ${high}; normal is ${normal}.`
      }
    >
      <circle cx={50} cy={50} r={46} fill="var(--metal)" stroke="var(--ink)" strokeWidth={1.6} />
      <circle cx={50} cy={50} r={22} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.2} />
      {normal !== undefined &&
        figures.map((figure) => {
          const [x, y] = at(figure, 35);
          const isNormal = figure === Math.round(normal);
          return (
            <g key={figure}>
              {isNormal && <circle cx={x} cy={y} r={9.5} fill="var(--ink)" />}
              <text
                x={x}
                y={y + 4.2}
                textAnchor="middle"
                fontSize={12}
                fontWeight={isNormal ? 750 : 550}
                fill={isNormal ? 'var(--paper)' : 'var(--ink)'}
              >
                {figure}
              </text>
            </g>
          );
        })}
      {normal === undefined ? (
        <text x={50} y={56} textAnchor="middle" fontSize={17} fontWeight={700} fill="var(--ink)">
          ?
        </text>
      ) : (
        <path
          d={`M50 50L${at(normal, 24)[0]} ${at(normal, 24)[1]}`}
          stroke="var(--ink)"
          strokeWidth={4}
          strokeLinecap="round"
        />
      )}
    </svg>
  );
}

function NeedleView({ size, twin }: { size: number | undefined; twin: number }) {
  const w = ((size ?? 80) / 100) * 9;
  const half = (twin * 9) / 2;
  const blade = (x: number) => (
    <g key={x}>
      <path
        d={`M${x - w / 2} 22V54L${x} 66L${x + w / 2} 54V22Z`}
        fill="var(--metal)"
        stroke="var(--ink)"
        strokeWidth={1.1}
        strokeDasharray={size ? undefined : '3 2'}
      />
      <path
        d={`M${x} 50v6`}
        stroke="var(--ink)"
        strokeWidth={Math.max(1.2, w * 0.28)}
        strokeLinecap="round"
      />
    </g>
  );
  return (
    <svg width={72} height={72} aria-hidden>
      <rect x={29} y={2} width={14} height={16} rx={2} fill="var(--slate)" />
      {twin > 0 && (
        <path d={`M${36 - half} 22V18H${36 + half}V22`} fill="none" stroke="var(--ink)" strokeWidth={3} />
      )}
      {(twin > 0 ? [36 - half, 36 + half] : [36]).map(blade)}
    </svg>
  );
}

function ClothView({ thing }: { thing: Thing }) {
  const id = useId();
  const look = lookOf(thing.properties as Cloth);
  const known = Boolean(thing.properties.colour);
  return (
    <svg width={104} height={72} aria-hidden>
      <defs>
        <ClothPattern id={id} look={look} repeat={16} weave />
      </defs>
      <path
        d="M2 4H102V62Q90 70 77 63T52 64T27 64T2 62Z"
        fill={known ? `url(#${id})` : 'var(--ground)'}
        stroke="var(--ink)"
        strokeWidth={1.2}
        strokeDasharray={known ? undefined : '4 3'}
      />
      <path d="M6 4V61M98 4V61" stroke="var(--ink)" strokeOpacity={0.35} strokeDasharray="1 2.5" />
    </svg>
  );
}

function Spool({ colour, wavy }: { colour: string; wavy: boolean }) {
  const known = colour !== 'none';
  return (
    <svg width={64} height={72} aria-hidden>
      <rect x={8} y={4} width={48} height={9} rx={3} fill="var(--slate)" />
      <rect x={8} y={59} width={48} height={9} rx={3} fill="var(--slate)" />
      <rect
        x={14}
        y={13}
        width={36}
        height={46}
        fill={known ? colour : 'var(--ground)'}
        stroke="var(--ink)"
        strokeWidth={1.1}
        strokeDasharray={known ? undefined : '4 3'}
      />
      {[20, 27, 34, 41, 48].map((y) => (
        <path
          key={y}
          d={wavy ? `M14 ${y}q4.5 -5 9 0t9 0t9 0t9 0` : `M14 ${y}L50 ${y - 5}`}
          stroke="#000"
          strokeOpacity={0.28}
          fill="none"
        />
      ))}
    </svg>
  );
}

function CordView({ diameter, plies }: { diameter: number | undefined; plies: number }) {
  const w = Math.min(40, Math.max(4, (diameter ?? 3) * 4.5));
  return (
    <svg width={96} height={56} aria-hidden>
      <rect
        x={2}
        y={28 - w / 2}
        width={92}
        height={w}
        rx={w / 2}
        fill="var(--metal)"
        stroke="var(--ink)"
        strokeWidth={1.2}
        strokeDasharray={diameter ? undefined : '4 3'}
      />
      {Array.from({ length: Math.min(12, plies * 4) }, (_, i) => {
        const x = 8 + (i * 80) / Math.min(12, plies * 4);
        return (
          <path
            key={i}
            d={`M${x} ${28 + w / 2}L${x + w * 0.7} ${28 - w / 2}`}
            stroke="var(--ink)"
            strokeOpacity={0.45}
          />
        );
      })}
    </svg>
  );
}

/** A hoop from above, as wide as it is for its kind: two rings and the screw. */
function HoopView({ inside }: { inside: number | undefined }) {
  const r = Math.min(32, Math.max(14, (inside ?? 150) / 6));
  return (
    <svg width={80} height={80} viewBox="-40 -40 80 80" aria-hidden>
      <circle r={r + 3.5} fill="none" stroke="var(--clay)" strokeWidth={3.4} />
      <circle
        r={r}
        fill="var(--ground)"
        stroke="var(--ink)"
        strokeWidth={1.4}
        strokeDasharray={inside ? undefined : '4 3'}
      />
      <path d={`M-4 ${-r - 3.5}v-4h8v4`} fill="var(--metal)" stroke="var(--ink)" strokeWidth={1.2} />
    </svg>
  );
}

/** A ribbon, as wide as it is for its kind, with one fold. */
function RibbonView({ width, colour }: { width: number | undefined; colour: string }) {
  const w = Math.min(34, Math.max(6, (width ?? 8) * 2));
  return (
    <svg width={96} height={64} aria-hidden>
      <path
        d={`M6 ${56 - w * 0.2}L${52 - w / 2} 8H${52 + w / 2}L${6 + w} ${56 - w * 0.2}Z`}
        fill={colour}
        stroke="var(--ink)"
        strokeWidth={1.1}
      />
      <path
        d={`M${52 - w / 2} 8H${52 + w / 2}L92 ${56 - w * 0.2}H${92 - w}Z`}
        fill={colour}
        fillOpacity={0.55}
        stroke="var(--ink)"
        strokeWidth={1.1}
      />
    </svg>
  );
}
