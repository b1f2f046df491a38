<script lang="ts">
    interface Props {
        /** what each would change, in words; null where there is nothing */
        undo: string | null;
        redo: string | null;
        /** of what, where it is not the page's main thing */
        of?: string;
        onstep: (where: 'undo' | 'redo') => void;
    }
    let { undo, redo, of = '', onstep }: Props = $props();
</script>

<button
    class="tool"
    disabled={!undo}
    title={undo ? `takes back: ${undo}` : 'nothing to undo'}
    onclick={() => onstep('undo')}>Undo{of}</button
>
<button
    class="tool"
    disabled={!redo}
    title={redo ? `does again: ${redo}` : 'nothing to redo'}
    onclick={() => onstep('redo')}>Redo{of}</button
>
{#if undo}<span class="soft last" title={undo}>{undo}</span>{/if}

<style>
    .tool {
        margin-right: 10px;
        padding: 4px 0;
        border: 0;
        background: none;
        color: var(--ink);
        font: inherit;
        font-size: var(--size-plain);
        text-decoration: underline;
        text-underline-offset: 3px;
        cursor: pointer;
    }
    .tool:disabled {
        color: var(--ink-soft);
        text-decoration: none;
        cursor: default;
    }
    .last {
        display: inline-block;
        max-width: 220px;
        overflow: hidden;
        font-size: var(--size-plain);
        text-overflow: ellipsis;
        vertical-align: bottom;
        white-space: nowrap;
    }
</style>
