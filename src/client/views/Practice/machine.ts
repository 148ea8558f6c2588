/**
 * A machine that is not there. A needle goes up and down at a speed that a pedal sets, and wherever the cloth is at that moment a
 * stitch falls. All in millimetres and seconds; nothing here knows of a screen.
 */

/** A place on the cloth, in mm. */
export type Place = { x: number; y: number };

/** A stitch: where on the cloth, and when. */
export type Stitch = Place & { at: number };

/** What has to be done before the first stitch. */
export type Ready = { feedDogsDown: boolean; footDown: boolean; bobbinUp: boolean };

/** What went wrong; the machine stands still until it is mended. */
export type Trouble = 'thread' | 'needle' | 'loops' | 'nest';

export type Machine = {
  /** Stitches a minute, now. */
  speed: number;
  /** How far the needle is round, 0 to 1: in the cloth from a quarter to three quarters, and the stitch falls at the half. */
  phase: number;
  /** Seconds since the first press of the pedal. */
  time: number;
  /** The place of the cloth that lies under the needle. */
  under: Place;
  stitches: Stitch[];
  trouble: Trouble | null;
  /** How far the cloth was pulled while the needle is in it. */
  pulled: number;
};

/** What the hands and the foot do for a moment. */
export type Doing = {
  /** Stitches a minute that the pedal asks for. */
  pedal: number;
  /** How far the hands move the place under the needle in this moment, in mm. */
  by: Place;
  ready: Ready;
  /** How far feed dogs that are up carry the cloth on with each stitch, and which way; nothing where they are down. */
  feed?: Place;
};

/** Seconds in which a motor comes two thirds of the way to what the pedal asks for; it stops sooner. */
const rises = 0.14;
const falls = 0.07;

/** Below this it stands still, stitches a minute. */
const still = 8;

/** No step of the reckoning is longer, in seconds: faster than any needle is round. */
const finest = 0.002;

/** So many stitches on one spot break the thread… */
const piled = 12;
/** …when they lie within this, in mm. */
const spot = 0.6;

/** A pull of so many mm while the needle is down bends it. */
const bends = 4.5;

/** Stitches until a foot that is up, or a bobbin thread that is down, makes a nest. */
const nested = 9;

/** Feed dogs that are up hold the cloth: hands move it by so much of what they want. */
const grip = 0.35;

/** What feed dogs that were left up do: they carry the cloth away from her. */
export const leftUp: Place = { x: 0, y: 2 };

export const threaded = (under: Place): Machine => ({
  speed: 0,
  phase: 0,
  time: 0,
  under,
  stitches: [],
  trouble: null,
  pulled: 0,
});

/** Mended: a new needle or a new thread, with what was sewn. */
export const mended = (machine: Machine): Machine => ({
  ...machine,
  speed: 0,
  phase: 0,
  trouble: null,
  pulled: 0,
});

/** Whether the needle is in the cloth. */
export const isDown = ({ phase }: Machine) => phase > 0.25 && phase < 0.75;

/**
 * The machine a moment later. However the time is cut into moments, the same motion gives the same stitches.
 * @param seconds How long the moment is; 0 or more.
 */
export function advance(machine: Machine, seconds: number, doing: Doing): Machine {
  if (machine.trouble || seconds <= 0) return machine;
  const from = machine.under;
  const grips = !doing.feed && !doing.ready.feedDogsDown;
  const hold = grips ? grip : 1;
  const hands = { x: doing.by.x * hold, y: doing.by.y * hold };
  const feed = doing.feed ?? (grips ? leftUp : { x: 0, y: 0 });
  const steps = Math.max(1, Math.ceil(seconds / finest));
  const dt = seconds / steps;
  const fed = { x: 0, y: 0 };
  let { speed, phase, time, pulled, under, stitches } = machine;
  let trouble: Trouble | null = null;

  for (let i = 1; i <= steps && !trouble; i++) {
    const slow = doing.pedal < speed ? falls : rises;
    speed += (doing.pedal - speed) * (1 - Math.exp(-dt / slow));
    if (doing.pedal === 0 && speed < still) speed = 0;
    if (speed > 0 || time > 0) time += dt;
    const round = (speed / 60) * dt;
    const before = under;
    // Feed dogs carry the cloth while the needle is out of it: half the way round.
    if (phase <= 0.25 || phase >= 0.75) {
      fed.x += feed.x * round * 2;
      fed.y += feed.y * round * 2;
    }
    under = {
      x: from.x + (hands.x * i) / steps + fed.x,
      y: from.y + (hands.y * i) / steps + fed.y,
    };
    if (phase > 0.25 && phase < 0.75) {
      pulled += Math.hypot(under.x - before.x, under.y - before.y);
      if (pulled > bends) trouble = 'needle';
    } else pulled = 0;
    const next = phase + round;
    if (phase < 0.5 && next >= 0.5) {
      const share = (0.5 - phase) / round;
      const fell = {
        x: before.x + (under.x - before.x) * share,
        y: before.y + (under.y - before.y) * share,
        at: time - dt * (1 - share),
      };
      stitches = [...stitches, fell];
      trouble ??= troubleOf(stitches, doing.ready);
    }
    phase = next >= 1 ? next - 1 : next;
  }
  return { speed: trouble ? 0 : speed, phase, time, under, stitches, trouble, pulled };
}

function troubleOf(stitches: Stitch[], ready: Ready): Trouble | null {
  if (stitches.length >= nested) {
    if (!ready.footDown) return 'loops';
    if (!ready.bobbinUp && stitches.length === nested) return 'nest';
  }
  const last = stitches.slice(-piled);
  const [first] = last;
  const isPiled =
    last.length === piled && last.every((s) => Math.hypot(s.x - first!.x, s.y - first!.y) < spot);
  return isPiled ? 'thread' : null;
}

/** What went wrong, why, and what mends it. */
export const troubles: Record<Trouble, { title: string; because: string; mends: string }> = {
  thread: {
    title: 'The thread broke.',
    because: 'Stitches piled up on one spot: the machine ran, and the hands stood still.',
    mends: 'Thread it again',
  },
  needle: {
    title: 'The needle bent.',
    because: 'The fabric was pulled while the needle was in it: the hands were too quick for the machine.',
    mends: 'Put in a new needle',
  },
  loops: {
    title: 'Loops below, all over.',
    because: 'The foot is up. It hovers even when it is down, but down it puts the tension on.',
    mends: 'Foot down, and trim',
  },
  nest: {
    title: 'A nest of thread below.',
    because: 'The bobbin thread was not brought up, and was drawn in with the first stitches.',
    mends: 'Bring it up, and trim',
  },
};
