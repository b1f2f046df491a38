<script lang="ts">
    import { useWrite } from '../../api/write.svelte';
    import type { RecipeImported } from '../../api/wire';
    import FileField from '../../parts/FileField.svelte';
    import Refused from '../../parts/Refused.svelte';

    const write = useWrite();
    let answer: RecipeImported | null = $state(null);

    async function bring(file: File | undefined) {
        if (!file) return;
        answer = null;
        const form = new FormData();
        form.append('file', file);
        answer = (await write.send<RecipeImported>('brought', 'POST', 'recipes/file', form)) ?? null;
    }
</script>

<section>
    <h2>From a file</h2>
    <p class="soft">
        A recipe, a figure or a company as JSON, as this or another workshop has written it. A recipe is added to the
        book, a figure or company to your figures; paints you do not own stay as they are described.
    </p>
    <FileField label="Choose a JSON file" accept=".json,application/json" onchoose={bring} />
    <Refused {write} />
    {#if answer}
        <p>
            <strong>{answer.words}</strong>
            {#if answer.company_id}<a href="#/figures/{answer.company_id}">Open it</a>{/if}
        </p>
        {#each answer.notes as note (note)}<p class="soft">{note}</p>{/each}
    {/if}
</section>

<style>
    section {
        max-width: 640px;
        margin-top: 34px;
    }
    p {
        margin: 6px 0 10px;
    }
</style>
