import { useQueryClient } from '@tanstack/svelte-query';
import { put, sentence } from '../../api/client';
import type { ImportReport } from '../../api/wire';

/** A file of paints that is being brought in: looked at first, and written only after the painter has seen what it changes. */
export class ShelfImport {
    files: FileList | undefined = $state();
    report: ImportReport | null = $state(null);
    problem = $state('');
    busy = $state(false);
    /** whether the report tells what was done, or what would be */
    written = $state(false);
    private readonly client = useQueryClient();

    async send(): Promise<void> {
        const file = this.files?.[0];
        const write = this.report !== null && !this.written;
        this.problem = file ? '' : 'Choose a CSV file first.';
        if (!file) return;
        const form = new FormData();
        form.append('file', file);
        if (!write) form.append('look', '1');
        this.busy = true;
        try {
            this.report = await put<ImportReport>('POST', 'shelf/file', form);
            this.written = write;
            if (write) await this.client.invalidateQueries();
        } catch (thrown) {
            this.report = null;
            this.problem = sentence(thrown);
        } finally {
            this.busy = false;
        }
    }

    /** Another file was chosen: what was told of the one before no longer holds. */
    changed(): void {
        this.problem = '';
        this.report = null;
        this.written = false;
    }

    forget(): void {
        this.changed();
        this.files = undefined;
    }
}
