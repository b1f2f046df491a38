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

    constructor(recipe: Recipe) {
        this.colour = recipe.colour ?? '#808080';
        this.way = recipe.way;
        this.options = $state({ ...recipe.options });
    }

    get hex(): string {
        return this.colour.trim().toLowerCase();
    }

    get valid(): boolean {
        return isHex(this.hex);
    }

    /** As the ladder is asked for, before anything is drafted. */
    get ladder(): Record<string, string> {
        const { contrast, light, shade, mixed, insist } = this.options;
        return { contrast, light, shade, mixed: mixed ? '1' : '0', insist: insist ? '1' : '0' };
    }

    get said(): DraftWish {
        const start = this.start ? { start: this.start } : {};
        return { colour: this.colour.trim(), way: this.way, ...this.options, ...start };
    }
}
