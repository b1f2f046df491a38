<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { bookRecipeQuery } from '../../api/queries';
    import { useWrite } from '../../api/write.svelte';
    import type { Book, BookEntry, RecipeMoved } from '../../api/wire';
    import BookApplied from './BookApplied.svelte';
    import BookLabels from './BookLabels.svelte';
    import Refused from '../../parts/Refused.svelte';
    import { capital, material as materialWords } from '../../parts/words';

    interface Props {
        entry: BookEntry;
        areas: Book['areas'];
    }
    let { entry, areas }: Props = $props();

    const write = useWrite();
    const recipe = createQuery(() => bookRecipeQuery(entry.id));
    const steps = $derived([...(recipe.data?.steps ?? [])].reverse());
    let area = $state('');
    let applied: RecipeMoved | null = $state(null);

    async function apply() {
        const answer = await write.send<RecipeMoved>('recipe', 'POST', `areas/${area}/recipe/book`, {
            book_id: entry.id,
            version: areas.find((a) => String(a.id) === area)?.version ?? 0,
        });
        applied = answer ?? null;
    }
    /** raised when the labels are to be filled again */
    let filled = $state(0);
    async function save(labels: object) {
        if ((await write.send('book', 'PUT', `book/${entry.id}`, labels)) !== undefined) filled += 1;
    }
    const remove = () => write.send('book', 'DELETE', `book/${entry.id}`, { version: entry.version });
</script>

<p class="soft">{capital(entry.relief)} · {materialWords(entry.material)} · {entry.way}</p>
<h2>{entry.name}</h2>
<div class="colour" style:background={entry.hex}></div>
<p class="soft">for {entry.colour_words}</p>
{#if entry.notes}<p class="notes">{entry.notes}</p>{/if}
<ol>
    {#each steps as step (step.key)}
        <li>
            <i style:background={step.hex ?? 'transparent'}></i>
            <p>
                <small>{capital(step.technique)}</small>
                {step.words}
                <small>{[step.how, step.at_hand ? '' : 'not in stock'].filter(Boolean).join(' · ')}</small>
            </p>
        </li>
    {/each}
</ol>
<h3>Use on a figure</h3>
<select class="small-field" aria-label="Area to use it on" bind:value={area}>
    <option value="">choose an area</option>
    {#each areas as each (each.id)}<option value={String(each.id)}>{each.name} of {each.company}</option>{/each}
</select>
<Button size="field" disabled={area === ''} onclick={apply}>Use on this area</Button>
<Refused {write} onwritten={() => (filled += 1)} onyielded={() => (filled += 1)} />
{#if applied}<BookApplied {applied} />{/if}
<p class="file"><a href="/api/book/{entry.id}/file" download>The recipe as JSON</a>, for another workshop</p>
{#key filled}<BookLabels {entry} onsave={save} onremove={remove} />{/key}

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
    .file {
        margin-top: 14px;
        font-size: var(--size-plain);
    }
</style>
