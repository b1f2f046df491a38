<script lang="ts">
    import { useQueryClient } from '@tanstack/svelte-query';
    import { InlineNotification, Modal } from 'carbon-components-svelte';
    import { put, sentence } from '../../api/client';
    import type { ImportReport } from '../../api/wire';
    import { counted } from '../../parts/words';

    interface Props {
        open: boolean;
        onclose: () => void;
    }
    let { open, onclose }: Props = $props();

    const OUTCOMES = { taken: 'taken', changed: 'brought up to date', same: 'as it was', skipped: 'skipped' };
    const client = useQueryClient();
    let files: FileList | undefined = $state();
    let report = $state<ImportReport | null>(null);
    let problem = $state('');
    let busy = $state(false);
    /** whether the report tells what was done, or what would be */
    let written = $state(false);
    const changed = $derived(report?.lines.filter((l) => l.outcome === 'changed') ?? []);
    const skipped = $derived(report?.lines.filter((l) => l.outcome === 'skipped') ?? []);

    /** Looks at the file first; nothing is written until the painter has seen what it changes. */
    async function send() {
        const file = files?.[0];
        const write = report !== null && !written;
        problem = file ? '' : 'Choose a CSV file first.';
        if (!file) return;
        const form = new FormData();
        form.append('file', file);
        if (!write) form.append('look', '1');
        busy = true;
        try {
            report = await put<ImportReport>('POST', 'shelf/file', form);
            written = write;
            if (write) await client.invalidateQueries();
        } catch (thrown) {
            report = null;
            problem = sentence(thrown);
        } finally {
            busy = false;
        }
    }

    function close() {
        report = null;
        written = false;
        problem = '';
        files = undefined;
        onclose();
    }
</script>

<Modal
    {open}
    modalHeading="Bring in a shelf, or take it out"
    primaryButtonText={report && !written ? 'Bring it in' : 'Look at the file'}
    primaryButtonDisabled={busy || written}
    secondaryButtonText={report ? 'Close' : 'Cancel'}
    hasScrollingContent
    preventCloseOnClickOutside
    on:click:button--secondary={close}
    on:close={close}
    on:submit={send}
>
    <p>
        A CSV file in UTF-8 whose first line names the columns: <span class="mono">name</span> and
        <span class="mono">behaviour</span>
        at least,
        <span class="mono">colour</span> (#rrggbb) for what colours, and if you like
        <span class="mono"
            >line, bottle_ml, left_ml, price, currency, owned, bottles, place, opened, state, set, colour_source, notes</span
        >. Other columns are kept and saved again. A paint with the same range and name is brought up to date, never
        doubled.
    </p>
    <p class="soft">
        Our own JSON comes in too, with what was measured, and a palette (.gpl), whose colours are taken for opaque
        paints.
    </p>
    <p class="out">
        Out: <a href="/api/shelf/file" download="shelf.csv">CSV</a> ·
        <a href="/api/shelf/file?as=json" download="shelf.json">JSON with what was measured</a>
        · <a href="/api/shelf/file?as=gpl" download="shelf.gpl">palette (.gpl)</a> · swatch sheet to paint:
        <a href="/api/shelf/file?as=sheet" target="_blank" rel="noopener">page</a>,
        <a href="/api/shelf/file?as=sheet-svg" target="_blank" rel="noopener">drawing</a>
    </p>
    <label class="file">
        <span>The file (at most 2 MB)</span>
        <input
            type="file"
            accept=".csv,.json,.gpl,text/csv,text/plain,application/json"
            bind:files
            onchange={() => {
                problem = '';
                report = null;
                written = false;
            }}
        />
    </label>
    {#if problem}<InlineNotification lowContrast hideCloseButton kind="error" title={problem} />{/if}
    {#if report}
        <p class="sum" role="status">
            <strong>{counted(report.taken, 'paint')} {written ? 'taken' : 'new'}</strong>, {report.changed}
            {written ? 'brought up to date' : 'would change'}, {report.same} as they were,
            <strong>{report.skipped} skipped</strong>.
        </p>
        {#if skipped.length}
            <table>
                <thead><tr><th>Line</th><th>Paint</th><th>Why it was skipped</th></tr></thead>
                <tbody>
                    {#each skipped as line (line.line)}
                        <tr><td>{line.line}</td><td>{line.name || '–'}</td><td>{line.why}</td></tr>
                    {/each}
                </tbody>
            </table>
            <p class="soft">Mend these lines in the file and look at it again: the others come in without them.</p>
        {/if}
        {#if changed.length}
            <table>
                <thead
                    ><tr><th>Line</th><th>Paint</th><th>{written ? 'What changed' : 'What would change'}</th></tr
                    ></thead
                >
                <tbody>
                    {#each changed as line (line.line)}
                        <tr><td>{line.line}</td><td>{line.name}</td><td>{line.why}</td></tr>
                    {/each}
                </tbody>
            </table>
        {/if}
        {#if report.missing.length}
            <p class="soft">
                {counted(report.missing.length, 'paint')} of your shelf {report.missing.length === 1 ? 'is' : 'are'} not in
                the file and stay as they are: {report.missing.slice(0, 12).join(', ')}{report.missing.length > 12
                    ? ' …'
                    : ''}.
            </p>
        {/if}
        <details>
            <summary>All {report.lines.length} lines</summary>
            <table>
                <thead><tr><th>Line</th><th>Paint</th><th>What became of it</th></tr></thead>
                <tbody>
                    {#each report.lines as line (line.line)}
                        <tr><td>{line.line}</td><td>{line.name || '–'}</td><td>{OUTCOMES[line.outcome]}</td></tr>
                    {/each}
                </tbody>
            </table>
        </details>
    {/if}
</Modal>

<style>
    .file {
        display: block;
        margin: 18px 0;
        padding: 14px;
        border: 1px dashed var(--rule);
    }
    .file span {
        display: block;
        margin-bottom: 8px;
        font-weight: 600;
    }
    .out {
        margin-top: 12px;
    }
    .sum {
        margin: 14px 0;
    }
    table {
        width: 100%;
        margin-bottom: 10px;
        border-collapse: collapse;
        font-size: var(--size-plain);
    }
    th,
    td {
        padding: 6px 10px 6px 0;
        border-bottom: 1px solid var(--rule);
        text-align: left;
        vertical-align: top;
    }
</style>
