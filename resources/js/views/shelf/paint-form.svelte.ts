import { useQueryClient } from '@tanstack/svelte-query';
import { get, Problem, put, sentence } from '../../api/client';
import type { Paint, PaintLook } from '../../api/wire';

const text = (value: string | number | null | undefined) =>
    value === null || value === undefined ? '' : String(value);

/** A paint as it is being written down, with what the server refused of it. */
export class PaintDraft {
    fields: Record<Field, string>;
    problems: Record<string, string> = $state({});
    problem = $state('');
    /** another window changed this paint meanwhile */
    conflict: Problem | null = $state(null);
    private version: string | null;
    /** the fields as this window last saw them on the shelf */
    private seen: Record<Field, string>;
    private readonly client = useQueryClient();

    constructor(private readonly paint: Paint | null) {
        this.fields = $state(filled(paint));
        this.seen = filled(paint);
        this.version = paint?.version ?? null;
    }

    bad(field: Field): { invalid: boolean; invalidText: string } {
        return { invalid: field in this.problems, invalidText: this.problems[field] ?? '' };
    }

    /** Saves over what the other window left. */
    insist(): Promise<number | null> {
        this.version = this.conflict?.conflict?.version ?? null;
        return this.save();
    }

    /** Lets this window's state go, and has what is there looked at again. */
    leave(): void {
        void this.client.invalidateQueries({ queryKey: ['shelf'] });
    }

    /** id of the paint, null where it was refused. */
    async save(): Promise<number | null> {
        this.problem = '';
        this.problems = {};
        this.conflict = null;
        try {
            const saved = await this.send().catch((thrown) => this.merged(thrown));
            await this.client.invalidateQueries({ queryKey: ['shelf'] });
            void this.client.invalidateQueries({ queryKey: ['recipe'] });
            return saved.id;
        } catch (thrown) {
            this.problems = thrown instanceof Problem ? thrown.fields : {};
            this.conflict = thrown instanceof Problem && thrown.conflict ? thrown : null;
            this.problem = Object.keys(this.problems).length || this.conflict ? '' : sentence(thrown);
            return null;
        }
    }

    private send(): Promise<Paint> {
        return put<Paint>(this.paint ? 'PUT' : 'POST', this.paint ? `paints/${this.paint.id}` : 'paints', {
            ...this.fields,
            version: this.version,
        });
    }

    /**
     * What the painter did not touch is taken as the other window left it. Where both touched the same, the server is asked once
     * more, and tells in what the two really differ.
     */
    private async merged(thrown: unknown): Promise<Paint> {
        if (!(thrown instanceof Problem) || !thrown.conflict || !this.paint) throw thrown;
        const theirs: Record<Field, string> = filled((await get<PaintLook>(`paints/${this.paint.id}`)).paint);
        let clash = false;
        for (const field of Object.keys(theirs) as Field[]) {
            const mine = this.fields[field] !== this.seen[field];
            clash ||= mine && theirs[field] !== this.seen[field] && theirs[field] !== this.fields[field];
            if (!mine) this.fields[field] = theirs[field];
        }
        this.seen = theirs;
        if (!clash) this.version = thrown.conflict.version;
        return this.send();
    }
}

type Field = keyof ReturnType<typeof filled>;

function filled(paint: Paint | null) {
    return {
        name: text(paint?.name),
        line: text(paint?.line),
        behaviour: paint?.behaviour ?? 'opaque',
        colour: text(paint?.colour),
        bottle_ml: text(paint?.bottle_ml),
        left_ml: text(paint?.left_ml),
        price: text(paint?.price),
        currency: text(paint?.currency),
        owned: paint?.owned === false ? 'no' : 'yes',
        bottles: text(paint?.bottles),
        place: text(paint?.place),
        opened: text(paint?.opened),
        state: text(paint?.state),
        set: text(paint?.set),
        colour_source: text(paint?.colour_source),
        finish: text(paint?.sheen),
        notes: text(paint?.notes),
    };
}
