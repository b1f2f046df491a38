import { createQuery } from '@tanstack/svelte-query';
import { figuresQuery, recipeQuery } from '../../api/queries';
import { Versions } from '../../api/versions';
import type { LadderOptions, MixPart, Recipe, RecipeMoved, Step, Undercoats } from '../../api/wire';
import { type Answered, useWrite } from '../../api/write.svelte';

export interface StepChange {
    mix?: { paint_id: number | null; parts: number | null }[];
    meets?: { paint_id: number | null; parts: number | null }[];
    thin?: string;
    with?: string;
    coats?: number;
    omitted?: boolean;
    place?: { face: string | null; part: string; light: string; percent: number };
    who?: string;
    level?: string;
    tool?: string;
    note?: string;
    wait?: string;
    sloppy?: boolean;
    unwashed?: boolean;
    strokes?: string;
    comes_after?: string;
    comes_before?: string;
    line?: string;
    batch?: string;
    lively?: number | null;
}

/** Any other change of a recipe than of one step's fields. */
export interface RecipeEdit {
    kind: 'add' | 'drop' | 'move' | 'merge' | 'loop' | 'join' | 'differ' | 'overrule';
    key?: string;
    technique?: string;
    /** the tone that it is joined with, and which of both is glazed with */
    other?: string;
    by?: 'one' | 'other' | 'both';
    /** what a freehand is painted in */
    colour?: string;
    after?: string | null;
    to?: number;
    from?: string;
    rounds?: number;
    exit?: string;
    /** whether each round touches less than the one before */
    smaller?: boolean;
    percents?: number[];
    who?: string;
    rule?: string;
    on?: boolean;
}

/** What a draft is asked for. */
export interface DraftWish extends Partial<LadderOptions> {
    colour: string;
    way?: string;
    start?: string;
    ladder?: string;
    middle?: number;
}

/** what of a figure's plan belongs to no area, each part changed and undone for itself */
type FigurePart = 'undercoat' | 'whole';

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
    readonly write = useWrite();
    /** of recipes, by area, and of undercoats, by company */
    private readonly versions = new Map<string, Versions>();

    constructor(private readonly given: () => number | null) {
        this.figures = createQuery(figuresQuery);
        this.query = createQuery(() => recipeQuery(this.area));
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
        return (
            this.steps.find((s) => s.key === this.chosen) ??
            this.steps.find((s) => !s.of_figure) ??
            this.steps[0] ??
            null
        );
    }

    get busy(): boolean {
        return this.write.pending;
    }

    edit(step: Step, change: StepChange): void {
        if (step.of_figure) this.lay(step.whole ? 'whole' : 'undercoat', 'edits', { key: step.key, ...change });
        else this.send('recipe/edits', { kind: 'change', key: step.key, ...change });
    }

    rework(edit: RecipeEdit): void {
        this.send('recipe/edits', edit);
    }

    take(step: Step, mix: MixPart[]): void {
        this.edit(step, { mix: mix.map(({ paint_id, parts }) => ({ paint_id, parts })) });
    }

    redraft(wish: DraftWish): void {
        this.send('recipe', wish);
    }

    /** Takes back, or does again, what was last changed of the recipe, of the undercoat, or of the steps over the whole figure. */
    retrace(where: 'undo' | 'redo', of: 'area' | FigurePart): void {
        if (of !== 'area') this.lay(of, of === 'whole' ? `whole/${where}` : where, {});
        else this.send(`recipe/${where}`, {});
    }

    /** Takes what another window changed, or lets it go. */
    decide(aside: number, take: boolean): void {
        this.send(`recipe/aside/${aside}`, { take });
    }

    /** A recipe that comes from elsewhere: `told`, `replace`, `book`, `follow`, or a step mended. */
    bring(path: string, body: Record<string, unknown> = {}): void {
        this.send(`recipe/${path}`, body);
    }

    /** Shows the newest answer, whatever was refused before. */
    forget(): void {
        this.write.forget();
        this.chosen = null;
        this.redrafting = false;
        this.moved = null;
    }

    /** Adds a step over the whole figure, or several that belong together. */
    addWhole(wish: { technique: string; without: number[]; tiny: boolean; late: boolean; sure: boolean }): void {
        this.lay('whole', 'whole', wish);
    }

    /** Changes where a step over the whole figure goes. */
    changeWhole(key: string, change: { without?: number[]; late?: boolean }): void {
        this.lay('whole', 'edits', { key, ...change });
    }

    dropWhole(key: string): void {
        this.lay('whole', `whole/${key}`, {}, 'DELETE');
    }

    private send(path: string, body: object): void {
        const area = this.area;
        if (area === null) return;
        const { sent, left } = this.going(`area ${area}`, this.recipe?.version ?? 0);
        void this.write
            .send<Recipe | RecipeMoved>(
                'recipe',
                'POST',
                `areas/${area}/${path}`,
                () => ({ ...body, version: sent() }),
                (answer) => {
                    left(recipeOf(answer).version);
                    return this.arrive(path, answer);
                },
            )
            .then((answer) => {
                if (!answer) void this.write.stale('recipe');
            });
    }

    /** What belongs to the whole figure: all its recipes are asked again. */
    private lay(of: FigurePart, path: string, body: object, method: 'POST' | 'DELETE' = 'POST'): void {
        const recipe = this.recipe;
        if (!recipe) return;
        const company = recipe.company.id;
        const { sent, left } = this.going(`${of} ${company}`, recipe[of].version);
        void this.write.send<Undercoats>(
            'undercoat',
            method,
            `companies/${company}/undercoat/${path}`,
            () => ({ ...body, version: sent() }),
            (answer) => {
                left(of === 'whole' ? answer.whole_version : answer.version);
                return undefined;
            },
        );
    }

    /** What waits behind another change of this window goes on from what that one left, never from what it has not seen. */
    private going(of: string, seen: number): { sent: () => number; left: (to: number) => void } {
        const versions = this.versions.get(of) ?? new Versions();
        this.versions.set(of, versions);
        if (!this.busy) versions.caughtUp(seen);
        let from = seen;
        return { sent: () => (from = versions.after(seen)), left: (to) => versions.left(from, to) };
    }

    private arrive(path: string, answer: Recipe | RecipeMoved): Answered {
        const recipe = recipeOf(answer);
        if (path === 'recipe' || 'recipe' in answer) {
            this.redrafting = false;
            const said = 'recipe' in answer && (answer.notes.length || answer.changes.length);
            this.moved = said ? { notes: answer.notes, changes: answer.changes } : null;
        }
        return { key: ['recipe', recipe.area.id], data: recipe };
    }
}

const recipeOf = (answer: Recipe | RecipeMoved): Recipe => ('recipe' in answer ? answer.recipe : answer);
