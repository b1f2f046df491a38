import type { Paint } from '../../api/wire';

/** What the Shelf page shows and which paint is chosen. */
export class ShelfView {
    words = $state('');
    asList = $state(false);
    chosen: number | null = $state(null);
    dialog: 'import' | 'paint' | null = $state(null);
    edited: Paint | null = $state(null);

    constructor(private readonly paints: () => Paint[]) {}

    get all(): Paint[] {
        return this.paints();
    }

    get atHand(): number {
        return this.all.filter((p) => p.at_hand).length;
    }

    /** Every word must stand somewhere in the paint's own words. */
    get found(): Paint[] {
        const words = this.words.toLowerCase().split(/\s+/).filter(Boolean);
        return this.all.filter((paint) => {
            const text = [
                paint.name,
                paint.line,
                paint.behaviour,
                paint.family,
                paint.words,
                paint.set,
                paint.place,
                paint.notes,
                paint.colour,
            ]
                .join(' ')
                .toLowerCase();
            return words.every((word) => text.includes(word));
        });
    }

    /** The chosen paint, or the first one shown, so that the panel always tells something. */
    get chosenId(): number | null {
        const found = this.found;
        return (found.find((p) => p.id === this.chosen) ?? found[0])?.id ?? null;
    }

    add(): void {
        this.edited = null;
        this.dialog = 'paint';
    }

    edit(paint: Paint): void {
        this.edited = paint;
        this.dialog = 'paint';
    }
}
