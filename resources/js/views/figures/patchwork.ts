import { hierarchy, treemap, treemapSquarify } from 'd3-hierarchy';
import type { Area } from '../../api/wire';

export interface Field {
    area: Area;
    x: number;
    y: number;
    width: number;
    height: number;
}

/** Pixels kept free under each field for its name, and beside it as a gap. */
export const LABEL = 18;
const GAP = 8;

interface Node {
    area?: Area;
    children?: { area: Area }[];
}

/** Fields whose sizes go by the areas' shares of the surface, the largest first. */
export function fields(areas: Area[], width: number, height: number): Field[] {
    const root = hierarchy<Node>({ children: areas.map((area) => ({ area })) }).sum((node) => node.area?.share ?? 0);
    const placed = treemap<Node>()
        .tile(treemapSquarify.ratio(1.4))
        .size([width + GAP, height])
        .round(true)(root);
    return placed.leaves().flatMap((leaf) => {
        const area = leaf.data.area;
        return area
            ? [
                  {
                      area,
                      x: leaf.x0,
                      y: leaf.y0,
                      width: Math.max(2, leaf.x1 - leaf.x0 - GAP),
                      height: Math.max(2, leaf.y1 - leaf.y0 - LABEL),
                  },
              ]
            : [];
    });
}
