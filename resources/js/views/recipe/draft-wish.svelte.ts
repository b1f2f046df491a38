import type { LadderOptions, Recipe } from '../../api/wire';
import { isHex } from '../../parts/words';
import type { DraftWish } from './recipe.svelte';

/** What the next draft of a recipe will be asked for. */
export class Wish {
    colour = $state('');
    way = $state('');
    options: LadderOptions;
    /** id of a special start, empty for none */
    start = $state('');
    /** mixes of a ladder that is taken over whole, as they stand in the address; empty for none */
    ladder = $state('');
    private readonly middle: string;

    constructor(recipe: Recipe, taken: URLSearchParams) {
        this.ladder = taken.get('ladder') ?? '';
        this.middle = taken.get('middle') ?? '';
        this.colour = (this.ladder && taken.get('colour')) || (recipe.area.colour ?? recipe.colour ?? '#808080');
        this.way = recipe.way;
        this.options = $state({ ...recipe.options });
    }

    get hex(): string {
        return this.colour.trim().toLowerCase();
    }

    get valid(): boolean {
        return isHex(this.hex);
    }

    /** As the draft is asked for, before it is made. */
    get question(): Record<string, string> {
        const { contrast, light, shade, mixed, insist, shades, highlights, finish, glazed } = this.options;
        return {
            colour: this.hex,
            way: this.way,
            contrast,
            light,
            shade,
            mixed: mixed ? '1' : '0',
            insist: insist ? '1' : '0',
            glazed: glazed ? '1' : '0',
            shades: String(shades ?? ''),
            highlights: String(highlights ?? ''),
            finish,
            start: this.start,
            ladder: this.ladder,
            middle: this.ladder ? this.middle : '',
        };
    }

    get said(): DraftWish {
        const start = this.start ? { start: this.start } : {};
        const ladder = this.ladder ? { ladder: this.ladder, middle: Number(this.middle) } : {};
        return { colour: this.colour.trim(), way: this.way, ...this.options, ...start, ...ladder };
    }
}
