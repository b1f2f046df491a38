<script lang="ts">
    import { InlineNotification, Modal } from 'carbon-components-svelte';
    import { counted } from '../../parts/words';
    import ImportTold from './ImportTold.svelte';
    import { ShelfImport } from './shelf-import.svelte';

    interface Props {
        open: boolean;
        onclose: () => void;
    }
    let { open, onclose }: Props = $props();

    const file = new ShelfImport();
    const label = $derived(
        file.report && !file.written
            ? `Import ${counted(file.report.taken + file.report.changed, 'paint')}`
            : 'Check the file',
    );

    function close() {
        file.forget();
        onclose();
    }
</script>

<Modal
    {open}
    modalHeading="Import and export"
    primaryButtonText={label}
    primaryButtonDisabled={file.busy || file.written}
    secondaryButtonText={file.report ? 'Close' : 'Cancel'}
    hasScrollingContent
    preventCloseOnClickOutside
    on:click:button--secondary={close}
    on:close={close}
    on:submit={() => file.send()}
>
    <p>
        A CSV file in UTF-8 whose first line names the columns: <span class="mono">name</span> and
        <span class="mono">behaviour</span>
        at least,
        <span class="mono">colour</span> (#rrggbb) for what colours, and if you like
        <span class="mono"
            >line, bottle_ml, left_ml, price, currency, owned, bottles, place, opened, state, set, colour_source, notes</span
        >. Other columns are kept and saved again. A paint with the same range and name is updated, never doubled.
    </p>
    <p class="soft">
        Our own JSON can be imported too, with everything that was measured, and a palette (.gpl), whose colours are
        taken for opaque paints.
    </p>
    <p class="out">
        Export: <a href="/api/shelf/file" download="shelf.csv">CSV</a> ·
        <a href="/api/shelf/file?as=json" download="shelf.json">JSON with what was measured</a>
        · <a href="/api/shelf/file?as=gpl" download="shelf.gpl">palette (.gpl)</a> · swatch sheet to paint on:
        <a href="/api/shelf/file?as=sheet" target="_blank" rel="noopener">page</a>,
        <a href="/api/shelf/file?as=sheet-svg" target="_blank" rel="noopener">drawing</a>
    </p>
    <label class="file">
        <span>The file (at most 2 MB)</span>
        <input
            type="file"
            accept=".csv,.json,.gpl,text/csv,text/plain,application/json"
            bind:files={file.files}
            onchange={() => file.changed()}
        />
    </label>
    {#if file.problem}<InlineNotification lowContrast hideCloseButton kind="error" title={file.problem} />{/if}
    {#if file.report}<ImportTold report={file.report} written={file.written} bind:bottled={file.bottled} />{/if}
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
</style>
