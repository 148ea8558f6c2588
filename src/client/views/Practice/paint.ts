import type { Machine, Place, Stitch } from './machine';
import { isDown } from './machine';

/** Pixels to a millimetre on the screen, before it is shrunk to fit. */
export const scale = 5;

/** The cloth around the needle, in pixels. */
export const size = { width: 160 * scale, height: 84 * scale };

/** Cloth, thread and steel look alike by day and by night. */
const look = {
  bed: '#b9c2c9',
  cloth: '#f2ead8',
  edge: '#8b7f66',
  line: '#2a4a9b',
  thread: '#c23a20',
  hole: '#14233c',
};

export type Cloth = {
  wide: number;
  high: number;
  lines: Path2D[];
  /** Where the cloth begins, from its top, when its edge is kept at the side of the foot; in mm. */
  edge: number;
};

/** The side of the foot, from the needle; in mm. */
export const footSide = 8;

/** Draws the moment: the cloth as it lies under the needle, every stitch that fell, and the needle itself. */
export function paint(
  to: CanvasRenderingContext2D,
  cloth: Cloth,
  sewn: CanvasImageSource | null,
  machine: Machine,
  quiet: boolean,
) {
  const { width, height } = size;
  to.setTransform(1, 0, 0, 1, 0, 0);
  to.fillStyle = look.bed;
  to.fillRect(0, 0, width, height);
  to.translate(width / 2 - machine.under.x * scale, height / 2 - machine.under.y * scale);
  to.fillStyle = look.cloth;
  to.fillRect(0, cloth.edge * scale, cloth.wide * scale, (cloth.high - cloth.edge) * scale);
  to.strokeStyle = look.edge;
  to.lineWidth = 1;
  to.strokeRect(0, cloth.edge * scale, cloth.wide * scale, (cloth.high - cloth.edge) * scale);
  to.save();
  to.scale(scale, scale);
  to.strokeStyle = look.line;
  to.globalAlpha = 0.5;
  to.lineWidth = 0.7;
  to.setLineDash([2, 1.4]);
  for (const line of cloth.lines) to.stroke(line);
  to.restore();
  if (sewn) to.drawImage(sewn, 0, 0);

  // The foot and the needle stay where they are.
  to.setTransform(1, 0, 0, 1, width / 2, height / 2);
  to.strokeStyle = look.hole;
  to.lineWidth = 2;
  to.beginPath();
  to.arc(0, 0, 26, 0.35, 2 * Math.PI - 0.35);
  to.stroke();
  if (cloth.edge > 0) {
    // The side of the foot, at which the edge is kept.
    to.lineWidth = 4;
    to.beginPath();
    to.moveTo(-10 * scale, -footSide * scale);
    to.lineTo(14 * scale, -footSide * scale);
    to.stroke();
  }
  const down = quiet ? (machine.speed > 0 ? 0.5 : 0) : isDown(machine) ? 1 : 0.25;
  to.fillStyle = machine.trouble ? look.thread : look.hole;
  to.globalAlpha = 0.35 + 0.65 * down;
  to.beginPath();
  to.arc(0, 0, 3 + 2 * down, 0, 2 * Math.PI);
  to.fill();
  to.globalAlpha = 1;
}

/** Adds stitches to those that are drawn already: a thread with a hole at either end. */
export function sew(to: CanvasRenderingContext2D, stitches: Stitch[], from: number) {
  to.lineCap = 'round';
  for (let i = Math.max(1, from); i < stitches.length; i++) {
    const [a, b] = [stitches[i - 1]!, stitches[i]!];
    if (Math.hypot(b.x - a.x, b.y - a.y) > 12) continue;
    const gap = Math.min(0.6, Math.hypot(b.x - a.x, b.y - a.y) / 4);
    const [u, v] = [along(a, b, gap), along(b, a, gap)];
    to.strokeStyle = look.thread;
    to.lineWidth = 2.4;
    to.beginPath();
    to.moveTo(u.x * scale, u.y * scale);
    to.lineTo(v.x * scale, v.y * scale);
    to.stroke();
    to.fillStyle = look.hole;
    to.fillRect(b.x * scale - 1, b.y * scale - 1, 2, 2);
  }
}

/** From one place towards another. */
function along(a: Place, b: Place, by: number): Place {
  const far = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  return { x: a.x + ((b.x - a.x) * by) / far, y: a.y + ((b.y - a.y) * by) / far };
}
