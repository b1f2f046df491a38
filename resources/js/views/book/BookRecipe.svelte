<script lang="ts">
    import { createQuery, useQueryClient } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { put, sentence } from '../../api/client';
    import { bookRecipeQuery } from '../../api/queries';
    import type { Book, BookEntry, RecipeMoved } from '../../api/wire';
    import { capital, counted } from '../../parts/words';

    interface Props {
        entry: BookEntry;
        areas: Book['areas'];
    }
    let { entry, areas }: Props = $props();

    const client = useQueryClient();
    const recipe = createQuery(() => bookRecipeQuery(entry.id));
    const steps = $derived([...(recipe.data?.steps ?? [])].reverse());
    let area = $state('');
    let problem = $state('');
    let applied: RecipeMoved | null = $state(null);
    let asking = $state(false);
    // svelte-ignore state_referenced_locally
    let name = $state(entry.name);
    // svelte-ignore state_referenced_locally
    let tags = $state(entry.tags.join(', '));
    // svelte-ignore state_referenced_locally
    let notes = $state(entry.notes);

    async function tried(work: () => Promise<unknown>) {
        problem = '';
        try {
            await work();
            for (const key of ['book', 'recipe', 'figures', 'bench'])
                void client.invalidateQueries({ queryKey: [key] });
        } catch (thrown) {
            problem = sentence(thrown);
        }
    }
    const apply = () =>
        tried(async () => {
            applied = await put<RecipeMoved>('POST', `areas/${area}/recipe/book`, { book_id: entry.id });
        });
    const save = () => tried(() => put('PUT', `book/${entry.id}`, { name, tags: tags.split(','), notes }));
    const remove = () => tried(() => put('DELETE', `book/${entry.id}`));
</script>

<p class="soft">{capital(entry.relief)} · {entry.material} · {entry.way}</p>
<h2>{entry.name}</h2>
<div class="colour" style:background={entry.hex}></div>
<p class="soft">for {entry.colour_words}</p>
{#if entry.notes}<p class="notes">{entry.notes}</p>{/if}
<ol>
    {#each steps as step (step.key)}
        <li>
            <i style:background={step.hex ?? 'transparent'}></i>
            <p>
                <small>{capital(step.technique)}{step.place ? ` · ${step.place}` : ''}</small>
                {step.words}
                <small>{[step.thin, step.at_hand ? '' : 'not at hand'].filter(Boolean).join(' · ')}</small>
            </p>
        </li>
    {/each}
</ol>
<h3>Bring it to a figure</h3>
<select class="small-field" aria-label="Area to paint so" bind:value={area}>
    <option value="">choose an area</option>
    {#each areas as each (each.id)}<option value={String(each.id)}>{each.name} of {each.company}</option>{/each}
</select>
<Button size="field" disabled={area === ''} onclick={apply}>Paint it so</Button>
{#if problem}<p role="alert">{problem}</p>{/if}
{#if applied}
    <p>
        <strong
            >{applied.recipe.area.name} is painted so now{applied.changes.length
                ? `, with ${counted(applied.changes.length, 'change')} for your shelf`
                : ', with the very same paints'}.</strong
        >
        <a href="#/recipe/{applied.recipe.area.id}">Open its recipe</a>
    </p>
    {#each applied.changes as change (`${change.key}${change.was}`)}
        <p class="soft">
            {capital(change.step)}: {change.now ?? 'nothing'} for {change.was}{change.difference === null
                ? ''
                : `, ${change.difference.toFixed(1)} apart`}, {change.words}.
        </p>
    {/each}
{/if}
<p class="file"><a href="/api/book/{entry.id}/file" download>The recipe as JSON</a>, for another workshop</p>
<details>
    <summary>Name, tags, notes</summary>
    <label class="small-label">name <input class="small-field" bind:value={name} maxlength="80" /></label>
    <label class="small-label">tags, with commas <input class="small-field" bind:value={tags} /></label>
    <label class="small-label">notes <textarea class="small-field" rows="3" bind:value={notes}></textarea></label>
    <button class="link-button" onclick={save}>Save</button>
    {#if asking}
        <span
            >Take it out of the book for good? <button class="link-button" onclick={remove}>yes, take it out</button
            ></span
        >
    {:else}
        <button class="link-button" onclick={() => (asking = true)}>Take it out of the book</button>
    {/if}
</details>

<style>
    .colour {
        height: 60px;
        margin-top: 10px;
    }
    .notes {
        margin-top: 8px;
        font-size: var(--size-plain);
    }
    ol {
        margin: 14px 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 56px 1fr;
        gap: 12px;
        min-height: 52px;
    }
    li p {
        align-self: center;
        padding: 4px 0;
        line-height: 1.25;
    }
    small {
        display: block;
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    h3 {
        margin: 16px 0 6px;
    }
    .small-field {
        margin-bottom: 8px;
    }
    textarea {
        height: auto;
        padding: 6px 8px;
    }
    .file {
        margin-top: 14px;
        font-size: var(--size-plain);
    }
    details {
        margin-top: 14px;
        font-size: var(--size-plain);
    }
    summary {
        padding: 4px 0;
        cursor: pointer;
    }
</style>
