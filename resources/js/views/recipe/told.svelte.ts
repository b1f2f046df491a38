import { createQuery } from '@tanstack/svelte-query';
import { heardQuery } from '../../api/queries';
import type { Heard } from '../../api/wire';
import { useWrite } from '../../api/write.svelte';

export type HeardLine = Heard['lines'][number];

/** Short enough that reading keeps up with typing, long enough not to ask at every letter. */
const PAUSE_MS = 120;

/** A recipe being told: what is typed, and how it is read. */
export class Told {
    text = $state('');
    readonly write = useWrite();
    private asked = $state('');
    private readonly query;

    /** @param area for which it is told, so that its looks can be predicted */
    constructor(area: () => number | null = () => null) {
        this.query = createQuery(() => ({
            ...heardQuery(this.asked, area()),
            placeholderData: (before) => before,
        }));
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

    get open(): number {
        return this.heard?.lines.reduce((n, l) => n + l.questions.length + l.doubts.length, 0) ?? 0;
    }

    get unread(): number {
        return this.heard?.lines.reduce((n, l) => n + l.unread.length, 0) ?? 0;
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
        this.choose(line, line.said.replace(words, `"${words}"`));
    }

    /** These words are only words. */
    words(line: HeardLine, words: string): void {
        this.choose(line, line.said.replace(words, `[${words}]`));
    }

    /** The line stays as it was said, and is read so from now on. */
    choose(line: HeardLine, means: string): void {
        void this.write.send('told', 'PUT', 'recipe/told/meaning', { said: line.said, means });
    }

    /** It is asked about again. */
    again(line: HeardLine): void {
        this.choose(line, '');
    }
}
