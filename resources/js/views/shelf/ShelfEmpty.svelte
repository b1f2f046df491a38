<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { ShelfView } from './shelf.svelte';

    interface Props {
        view: ShelfView;
    }
    let { view }: Props = $props();
</script>

<div class="empty">
    <h2>Nothing stands here yet</h2>
    <p>
        Everything else is computed from your own paints. Bring them in as a CSV file with a name, a behaviour and a
        colour for each, or add the first one by hand. A dozen is enough to start.
    </p>
    <pre>name,line,behaviour,colour,bottle_ml,left_ml
Wet Slate,Quayside,opaque,#3d4b52,15,6.4
Peat Wash,Quayside,wash,#8b6a49,20,11
Grey Ground,,primer,#868686,30,17.5</pre>
    <Button onclick={() => (view.dialog = 'import')}>Bring in a file</Button>
    <Button kind="tertiary" onclick={() => view.add()}>Add a paint</Button>
</div>

<style>
    .empty {
        max-width: 560px;
        padding: 72px 0;
    }
    .empty p {
        margin: 12px 0 24px;
    }
    .empty pre {
        margin: 0 0 24px;
        padding: 14px 16px;
        overflow-x: auto;
        background: var(--rail);
        font-family: var(--mono);
        font-size: var(--size-small);
    }
</style>
