<script lang="ts">
    import { working } from '../api/working.svelte';

    const done = $derived(working.of - working.left);
</script>

{#if working.left}
    <div role="status">
        <progress max={working.of} value={done} aria-label="Recipes updated"></progress>
        <span>Updating your recipes after a change: {done} of {working.of} done</span>
    </div>
{/if}

<style>
    div {
        position: fixed;
        right: 20px;
        bottom: 20px;
        z-index: 10;
        display: grid;
        gap: 8px;
        width: min(340px, calc(100vw - 40px));
        padding: 14px 18px;
        background: var(--raised);
        border-left: 4px solid var(--accent);
        font-size: var(--size-plain);
    }
    progress {
        width: 100%;
        height: 6px;
        accent-color: var(--accent);
    }
</style>
