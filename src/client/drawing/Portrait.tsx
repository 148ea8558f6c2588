import { useId } from 'react';
import type { Cloth, Drawing } from '../api/types';
import { lookOf, type ClothLook } from './cloth';
import { ClothPattern } from './ClothPattern';
import { ShapeView } from './ShapeView';

/** A working, or what a technique makes, in small: its drawing without figures, in its own cloth. */
export function Portrait({ drawing, cloth }: { drawing: Drawing; cloth?: Cloth }) {
  const id = useId();
  const look = lookOf(cloth);
  return (
    <svg viewBox={`0 0 ${drawing.width} ${drawing.height}`} className="w-full" aria-hidden>
      <defs>
        <ClothPattern id={`${id}-main`} look={look} repeat={12} />
        <ClothPattern id={`${id}-gathered`} look={look} repeat={12} crowded={1.5} />
      </defs>
      <InSmall drawing={drawing} fill={id} look={look} />
    </svg>
  );
}

/** What a drawing shows, a millimetre to a unit and without figures beside it; the patterns are of the svg around it. */
export function InSmall({ drawing, fill, look }: { drawing: Drawing; fill: string; look: ClothLook }) {
  const { width, height } = drawing;
  const frame = {
    scale: 1,
    left: 0,
    top: 0,
    width,
    height,
    drawnWidth: width,
    drawnHeight: height,
    besides: false,
  };
  return drawing.shapes.map((shape, i) => (
    <ShapeView key={i} shape={shape} frame={frame} fill={fill} look={look} />
  ));
}
