<script lang="ts">
    import type { ImportReport } from '../../api/wire';
    import { counted } from '../../parts/words';

    interface Props {
        report: ImportReport;
        /** whether it tells what was done, or what would be */
        written: boolean;
        /** whether dark washes are taken as the colour in the bottle */
        bottled: boolean;
    }
    let { report, written, bottled = $bindable() }: Props = $props();

    const OUTCOMES = { taken: 'imported', changed: 'updated', same: 'unchanged', skipped: 'skipped' };
    const changed = $derived(report.lines.filter((l) => l.outcome === 'changed'));
    const skipped = $derived(report.lines.filter((l) => l.outcome === 'skipped'));
</script>

<p class="sum" role="status">
    <strong>{counted(report.taken, 'paint')} {written ? 'imported' : 'new'}</strong>, {report.changed}
    {written ? 'updated' : 'would change'}, {report.same} unchanged,
    <strong>{report.skipped} skipped</strong>.
</p>
{#if report.bottled.length && !written}
    <label class="asked">
        <input type="checkbox" bind:checked={bottled} />
        <span
            >{report.bottled.slice(0, 8).join(', ')}{report.bottled.length > 8 ? ' …' : ''}: colours this dark look like
            the paint in the bottle. They are kept as the file has them; tick this to have one coat over white worked
            out from them.</span
        >
    </label>
{/if}
{#if skipped.length}
    <table>
        <thead><tr><th>Line</th><th>Paint</th><th>Why it was skipped</th></tr></thead>
        <tbody>
            {#each skipped as line (line.line)}
                <tr><td>{line.line}</td><td>{line.name || '–'}</td><td>{line.why}</td></tr>
            {/each}
        </tbody>
    </table>
    <p class="soft">Correct these lines in the file and check it again, or import the others without them.</p>
{/if}
{#if changed.length}
    <table>
        <thead><tr><th>Line</th><th>Paint</th><th>{written ? 'What changed' : 'What would change'}</th></tr></thead>
        <tbody>
            {#each changed as line (line.line)}
                <tr><td>{line.line}</td><td>{line.name}</td><td>{line.why}</td></tr>
            {/each}
        </tbody>
    </table>
{/if}
{#if report.missing.length}
    <p class="soft">
        {counted(report.missing.length, 'paint')} of your shelf {report.missing.length === 1 ? 'is' : 'are'} not in the file
        and stay as they are: {report.missing.slice(0, 12).join(', ')}{report.missing.length > 12 ? ' …' : ''}.
    </p>
{/if}
<details>
    <summary>All {report.lines.length} lines</summary>
    <table>
        <thead><tr><th>Line</th><th>Paint</th><th>Result</th></tr></thead>
        <tbody>
            {#each report.lines as line (line.line)}
                <tr><td>{line.line}</td><td>{line.name || '–'}</td><td>{OUTCOMES[line.outcome]}</td></tr>
            {/each}
        </tbody>
    </table>
</details>

<style>
    .asked {
        display: flex;
        gap: 8px;
        align-items: start;
        margin: 10px 0;
        padding-left: 12px;
        border-left: 4px solid var(--warn);
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
