<script lang="ts">
    interface Props {
        /** what each would change, in words; null where there is nothing */
        undo: string | null;
        redo: string | null;
        /** what of, where that is not the page's main thing */
        of?: string;
        onstep: (where: 'undo' | 'redo') => void;
    }
    let { undo, redo, of = '', onstep }: Props = $props();

    function keys(event: KeyboardEvent) {
        const typing = (event.target as HTMLElement).closest('input:not([type="radio"]), select, textarea');
        if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
        event.preventDefault();
        if (event.shiftKey ? redo : undo) onstep(event.shiftKey ? 'redo' : 'undo');
    }
</script>

<svelte:window onkeydown={keys} />

<span class="both">
    {#if of}<span class="soft">{of}:</span>{/if}
    <button
        class="tool-link"
        disabled={!undo}
        title={undo ? `takes back: ${undo}` : 'nothing to undo'}
        onclick={() => onstep('undo')}>Undo</button
    >
    <button
        class="tool-link"
        disabled={!redo}
        title={redo ? `does again: ${redo}` : 'nothing to redo'}
        onclick={() => onstep('redo')}>Redo</button
    >
    {#if undo && !of}<span class="soft last" title={undo}>{undo}</span>{/if}
</span>

<style>
    .both {
        display: inline-flex;
        gap: 14px;
        align-items: baseline;
        max-width: 100%;
        font-size: var(--size-plain);
    }
    .last {
        max-width: 170px;
        overflow: hidden;
        text-overflow: ellipsis;
        white-space: nowrap;
    }
</style>
