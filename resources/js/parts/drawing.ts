import type { Faces, Figure, Shape } from '../api/wire';

/** What each area looks like, by its id; null while it is undecided. */
export type Tones = Map<number, Faces | null>;

export function fill(shape: Shape, tones: Tones): string | null {
    if (shape.tone === 'ink') return '#1c1c1c';
    const faces = shape.area === null ? null : (tones.get(shape.area) ?? null);
    return faces ? faces[shape.tone] : null;
}

/** Units of the drawing for so many millimetres on the figure; a patchwork is drawn as high as the figure. */
export function units(figure: Figure, mm: number): number {
    return (mm * (figure.plate?.height ?? PATCH_HEIGHT)) / figure.height_mm;
}

/** Units of a patchwork's height, and of the label below a field. */
export const PATCH_HEIGHT = 400;
export const PATCH_WIDTH = 640;
export const PATCH_LABEL = 17;
const GAP = 3;

export interface Patch {
    area: number;
    x: number;
    y: number;
    width: number;
    height: number;
}

export function patches(figure: Figure, labelled: boolean): Patch[] {
    return figure.fields.map((f) => ({
        area: f.area,
        x: f.x * PATCH_HEIGHT + GAP / 2,
        y: f.y * PATCH_HEIGHT + GAP / 2,
        width: Math.max(2, f.width * PATCH_HEIGHT - GAP),
        height: Math.max(2, f.height * PATCH_HEIGHT - GAP - (labelled ? PATCH_LABEL : 0)),
    }));
}

/** Width of a letter of a name, in units of the drawing. */
const LETTER = 7;

/** Whether a name fits below its field. */
export function fits(name: string, width: number): boolean {
    return name.length * LETTER <= width;
}

/** Fields whose names do not fit get numbers, which are told below the drawing. */
export function numbers(fields: Patch[], name: (area: number) => string): { area: number; number: number }[] {
    return fields.filter((f) => !fits(name(f.area), f.width)).map((f, i) => ({ area: f.area, number: i + 1 }));
}

export function tonesOf(areas: { id: number; tones: Faces | null }[]): Tones {
    return new Map(areas.map((a) => [a.id, a.tones]));
}
