import type { Paint } from '../../api/wire';

export type Mode = 'map' | 'wall' | 'list' | 'sets';
export type Show = '' | 'low' | 'unused' | 'away' | 'guessed';

/** What the Shelf page shows and which paint is chosen. */
export class ShelfView {
    words = $state('');
    mode: Mode = $state('wall');
    behaviour = $state('');
    family = $state('');
    form = $state('');
    finish = $state('');
    show: Show = $state('');
    /** id of the paint the others should be like, empty for any */
    like = $state('');
    chosen: number | null = $state(null);
    picked: number[] = $state([]);
    /** paints just taken off the shelf, which can be put back */
    removed: number[] = $state([]);
    dialog: 'import' | 'paint' | null = $state(null);
    edited: Paint | null = $state(null);

    constructor(private readonly paints: () => Paint[]) {}

    readonly all: Paint[] = $derived.by(() => this.paints());

    readonly atHand: number = $derived(this.all.filter((p) => p.at_hand).length);

    readonly families: string[] = $derived([...new Set(this.all.map((p) => p.family))]);

    /** What a search looks through, made once for each paint. */
    private readonly texts: Map<number, string> = $derived(new Map(this.all.map((p) => [p.id, textOf(p)])));

    /** Every word must stand somewhere in the paint's own words. */
    readonly found: Paint[] = $derived.by(() => {
        const words = this.words.toLowerCase().split(/\s+/).filter(Boolean);
        const found = this.all.filter((paint) => {
            return words.every((word) => this.texts.get(paint.id)?.includes(word)) && this.passes(paint);
        });
        return this.like === '' ? found : [...found].sort((a, b) => (a.apart ?? 999) - (b.apart ?? 999)).slice(0, 24);
    });

    private passes(paint: Paint): boolean {
        if (this.behaviour && paint.behaviour !== this.behaviour) return false;
        if (this.family && paint.family !== this.family) return false;
        if (this.form && paint.form !== this.form) return false;
        if (this.finish && (paint.sheen || 'matt') !== this.finish) return false;
        if (this.like && paint.apart === null) return false;
        if (this.show === 'low') return paint.low;
        if (this.show === 'guessed') return paint.source === 'guessed' || paint.source === 'pictured';
        if (this.show === 'unused') return paint.used_in === 0;
        return this.show !== 'away' || !paint.at_hand;
    }

    /** The chosen paint, or the first one shown, so that the panel always tells something. */
    readonly chosenId: number | null = $derived(
        (this.found.find((p) => p.id === this.chosen) ?? this.found[0])?.id ?? null,
    );

    add(): void {
        this.edited = null;
        this.dialog = 'paint';
    }

    edit(paint: Paint): void {
        this.edited = paint;
        this.dialog = 'paint';
    }
}

function textOf(paint: Paint): string {
    return [
        paint.name,
        paint.line,
        paint.behaviour,
        paint.family,
        paint.words,
        paint.set,
        paint.place,
        paint.state,
        paint.notes,
        paint.colour,
    ]
        .join(' ')
        .toLowerCase();
}
