<script lang="ts">
    import type { RunningOrder } from '../../api/wire';
    import type { Moving } from './moving.svelte';

    interface Props {
        moving: Moving;
        order: RunningOrder;
        zoom: string;
    }
    let { moving, order, zoom = $bindable() }: Props = $props();

    const SCALES = [
        { id: 'weeks', words: 'weeks' },
        { id: 'sittings', words: 'sittings' },
        { id: 'minutes', words: 'minutes' },
    ];
    const pinned = $derived(order.plan?.sheets.flatMap((s) => s.jobs).filter((j) => j.pinned).length ?? 0);

    function keys(event: KeyboardEvent) {
        const typing = (event.target as HTMLElement).closest('input:not([type="radio"]), select, textarea');
        if (typing || !moving.canUndo || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
        event.preventDefault();
        void moving.undo();
    }
</script>

<svelte:window onkeydown={keys} />

<div class="tools">
    <fieldset>
        <legend>Show</legend>
        {#each SCALES.filter((s) => s.id !== 'weeks' || order.free) as scale (scale.id)}
            <label class:on={zoom === scale.id}
                ><input type="radio" name="zoom" value={scale.id} bind:group={zoom} />{scale.words}</label
            >
        {/each}
    </fieldset>
    <button class="tool-link" disabled={!moving.canUndo} onclick={() => moving.undo()}>Undo the last move</button>
    {#if pinned}<span class="soft">{pinned === 1 ? 'one step stays' : `${pinned} steps stay`} where you put it</span
        >{/if}
</div>

<style>
    .tools {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 22px;
        align-items: center;
        margin-top: 14px;
        font-size: var(--size-small);
    }
    fieldset {
        display: flex;
        align-items: center;
        margin: 0;
        padding: 0;
        border: 0;
    }
    legend {
        float: left;
        margin-right: 12px;
        color: var(--ink-soft);
    }
    label {
        padding: 4px 12px;
        border: 1px solid var(--rule);
        border-right-width: 0;
        cursor: pointer;
    }
    label:last-child {
        border-right-width: 1px;
    }
    label.on {
        background: var(--panel);
    }
    label:has(:focus-visible) {
        outline: 2px solid var(--ink);
    }
    input {
        position: absolute;
        opacity: 0;
    }
    .soft {
        color: var(--ink-soft);
    }
</style>
