import { ask, sentence } from '../api/client';
import type { PicturePoint } from '../api/wire';

/** pixels of the picture around the point, along a side */
const PATCH = 11;
export const MOST_MB = 30;
const NO_PICTURE = 'This file is not a picture that can be shown: choose a PNG, JPEG or WebP.';

const tooLarge = (file: File): string =>
    file.size > MOST_MB * 1e6
        ? `${file.name} holds ${Math.ceil(file.size / 1e6)} MB: at most ${MOST_MB} MB are opened.`
        : '';

export interface Point {
    x: number;
    y: number;
}

export const within = (x: number, y: number): Point => ({
    x: Math.min(1, Math.max(0, x)),
    y: Math.min(1, Math.max(0, y)),
});

/** Where a key of the arrows moves a point; undefined for any other key. Points are shares of width and height. */
export function moved(at: Point, key: string, far: boolean): Point | undefined {
    const step = far ? 0.05 : 0.006;
    const moves: Record<string, [number, number]> = {
        ArrowLeft: [-step, 0],
        ArrowRight: [step, 0],
        ArrowUp: [0, -step],
        ArrowDown: [0, step],
    };
    const by = moves[key];
    return by && within(at.x + by[0], at.y + by[1]);
}

/** A picture of the painter's own, which never leaves this machine whole: only the few pixels around a point are read. */
export class PictureFile {
    /** address of the chosen file, within this page */
    url: string | null = $state(null);
    image: HTMLImageElement | null = $state(null);
    problem = $state('');

    choose(file: File | undefined): void {
        if (this.url) URL.revokeObjectURL(this.url);
        this.url = null;
        this.problem = file ? tooLarge(file) : '';
        if (file && !this.problem) this.url = URL.createObjectURL(file);
    }

    broken(): void {
        this.problem = NO_PICTURE;
        this.url = null;
    }
}

/** A picture on which one point is read. */
export class Picture extends PictureFile {
    /** shares of its width and height, 0 to 1 */
    point: Point = $state({ x: 0.5, y: 0.5 });
    found: PicturePoint | null = $state(null);

    /** how often a point was asked for: an answer that comes after a later question is of another point */
    private asked = 0;

    override choose(file: File | undefined): void {
        this.found = null;
        this.asked += 1;
        super.choose(file);
    }

    async read(x: number, y: number): Promise<void> {
        if (!this.image?.naturalWidth) return;
        this.point = within(x, y);
        this.asked += 1;
        const asked = this.asked;
        const patch = await patchOf(this.image, this.point);
        if (!patch) return;
        const form = new FormData();
        form.append('patch', patch, 'patch.png');
        try {
            const found = await ask<PicturePoint>('reader/picture', form);
            if (asked !== this.asked) return;
            this.found = found;
            this.problem = '';
        } catch (thrown) {
            if (asked === this.asked) this.problem = sentence(thrown);
        }
    }

    /** Whether the key moved the point. */
    key(name: string, far: boolean): boolean {
        const to = moved(this.point, name, far);
        if (to) void this.read(to.x, to.y);
        return to !== undefined;
    }
}

/** The pixels around a point, as a picture of their own. */
export function patchOf(image: HTMLImageElement, point: Point): Promise<Blob | null> {
    const canvas = document.createElement('canvas');
    canvas.width = canvas.height = PATCH;
    const from = (at: number, size: number) =>
        Math.min(Math.max(0, Math.round(at * size - PATCH / 2)), Math.max(0, size - PATCH));
    const [width, height] = [image.naturalWidth, image.naturalHeight];
    const [left, top] = [from(point.x, width), from(point.y, height)];
    const [across, down] = [Math.min(PATCH, width), Math.min(PATCH, height)];
    canvas.getContext('2d')?.drawImage(image, left, top, across, down, 0, 0, PATCH, PATCH);
    return new Promise((done) => canvas.toBlob(done, 'image/png'));
}
