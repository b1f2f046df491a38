<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { inWords } from '../../parts/words';
    import type { ShelfView } from './shelf.svelte';

    interface Props {
        view: ShelfView;
    }
    let { view }: Props = $props();
</script>

<div class="top">
    <div>
        <h1>{inWords(view.all.length)} {view.all.length === 1 ? 'paint' : 'paints'}</h1>
        {#if view.all.length}<p class="soft">
                {view.atHand} in stock{view.atHand < view.all.length
                    ? `, ${view.all.length - view.atHand} empty or not owned`
                    : ''}
                · the bar shows what is left
            </p>{/if}
    </div>
    <div class="actions">
        <Button size="small" kind="tertiary" onclick={() => (view.dialog = 'import')}>Import and export</Button>
        <Button size="small" href="#/add-paints">Add paints</Button>
    </div>
</div>

<style>
    .top {
        display: flex;
        flex-wrap: wrap;
        gap: 12px 24px;
        align-items: start;
        justify-content: space-between;
    }
    .actions {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
    }
</style>
