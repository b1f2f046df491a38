<script lang="ts">
    import { useQueryClient } from '@tanstack/svelte-query';
    import { put, sentence } from '../../api/client';
    import { counted } from '../../parts/words';

    interface Props {
        /** paints that were taken off the shelf */
        ids: number[];
        ondone: () => void;
    }
    let { ids, ondone }: Props = $props();

    const client = useQueryClient();
    let problem = $state('');

    async function undo() {
        try {
            await put('POST', 'paints/restore', { ids });
            await client.invalidateQueries();
            ondone();
        } catch (thrown) {
            problem = sentence(thrown);
        }
    }
</script>

<p role="status">
    {counted(ids.length, 'paint')} taken off the shelf, stock and history kept.
    <button class="link-button" onclick={undo}>Put {ids.length === 1 ? 'it' : 'them'} back</button>
    <button class="link-button" onclick={ondone}>Leave it so</button>
    {problem}
</p>

<style>
    p {
        margin-bottom: 10px;
    }
</style>
