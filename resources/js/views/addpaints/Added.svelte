<script lang="ts">
    import AskOwned from '../own/AskOwned.svelte';
    import Refused from '../../parts/Refused.svelte';
    import type { NewPaints } from './new-paints.svelte';

    interface Props {
        paints: NewPaints;
    }
    let { paints }: Props = $props();
</script>

<Refused write={paints.write} />
{#if paints.done}
    <p class="done" role="status">
        <strong>{paints.done}</strong> <a href="#/shelf">See your shelf</a> or go on to
        <a href="#/figures">a figure</a>.
    </p>
    <AskOwned />
{/if}

<style>
    .done {
        margin: 12px 0;
        padding: 10px 14px;
        border-left: 4px solid var(--accent);
        background: var(--raised);
    }
</style>
