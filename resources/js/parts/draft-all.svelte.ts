import type { DraftedMany, UndoneMany } from '../api/wire';
import { useWrite } from '../api/write.svelte';
import { counted } from './words';

type Drafted = DraftedMany['done'][number];
type Named = DraftedMany['left'][number];

/** Many areas drafted with one action: each answer is one of them, and this goes on until none is left. */
export class DraftAll {
    done: Drafted[] = $state([]);
    left: Named[] = $state([]);
    uncoloured: Named[] = $state([]);
    /** those another window has changed since they were shown here */
    changed: Named[] = $state([]);
    running = $state(false);
    /** what the last undo came to */
    undone = $state('');
    readonly write = useWrite();
    private batch = '';

    constructor(
        private readonly company: () => number,
        private readonly areas: () => { id: number; version: number }[],
    ) {}

    get finished(): boolean {
        return !this.running && this.done.length + this.changed.length > 0;
    }

    readonly steps: number = $derived(this.done.reduce((sum, area) => sum + area.steps, 0));

    readonly far: Drafted[] = $derived(this.done.filter((area) => area.off !== null && area.off > area.far));

    async draft(all: boolean): Promise<void> {
        this.forget();
        this.running = true;
        this.batch = `all-${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 10)}`;
        const path = `companies/${this.company()}/recipes`;
        const versions = Object.fromEntries(this.areas().map((a) => [a.id, a.version]));
        try {
            for (;;) {
                const answer = await this.write.send<DraftedMany>('recipe', 'POST', path, {
                    batch: this.batch,
                    all,
                    versions,
                });
                if (!answer) return;
                this.done.push(...answer.done);
                this.left = answer.left;
                this.uncoloured = answer.uncoloured;
                this.changed = answer.changed;
                if (answer.left.length === 0) return;
            }
        } finally {
            this.running = false;
        }
    }

    async undo(): Promise<void> {
        const path = `companies/${this.company()}/recipes/${this.batch}`;
        const answer = await this.write.send<UndoneMany>('recipe', 'DELETE', path);
        if (!answer) return;
        const kept = answer.kept.map((a) => a.name).join(', ');
        this.forget();
        this.undone =
            `${counted(answer.undone.length, 'recipe')} undone.` +
            (kept ? ` Kept, because you changed or painted them since: ${kept}.` : '');
    }

    forget(): void {
        this.done = [];
        this.left = [];
        this.uncoloured = [];
        this.changed = [];
        this.undone = '';
        this.write.forget();
    }
}
