import { createMutation, createQuery, useQueryClient } from '@tanstack/svelte-query';
import { put, sentence } from '../../api/client';
import { figuresQuery, recipeQuery } from '../../api/queries';
import type { LadderOptions, MixPart, Recipe, RecipeMoved, Step } from '../../api/wire';

export interface StepChange {
    mix?: { paint_id: number | null; parts: number | null }[];
    thin?: string;
    with?: string;
    coats?: number;
    omitted?: boolean;
    place?: { face: string | null; part: string; light: string; percent: number };
    who?: string;
    level?: string;
    tool?: string;
    note?: string;
}

/** Any other change of a recipe than of one step's fields. */
export interface RecipeEdit {
    kind: 'add' | 'drop' | 'move' | 'merge' | 'loop' | 'overrule';
    key?: string;
    technique?: string;
    after?: string | null;
    to?: number;
    from?: string;
    rounds?: number;
    rule?: string;
    on?: boolean;
}

/** What a draft is asked for. */
export interface DraftWish extends Partial<LadderOptions> {
    colour: string;
    way?: string;
    start?: string;
}

interface Sent {
    method: 'POST' | 'PATCH';
    area: number;
    /** below the area's address */
    path: string;
    body: object;
}

/** One area's recipe as the page shows it: what the server predicted, which step is chosen, and how to change it. */
export class RecipeState {
    chosen: string | null = $state(null);
    /** which sheet of the panel lies on top: shelf, why, change, mishap */
    sheet = $state(0);
    /** whether the painter is choosing another colour, way or start */
    redrafting = $state(false);
    /** what was guessed or replaced when the recipe came from elsewhere */
    moved: Pick<RecipeMoved, 'notes' | 'changes'> | null = $state(null);
    readonly query;
    readonly figures;
    /** which version of which recipe the last change of this window was made on, and which one it left */
    private left: { area: number; from: number; to: number } | null = null;
    private readonly change;
    private readonly move;

    constructor(private readonly given: () => number | null) {
        const client = useQueryClient();
        this.figures = createQuery(figuresQuery);
        this.query = createQuery(() => recipeQuery(this.area));
        /** What waits behind another change of this window goes on from what that one left, never from what it has not seen. */
        const sent = ({ area, body }: Sent) =>
            'version' in body && this.left?.area === area && this.left.from === body.version
                ? { ...body, version: this.left.to }
                : body;
        const arrived = (recipe: Recipe, body: object) => {
            if ('version' in body) this.left = { area: recipe.area.id, from: Number(body.version), to: recipe.version };
            client.setQueryData(['recipe', recipe.area.id], recipe);
            void client.invalidateQueries({ queryKey: ['figures'] });
            void client.invalidateQueries({ queryKey: ['bench'] });
        };
        /** what was refused may have been refused because another window went on */
        const refused = () => client.invalidateQueries({ queryKey: ['recipe', this.area] });
        this.change = createMutation(() => ({
            onError: refused,
            mutationFn: (change: Sent) =>
                put<Recipe>(change.method, `areas/${change.area}/${change.path}`, sent(change)),
            scope: { id: 'recipe' },
            onSuccess: (recipe: Recipe, change: Sent) => {
                arrived(recipe, change.body);
                if (change.path === 'recipe') this.arrive();
            },
        }));
        this.move = createMutation(() => ({
            onError: refused,
            mutationFn: (change: Sent) => put<RecipeMoved>('POST', `areas/${change.area}/${change.path}`, sent(change)),
            scope: { id: 'recipe' },
            onSuccess: (answer: RecipeMoved, change: Sent) => {
                arrived(answer.recipe, change.body);
                this.arrive();
                this.moved =
                    answer.notes.length || answer.changes.length
                        ? { notes: answer.notes, changes: answer.changes }
                        : null;
            },
        }));
    }

    /** The area asked for, else the first of the first figure. */
    get area(): number | null {
        return this.given() ?? this.figures.data?.companies[0]?.areas[0]?.id ?? null;
    }

    get recipe(): Recipe | undefined {
        return this.query.data;
    }

    get steps(): Step[] {
        return this.recipe?.steps ?? [];
    }

    /** The chosen step; at first the basecoat, where the first decision lies. */
    get step(): Step | null {
        return this.steps.find((s) => s.key === this.chosen) ?? this.steps[1] ?? this.steps[0] ?? null;
    }

    get problem(): string {
        const thrown = this.change.error ?? this.move.error;
        return thrown ? sentence(thrown) : '';
    }

    get busy(): boolean {
        return this.change.isPending || this.move.isPending;
    }

    edit(key: string, change: StepChange): void {
        if (key === 'undercoat') this.send('PATCH', 'recipe/undercoat', change);
        else this.send('POST', 'recipe/edits', { kind: 'change', key, ...change, version: this.recipe?.version ?? 0 });
    }

    rework(edit: RecipeEdit): void {
        this.send('POST', 'recipe/edits', { ...edit, version: this.recipe?.version ?? 0 });
    }

    take(key: string, mix: MixPart[]): void {
        this.edit(key, { mix: mix.map(({ paint_id, parts }) => ({ paint_id, parts })) });
    }

    redraft(wish: DraftWish): void {
        this.send('POST', 'recipe', { ...wish, version: this.recipe?.version ?? 0 });
    }

    undo(): void {
        this.send('POST', 'recipe/undo', { version: this.recipe?.version ?? 0 });
    }

    redo(): void {
        this.send('POST', 'recipe/redo', { version: this.recipe?.version ?? 0 });
    }

    /** Takes what another window changed, or lets it go. */
    decide(aside: number, take: boolean): void {
        this.send('POST', `recipe/aside/${aside}`, { take });
    }

    /** A recipe that comes from elsewhere: `told`, `replace`, `book`, `follow`, or a step mended. */
    bring(path: string, body: Record<string, unknown> = {}): void {
        this.change.reset();
        if (!this.busy) this.left = null;
        if (this.area !== null) {
            const seen = { ...body, version: this.recipe?.version ?? 0 };
            this.move.mutate({ method: 'POST', area: this.area, path: `recipe/${path}`, body: seen });
        }
    }

    /** Shows the newest answer, whatever was refused before. */
    forget(): void {
        this.change.reset();
        this.move.reset();
        this.chosen = null;
        this.redrafting = false;
        this.moved = null;
    }

    private arrive(): void {
        this.redrafting = false;
        this.moved = null;
    }

    private send(method: 'POST' | 'PATCH', path: string, body: object): void {
        this.move.reset();
        if (!this.busy) this.left = null;
        if (this.area !== null) this.change.mutate({ method, area: this.area, path, body });
    }
}
