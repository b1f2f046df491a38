import { linear } from '../../parts/scale';
import type { Dot } from '../../api/wire';

/** Measures of the drawing, in its own units. */
export const WIDTH = 900;
export const HEIGHT = 500;
const GREYS = 56;
const LEFT = 110;
const RIGHT = 20;
const TOP = 20;
const BOTTOM = 40;

export interface Placed {
    hue: number;
    lightness: number;
    chroma: number;
    grey: boolean;
}

export type Up = 'lightness' | 'chroma';

/** Chroma of OKLCh as percent that fills the height of the map. */
const MOST_CHROMA = 26;

export function x(at: Placed): number {
    return at.grey ? GREYS : LEFT + (((at.hue + 350) % 360) / 360) * (WIDTH - LEFT - RIGHT);
}

export function y(at: Placed, up: Up): number {
    const ends: [number, number] = [HEIGHT - BOTTOM, TOP];
    return up === 'lightness' ? linear(at.lightness, [0, 100], ends) : linear(at.chroma, [0, MOST_CHROMA], ends);
}

/** A full bottle is a large dot; unknown is a middle one, empty the smallest. */
export function radius(leftMl: number | null): number {
    return leftMl === null ? 10 : 5 + Math.min(1, leftMl / 18) * 10;
}

/** The dot nearest in the direction of an arrow key; sideways counts double. */
export function neighbour(dots: Dot[], from: Dot, key: string, up: Up): Dot | null {
    const ways: Record<string, [number, number]> = {
        ArrowLeft: [-1, 0],
        ArrowRight: [1, 0],
        ArrowUp: [0, -1],
        ArrowDown: [0, 1],
    };
    const [dx, dy] = ways[key] ?? [0, 0];
    if (!dx && !dy) return null;
    let best: Dot | null = null;
    let least = Infinity;
    for (const dot of dots) {
        const ahead = (x(dot) - x(from)) * dx + (y(dot, up) - y(from, up)) * dy;
        const aside = Math.abs((x(dot) - x(from)) * dy) + Math.abs((y(dot, up) - y(from, up)) * dx);
        if (dot !== from && ahead > 0.01 && ahead + 2 * aside < least) {
            least = ahead + 2 * aside;
            best = dot;
        }
    }
    return best;
}

/** Hues along the foot of the map, in degrees of OKLCh. */
export const HUES = [
    { hue: 25, name: 'red' },
    { hue: 58, name: 'orange' },
    { hue: 95, name: 'yellow' },
    { hue: 142, name: 'green' },
    { hue: 195, name: 'blue-green' },
    { hue: 255, name: 'blue' },
    { hue: 305, name: 'violet' },
    { hue: 345, name: 'pink' },
];
