<script lang="ts">
    import { useWrite } from '../../api/write.svelte';
    import { counted } from '../../parts/words';

    interface Props {
        /** paints that were taken off the shelf */
        ids: number[];
        ondone: () => void;
    }
    let { ids, ondone }: Props = $props();

    const write = useWrite();

    async function undo() {
        if ((await write.send('paint', 'POST', 'paints/restore', { ids })) !== undefined) ondone();
    }
</script>

<p role="status">
    {counted(ids.length, 'paint')} taken off the shelf, stock and history kept.
    <button class="link-button" onclick={undo}>Put {ids.length === 1 ? 'it' : 'them'} back</button>
    <button class="link-button" onclick={ondone}>Leave it</button>
    {write.problem}
</p>

<style>
    p {
        margin-bottom: 10px;
    }
</style>
