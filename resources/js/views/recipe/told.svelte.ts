import { createQuery } from '@tanstack/svelte-query';
import { heardQuery } from '../../api/queries';
import type { Heard } from '../../api/wire';

type HeardLine = Heard['lines'][number];

const PAUSE_MS = 350;

/** A recipe being told: what is typed, and how it is read. */
export class Told {
    text = $state('');
    private asked = $state('');
    private readonly query;

    constructor(text = '') {
        this.text = text;
        this.query = createQuery(() => ({ ...heardQuery(this.asked), placeholderData: (before) => before }));
        $effect(() => {
            const typed = this.text.trim();
            const timer = setTimeout(() => (this.asked = typed), PAUSE_MS);
            return () => clearTimeout(timer);
        });
    }

    get heard(): Heard | undefined {
        return this.asked ? this.query.data : undefined;
    }

    get problem(): unknown {
        return this.asked ? this.query.error : null;
    }

    /** Whether what is shown is what is typed. */
    get settled(): boolean {
        return this.asked === this.text.trim() && !this.query.isFetching;
    }

    /** Says one line otherwise. */
    say(line: number, said: string): void {
        const lines = this.text.split('\n');
        const full = lines.flatMap((l, i) => (l.trim() ? [i] : []));
        const at = full[line - 1];
        if (at === undefined) return;
        if (said.trim()) lines[at] = said;
        else lines.splice(at, 1);
        this.text = lines.join('\n');
    }

    /** These words are the name of a paint. */
    name(line: HeardLine, words: string): void {
        this.say(line.line, line.said.replace(words, `"${words}"`));
    }

    /** These words are only words. */
    words(line: HeardLine, words: string): void {
        this.say(line.line, line.said.replace(words, `[${words}]`));
    }
}
