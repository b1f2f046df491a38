<script lang="ts">
    import type { Shelf } from '../../api/wire';
    import ImportShelf from './ImportShelf.svelte';
    import PaintForm from './PaintForm.svelte';
    import type { ShelfView } from './shelf.svelte';

    interface Props {
        view: ShelfView;
        shelf: Shelf;
        /** the dialog that the address asks for: `import`, `paint` or none */
        opened: string;
    }
    let { view, shelf, opened }: Props = $props();

    $effect(() => {
        if (opened === 'import') view.dialog = 'import';
        if (opened === 'paint') view.add();
    });
    function close() {
        view.dialog = null;
        if (opened) window.location.hash = '/shelf';
    }
</script>

<ImportShelf open={view.dialog === 'import'} onclose={close} />
{#if view.dialog === 'paint'}
    <PaintForm
        paint={view.edited}
        behaviours={shelf.behaviours}
        forms={shelf.forms}
        purposes={shelf.purposes}
        onclose={close}
        onsaved={(id) => (view.chosen = id)}
    />
{/if}
