import { Link } from 'react-router';
import type { Ask, Length } from '../../api/types';
import { useTechniques } from '../../app/useTechnique';

/** One of the ways that are compared, as it is reckoned. */
export type Way = {
  technique: string;
  scheme: string;
  title: string;
  cloth: Length;
  minutes: number;
  evenness: string;
  adjustable: boolean;
  needs: string;
  has?: boolean;
  reaches: boolean;
  reachSays: string;
  why: string;
  stitchLength?: Length;
  passes?: number;
  tensionSteps?: number;
};

/** What a plan of a way begins with: set as it was reckoned here, so that the plan cuts what stands here. */
export function knownOf(way: Way, ask: Ask, first: string): Ask {
  const known = { ...ask, ...(way.scheme ? { rows: way.scheme } : {}) } as Ask;
  delete known.purpose;
  known[first] = ask.finishedEdge;
  if (way.stitchLength) known.stitchLength = way.stitchLength.mm;
  if (way.passes) known.passes = way.passes;
  if (way.tensionSteps !== undefined) known.tensionSteps = way.tensionSteps;
  return known;
}

/** Goes on with a way: into a project, or into the reckoner. */
export function Take({ way, ask, begin, isOption, isFirst }: TakeProps) {
  const first = useTechniques().data?.find((t) => t.name === way.technique)?.firstField;
  if (!first) return null;
  if (begin) {
    return (
      <button type="button" className={`btn ${isFirst ? '' : 'quiet'}`} onClick={() => void begin([way])}>
        {isOption ? 'Add as another option' : 'Start a part this way'}
      </button>
    );
  }
  const query = new URLSearchParams(
    Object.entries(knownOf(way, ask, first)).flatMap(([k, v]) => (v === undefined ? [] : [[k, String(v)]])),
  );
  return (
    <Link className={`btn ${isFirst ? '' : 'quiet'}`} to={`/calculator/${way.technique}?${query}`}>
      Calculate this one
    </Link>
  );
}

type TakeProps = {
  way: Way;
  ask: Ask;
  /** Starts parts in the project; missing where there is none. */
  begin?: (ways: Way[]) => Promise<void>;
  isOption: boolean;
  isFirst: boolean;
};
