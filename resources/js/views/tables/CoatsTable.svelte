<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, Select, SelectItem } from 'carbon-components-svelte';
    import { coatsQuery, shelfQuery, vocabularyQuery } from '../../api/queries';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted } from '../../parts/words';
    import CoatsAsk from './CoatsAsk.svelte';
    import CoatsRow from './CoatsRow.svelte';
    import { Question } from './question.svelte';

    const MOST = 6;

    const question = new Question('coats', { over: '#1c1b1a', thin: '2:1', paints: '' });
    const shelf = createQuery(shelfQuery);
    const words = createQuery(vocabularyQuery);
    const colours = $derived(shelf.data?.paints.filter((p) => p.look && p.behaviour !== 'varnish') ?? []);
    const first = $derived(colours.find((p) => p.family.startsWith('yellows')) ?? colours[0]);
    const ids = $derived((question.get('paints') || String(first?.id ?? '')).split(',').filter(Boolean));
    const over = $derived(question.get('over'));
    const thin = $derived(question.get('thin'));
    const table = createQuery(() => ({
        ...coatsQuery(ids.join(','), over, thin),
        placeholderData: (before) => before,
    }));
    const fields = $derived(Math.max(...(table.data?.rows.map((r) => r.after.length) ?? [0])) + 2);

    function put(all: string[]) {
        question.set('paints', all.join(','));
    }
</script>

<h1>Coats over a ground</h1>
<p class="soft">Each field is one coat more, dry. A coat hides when it is within 2.0 of the paint’s own colour.</p>
<CoatsAsk words={words.data} {over} {thin} onask={(name, value) => question.set(name, value)} />
{#if table.isError}
    <Waiting problem={table.error} />
{:else if shelf.data && !colours.length}
    <p>There is no paint with a colour on your shelf. <a href="#/shelf">Add some</a> first.</p>
{:else if table.data}
    {#each table.data.rows as row (row.paint_id)}
        <CoatsRow
            {row}
            {fields}
            over={table.data.over}
            ondrop={ids.length > 1 ? () => put(ids.filter((id) => id !== String(row.paint_id))) : null}
        />
    {/each}
    {#if ids.length < MOST}
        <div class="add">
            <Select
                labelText="Another paint beside it"
                selected=""
                on:update={(e) => e.detail && put([...ids, String(e.detail)])}
            >
                <SelectItem value="" text="choose from the shelf" />
                {#each colours.filter((p) => !ids.includes(String(p.id))) as paint (paint.id)}<SelectItem
                        value={String(paint.id)}
                        text={paint.name}
                    />{/each}
            </Select>
        </div>
    {:else}
        <p class="soft">
            {counted(MOST, 'paint')} at most side by side. <Button
                size="small"
                kind="ghost"
                onclick={() => put(ids.slice(0, 1))}>Start over</Button
            >
        </p>
    {/if}
{/if}

<style>
    .add {
        max-width: 320px;
        margin-top: 22px;
    }
</style>
