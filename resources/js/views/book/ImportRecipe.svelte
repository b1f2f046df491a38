<script lang="ts">
    import { useQueryClient } from '@tanstack/svelte-query';
    import { put, sentence } from '../../api/client';
    import type { RecipeImported } from '../../api/wire';
    import FileField from '../../parts/FileField.svelte';

    const client = useQueryClient();
    let problem = $state('');
    let answer: RecipeImported | null = $state(null);

    async function bring(file: File | undefined) {
        if (!file) return;
        problem = '';
        answer = null;
        const form = new FormData();
        form.append('file', file);
        try {
            answer = await put<RecipeImported>('POST', 'recipes/file', form);
            for (const key of ['book', 'figures', 'recipe']) void client.invalidateQueries({ queryKey: [key] });
        } catch (thrown) {
            problem = sentence(thrown);
        }
    }
</script>

<section>
    <h2>From a file</h2>
    <p class="soft">
        A recipe, a figure or a company as JSON, as this or another workshop has written it. A recipe comes into the
        book, a figure or company among the figures; paints you do not own stay as they are described.
    </p>
    <FileField label="Choose a JSON file" accept=".json,application/json" onchoose={bring} />
    {#if problem}<p role="alert">{problem}</p>{/if}
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
