import { hierarchy, treemap, treemapSquarify } from 'd3-hierarchy';
import type { Area } from '../../api/wire';

export interface Field {
    area: Area;
    x: number;
    y: number;
    width: number;
    height: number;
}

/** Touching fields whose sizes are the areas' shares of the surface, inner areas first. */
export function fields(areas: Area[], width: number, height: number): Field[] {
    const root = hierarchy<{ area?: Area; children?: { area: Area }[] }>({
        children: areas.map((area) => ({ area })),
    }).sum((d) => d.area?.share ?? 0);
    const placed = treemap<{ area?: Area; children?: { area: Area }[] }>()
        .tile(treemapSquarify.ratio(1.3))
        .size([width, height])
        .padding(0)
        .round(true)(root);
    return placed.leaves().flatMap((leaf) => {
        const area = leaf.data.area;
        return area ? [{ area, x: leaf.x0, y: leaf.y0, width: leaf.x1 - leaf.x0, height: leaf.y1 - leaf.y0 }] : [];
    });
}
