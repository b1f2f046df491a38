import { ask, sentence } from '../../api/client';
import type { ImportReport } from '../../api/wire';
import { useWrite } from '../../api/write.svelte';

/** A file of paints that is being brought in: looked at first, and written only after the painter has seen what it changes. */
export class ShelfImport {
    files: FileList | undefined = $state();
    report: ImportReport | null = $state(null);
    problem = $state('');
    busy = $state(false);
    /** whether the report tells what was done, or what would be */
    written = $state(false);
    /** whether washes that look like the colour in the bottle are taken as that */
    bottled = $state(false);
    private readonly write = useWrite();

    async send(): Promise<void> {
        const file = this.files?.[0];
        const write = this.report !== null && !this.written;
        this.problem = file ? '' : 'Choose a CSV file first.';
        if (!file) return;
        const form = new FormData();
        form.append('file', file);
        if (!write) form.append('look', '1');
        else if (this.bottled) form.append('bottled', '1');
        this.busy = true;
        try {
            this.report = write ? await this.bring(form) : await ask<ImportReport>('shelf/file', form);
            this.written = write && this.report !== null;
        } catch (thrown) {
            this.report = null;
            this.problem = sentence(thrown);
        } finally {
            this.busy = false;
        }
    }

    private async bring(form: FormData): Promise<ImportReport | null> {
        const report = await this.write.send<ImportReport>('paint', 'POST', 'shelf/file', form);
        this.problem = this.write.problem;
        return report ?? null;
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
