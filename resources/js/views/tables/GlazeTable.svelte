<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Select, SelectItem } from 'carbon-components-svelte';
    import { useWrite } from '../../api/write.svelte';
    import { glazeQuery, shelfQuery, vocabularyQuery } from '../../api/queries';
    import ColourField from '../../parts/ColourField.svelte';
    import PaintSelect from '../../parts/PaintSelect.svelte';
    import Refused from '../../parts/Refused.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted, isHex } from '../../parts/words';
    import { Question } from './question.svelte';
    import GlazeOffer from './GlazeOffer.svelte';

    const question = new Question('glaze', { from: '#d9cca6', to: '#c7a27c', paint: '', thin: '' });
    const shelf = createQuery(shelfQuery);
    const words = createQuery(vocabularyQuery);
    const paints = $derived(
        shelf.data?.paints.filter((p) => p.look && words.data?.glazed_with.includes(p.behaviour)) ?? [],
    );
    const from = $derived(question.get('from'));
    const to = $derived(question.get('to'));
    const asked = $derived(isHex(from) && isHex(to) ? question.all : { ...question.all, from: '', to: '' });
    const table = createQuery(() => ({ ...glazeQuery(asked), placeholderData: (before) => before }));
    const write = useWrite();

    async function use(area: number, paint: number, thin: string, coats: number) {
        const step = { kind: 'add', technique: 'glaze', mix: [{ paint_id: paint, parts: 1 }], thin, coats, colour: to };
        if (await write.send('recipe', 'POST', `areas/${area}/recipe/edits`, step)) location.hash = `#/recipe/${area}`;
    }
    const most = $derived(Math.max(1, ...(table.data?.glazes.map((g) => g.layers) ?? [])));
</script>

<h1>Glaze one colour toward another</h1>
<p class="soft">
    Each field is one thin layer more, dry. A layer that changes the colour by less than {table.data?.smooth_step.toFixed(
        1,
    ) ?? '…'} leaves no edge.
</p>
<div class="ask">
    <ColourField label="From" value={from} onpick={(hex) => question.set('from', hex)} />
    <ColourField label="To" value={to} onpick={(hex) => question.set('to', hex)} />
    <div class="fields">
        <PaintSelect
            label="Glaze with"
            {paints}
            value={question.get('paint')}
            none="whatever comes nearest"
            onchoose={(id) => question.set('paint', id)}
        />
        <Select
            labelText="Thinned, paint to thinner"
            selected={question.get('thin')}
            on:update={(e) => question.set('thin', String(e.detail ?? ''))}
        >
            <SelectItem value="" text="as thin as suits" />
            {#each words.data?.thinnings.glaze ?? [] as thin (thin)}<SelectItem value={thin} text={thin} />{/each}
        </Select>
    </div>
</div>
<Refused {write} />
{#if table.isError}
    <Waiting problem={table.error} />
{:else if table.data && !table.data.paints}
    <p>You have no paint to glaze with. <a href="#/shelf">Add some to your shelf</a> first.</p>
{:else if table.data && !table.data.glazes.length}
    <p>
        The two are {table.data.before.toFixed(1)} from each other, and no glaze of {question.get('paint')
            ? 'this paint'
            : counted(table.data.paints, 'paint')} brings the first nearer to the second: a glaze darkens and tints, it rarely
        lightens.
    </p>
{:else if table.data}
    <h2>{table.data.before.toFixed(1)} off to begin with</h2>
    {#each table.data.glazes as glaze (glaze.paint_id)}
        <GlazeOffer
            table={table.data}
            {glaze}
            {most}
            busy={write.pending}
            ontake={(area) => use(area, glaze.paint_id, glaze.thin, glaze.layers)}
        />
    {/each}
{/if}

<style>
    .ask {
        display: grid;
        grid-template-columns: 1fr 1fr minmax(220px, 1fr);
        gap: 20px 28px;
        margin: 16px 0 20px;
    }
    .fields {
        display: grid;
        gap: 14px;
        align-content: start;
    }
    @media (max-width: 720px) {
        .ask {
            grid-template-columns: 1fr 1fr;
        }
        .fields {
            grid-column: 1 / -1;
        }
    }
</style>
