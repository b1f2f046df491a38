<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Select, SelectItem } from 'carbon-components-svelte';
    import { glazeQuery, shelfQuery, vocabularyQuery } from '../../api/queries';
    import ColourField from '../../parts/ColourField.svelte';
    import PaintSelect from '../../parts/PaintSelect.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted, isHex } from '../../parts/words';
    import { Question } from './question.svelte';

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
{#if table.isError}
    <Waiting problem={table.error} />
{:else if table.data && !table.data.paints}
    <p>No paint to glaze with is at hand. <a href="#/shelf">Bring some to the shelf</a> first.</p>
{:else if table.data && !table.data.glazes.length}
    <p>
        They lie {table.data.before.toFixed(1)} apart, and no glaze of {question.get('paint')
            ? 'this paint'
            : counted(table.data.paints, 'paint')} brings the first nearer to the second: a glaze darkens and tints, it rarely
        lightens.
    </p>
{:else if table.data}
    <h2>{table.data.before.toFixed(1)} apart to begin with</h2>
    {#each table.data.glazes as glaze (glaze.paint_id)}
        <section>
            <p class="head">
                <strong>{glaze.name}, {counted(glaze.layers, 'layer')} at {glaze.thin}</strong><span class="soft"
                    >ends {glaze.difference.toFixed(1)} off, to ±{glaze.certainty.toFixed(1)}</span
                >
            </p>
            <div
                class="strip"
                style:--fields={most + 2}
                role="img"
                aria-label="{glaze.name} layer by layer: {glaze.after.join(', ')}"
            >
                <i style:background={table.data.from}></i>{#each glaze.after as hex, n (n)}<i style:background={hex}
                    ></i>{/each}<i class="to" style:background={table.data.to}></i>
            </div>
            <div class="strip numbers" style:--fields={most + 2} aria-hidden="true">
                <span>from</span>{#each glaze.after as hex, n (n)}<span title={hex}>{n + 1}</span>{/each}<span
                    >wanted</span
                >
            </div>
            <p class="soft why">{glaze.reason}</p>
        </section>
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
    section {
        max-width: 940px;
        margin-top: 16px;
    }
    .head {
        display: flex;
        flex-wrap: wrap;
        gap: 2px 16px;
        align-items: baseline;
        margin-bottom: 5px;
    }
    .strip {
        display: grid;
        grid-template-columns: repeat(var(--fields), minmax(0, 1fr));
    }
    .strip i {
        height: 62px;
    }
    .strip .to {
        margin-left: 8px;
    }
    .numbers span {
        font-size: var(--size-fine);
        text-align: center;
        color: var(--ink-soft);
    }
    .why {
        margin-top: 4px;
        font-size: var(--size-small);
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
