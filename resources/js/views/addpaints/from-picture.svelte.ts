import { ask, sentence } from '../../api/client';
import type { PicturePoint, TypedPaint, TypedShelf } from '../../api/wire';
import { moved, patchOf, PictureFile, within } from '../../parts/picture.svelte';
import { NewPaints } from './new-paints.svelte';

interface Dab {
    id: number;
    x: number;
    y: number;
    name: string;
    /** what the picture shows there; null while it is read */
    found: PicturePoint | null;
}

/** Paints clicked on one picture: white paper first, then a point and a name for each. */
export class FromPicture extends PictureFile {
    /** where the keyboard's point is, as shares of width and height */
    at: { x: number; y: number } = $state({ x: 0.5, y: 0.5 });
    white: { x: number; y: number } | null = $state(null);
    /** whether the next click shows white paper */
    asksWhite = $state(true);
    dabs: Dab[] = $state([]);
    readonly paints: NewPaints = new NewPaints();
    private paper: Blob | null = null;
    private next = 1;

    override choose(file: File | undefined): void {
        Object.assign(this, { white: null, asksWhite: true, dabs: [], paper: null });
        this.paints.done = '';
        super.choose(file);
    }

    /** A click, or Enter on the picture. Tells the dab it made. */
    async point(x: number, y: number): Promise<number | null> {
        this.at = within(x, y);
        if (this.asksWhite) {
            await this.setWhite();
            return null;
        }
        const dab: Dab = { id: this.next++, ...this.at, name: '', found: null };
        this.dabs.push(dab);
        await this.read(dab.id);
        return dab.id;
    }

    move(key: string, far: boolean): boolean {
        const at = moved(this.at, key, far);
        if (at) this.at = at;
        return at !== undefined;
    }

    skipWhite(): void {
        this.asksWhite = false;
    }

    remove(id: number): void {
        this.dabs = this.dabs.filter((d) => d.id !== id);
    }

    readonly named: Dab[] = $derived.by(() => this.dabs.filter((d) => d.name.trim() && d.found));

    /** What the names say of behaviour, as with a typed list, with the colours of the picture. */
    async keep(): Promise<void> {
        const named = this.named;
        const text = named.map((d) => `${d.name.trim().replaceAll(';', ',')}; ${d.found?.hex}`).join('\n');
        try {
            const typed = (await ask<TypedShelf>('shelf/typed', { text })).paints;
            const known = typed.filter((p) => p.known || p.twice);
            if (known.length) {
                this.problem = `${known.map((p) => p.fields.name).join(', ')}: already on your shelf or twice on this picture. Give another name, or remove the point.`;
                return;
            }
            const fields = typed.map((p, i): TypedPaint['fields'] => ({
                ...p.fields,
                colour_source: p.fields.colour ? (named[i]?.found?.source ?? '') : '',
            }));
            this.problem = '';
            if (await this.paints.keep(fields)) this.dabs = this.dabs.filter((d) => !named.includes(d));
        } catch (thrown) {
            this.problem = sentence(thrown);
        }
    }

    private async setWhite(): Promise<void> {
        const patch = await this.patch(this.at);
        if (!patch) return;
        try {
            await this.ask(patch, patch);
            Object.assign(this, { paper: patch, white: { ...this.at }, asksWhite: false, problem: '' });
            await Promise.all(this.dabs.map((d) => this.read(d.id)));
        } catch (thrown) {
            this.problem = sentence(thrown);
        }
    }

    private async read(id: number): Promise<void> {
        const dab = this.dabs.find((d) => d.id === id);
        const patch = dab && (await this.patch(dab));
        if (!dab || !patch) return;
        try {
            dab.found = await this.ask(patch, this.paper);
            this.problem = '';
        } catch (thrown) {
            this.problem = sentence(thrown);
            this.remove(id);
        }
    }

    private ask(patch: Blob, white: Blob | null): Promise<PicturePoint> {
        const form = new FormData();
        form.append('patch', patch, 'patch.png');
        if (white) form.append('white', white, 'white.png');
        return ask<PicturePoint>('reader/picture', form);
    }

    private patch(at: { x: number; y: number }): Promise<Blob | null> {
        return this.image?.naturalWidth ? patchOf(this.image, at) : Promise.resolve(null);
    }
}
