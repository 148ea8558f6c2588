import type { Cloth } from '../api/types';

/** How a cloth is drawn: its ground, its pattern's colour, and an ink that shows on both. */
export type ClothLook = {
  ground: string;
  accent: string;
  pattern: NonNullable<Cloth['pattern']>;
  ink: string;
};

/** The look of a cloth; a plain unbleached one when nothing is said. */
export function lookOf(cloth: Cloth | undefined): ClothLook {
  const ground = cloth?.colour ?? '#f4efe3';
  return {
    ground,
    accent: cloth?.accent ?? '#8fa6b8',
    pattern: cloth?.pattern ?? 'plain',
    ink: luminance(ground) < 0.25 ? '#fbfdfc' : '#14233c',
  };
}

/** Relative luminance of a #rrggbb colour, 0 to 1. */
function luminance(colour: string) {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const c = parseInt(colour.slice(i, i + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
}
