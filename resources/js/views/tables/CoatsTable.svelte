<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, Select, SelectItem } from 'carbon-components-svelte';
    import { coatsQuery, shelfQuery, vocabularyQuery } from '../../api/queries';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted } from '../../parts/words';
    import CoatsRow from './CoatsRow.svelte';
    import { Question } from './question.svelte';

    const MOST = 6;

    const question = new Question('coats', { over: '#1c1b1a', thin: '2:1', paints: '' });
    const shelf = createQuery(shelfQuery);
    const words = createQuery(vocabularyQuery);
    const scale = $derived(words.data?.thinnings.scale ?? []);
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
    const place = $derived(Math.max(0, scale.indexOf(thin)));

    function put(all: string[]) {
        question.set('paints', all.join(','));
    }
</script>

<h1>Coats over a ground</h1>
<p class="soft">Each field is one coat more, dry. A coat hides when it is within 2.0 of the paint’s own colour.</p>
<div class="ask">
    <fieldset>
        <legend>Ground</legend>
        {#each words.data?.grounds ?? [] as ground (ground.id)}
            <button aria-pressed={over === ground.id} onclick={() => question.set('over', ground.id)}
                ><i style:background={ground.id}></i>{ground.words}</button
            >
        {/each}
        <label class="any"
            ><i style:background={over}></i>any other<input
                type="color"
                value={over}
                oninput={(e) => question.set('over', e.currentTarget.value)}
            /></label
        >
    </fieldset>
    <label>
        <span>Thinned, paint to thinner: <b>{thin === '1:0' ? 'undiluted' : thin}</b></span>
        <input
            type="range"
            min="0"
            max={scale.length - 1}
            value={place}
            aria-valuetext={thin === '1:0' ? 'undiluted' : thin}
            oninput={(e) => question.set('thin', scale[Number(e.currentTarget.value)] ?? '1:0')}
        />
    </label>
</div>
{#if table.isError}
    <Waiting problem={table.error} />
{:else if shelf.data && !colours.length}
    <p>No paint with a colour stands on the shelf. <a href="#/shelf">Bring some</a> first.</p>
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
            {counted(MOST, 'paint')} at most stand side by side. <Button
                size="small"
                kind="ghost"
                onclick={() => put(ids.slice(0, 1))}>Start over</Button
            >
        </p>
    {/if}
{/if}

<style>
    .ask {
        display: flex;
        flex-wrap: wrap;
        gap: 20px 48px;
        align-items: end;
        margin: 18px 0;
    }
    fieldset {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        margin: 0;
        padding: 0;
        border: 0;
    }
    legend,
    label span {
        margin-bottom: 6px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    fieldset button,
    .any {
        position: relative;
        display: flex;
        gap: 8px;
        align-items: center;
        min-height: 40px;
        padding: 0 12px 0 6px;
        border: 1px solid var(--rule);
        background: none;
        color: var(--ink);
        font: inherit;
        cursor: pointer;
    }
    [aria-pressed='true'] {
        border: 2px solid var(--ink);
    }
    i {
        width: 30px;
        height: 28px;
    }
    .any input {
        position: absolute;
        inset: 0;
        width: 100%;
        height: 100%;
        opacity: 0;
        cursor: pointer;
    }
    .any:focus-within {
        outline: 2px solid var(--ink);
    }
    label > span {
        display: block;
    }
    input[type='range'] {
        width: 260px;
    }
    .add {
        max-width: 320px;
        margin-top: 22px;
    }
</style>
