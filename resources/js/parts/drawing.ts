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
export const PATCH_LABEL = 26;
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

/** Height of names, in units of the drawing: a patchwork is drawn much smaller than its units, a figure hardly. */
export const PATCH_TEXT = 22;
export const BESIDE_TEXT = 15;
/** Width of a letter, as a share of its height. */
const LETTER = 0.56;

/** Whether a name of this height fits below its field. */
export function fits(name: string, width: number, text: number): boolean {
    return name.length * LETTER * text <= width;
}

/** Fields whose names do not fit get numbers, which are told below the drawing. */
export function numbers(
    fields: Patch[],
    name: (area: number) => string,
    text: number,
): { area: number; number: number }[] {
    return fields.filter((f) => !fits(name(f.area), f.width, text)).map((f, i) => ({ area: f.area, number: i + 1 }));
}

export function tonesOf(areas: { id: number; tones: Faces | null }[]): Tones {
    return new Map(areas.map((a) => [a.id, a.tones]));
}
