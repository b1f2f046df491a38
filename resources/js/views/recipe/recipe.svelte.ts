import { createMutation, createQuery, useQueryClient } from '@tanstack/svelte-query';
import { put, sentence } from '../../api/client';
import { figuresQuery, recipeQuery } from '../../api/queries';
import type { MixPart, Recipe, Step } from '../../api/wire';

export interface StepChange {
    mix?: { paint_id: number | null; parts: number }[];
    thin?: string;
    coats?: number;
    omitted?: boolean;
}

/** One area's recipe as the page shows it: what the server predicted, which step is chosen, and how to change it. */
export class RecipeState {
    chosen: string | null = $state(null);
    /** whether the painter is choosing another colour or way */
    redrafting = $state(false);
    readonly query;
    readonly figures;
    private readonly change;
    private readonly draft;

    constructor(private readonly given: () => number | null) {
        const client = useQueryClient();
        this.figures = createQuery(figuresQuery);
        this.query = createQuery(() => recipeQuery(this.area));
        const arrived = (recipe: Recipe) => {
            client.setQueryData(['recipe', recipe.area.id], recipe);
            void client.invalidateQueries({ queryKey: ['figures'] });
            void client.invalidateQueries({ queryKey: ['bench'] });
        };
        this.change = createMutation(() => ({
            mutationFn: ({ area, step, change }: { area: number; step: string; change: StepChange }) =>
                put<Recipe>('PATCH', `areas/${area}/recipe/${step}`, change),
            scope: { id: 'recipe' },
            onSuccess: arrived,
        }));
        this.draft = createMutation(() => ({
            mutationFn: ({ area, colour, way }: { area: number; colour: string; way: string }) =>
                put<Recipe>('POST', `areas/${area}/recipe`, { colour, way }),
            scope: { id: 'recipe' },
            onSuccess: (recipe: Recipe) => {
                arrived(recipe);
                this.redrafting = false;
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
        const thrown = this.change.error ?? this.draft.error;
        return thrown ? sentence(thrown) : '';
    }

    get busy(): boolean {
        return this.change.isPending || this.draft.isPending;
    }

    edit(step: string, change: StepChange): void {
        if (this.area !== null) this.change.mutate({ area: this.area, step, change });
    }

    take(step: string, mix: MixPart[]): void {
        this.edit(step, { mix: mix.map(({ paint_id, parts }) => ({ paint_id, parts })) });
    }

    redraft(colour: string, way: string): void {
        this.change.reset();
        if (this.area !== null) this.draft.mutate({ area: this.area, colour, way });
    }

    /** Shows the newest answer, whatever was refused before. */
    forget(): void {
        this.change.reset();
        this.draft.reset();
        this.chosen = null;
        this.redrafting = false;
    }
}
