import { get, type Problem } from '../../api/client';
import type { Paint, PaintLook } from '../../api/wire';
import { useWrite } from '../../api/write.svelte';

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
    private readonly write = useWrite();

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
        void this.write.yield();
    }

    /** id of the paint, null where it was refused. */
    async save(): Promise<number | null> {
        const saved = (await this.send()) ?? (await this.merged());
        this.problems = this.write.fields;
        this.conflict = this.write.conflict;
        this.problem = Object.keys(this.problems).length ? '' : this.write.problem;
        return saved?.id ?? null;
    }

    private send(): Promise<Paint | undefined> {
        const path = this.paint ? `paints/${this.paint.id}` : 'paints';
        return this.write.send<Paint>('paint', this.paint ? 'PUT' : 'POST', path, {
            ...this.fields,
            version: this.version,
        });
    }

    /**
     * What the painter did not touch is taken as the other window left it. Where both touched the same, the server is asked once
     * more, and tells in what the two really differ.
     */
    private async merged(): Promise<Paint | undefined> {
        const version = this.write.conflict?.conflict?.version;
        if (!version || !this.paint) return undefined;
        const theirs: Record<Field, string> = filled((await get<PaintLook>(`paints/${this.paint.id}`)).paint);
        let clash = false;
        for (const field of Object.keys(theirs) as Field[]) {
            const mine = this.fields[field] !== this.seen[field];
            clash ||= mine && theirs[field] !== this.seen[field] && theirs[field] !== this.fields[field];
            if (!mine) this.fields[field] = theirs[field];
        }
        this.seen = theirs;
        if (!clash) this.version = version;
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
        form: text(paint?.form),
        for: text(paint?.purpose),
        notes: text(paint?.notes),
    };
}
