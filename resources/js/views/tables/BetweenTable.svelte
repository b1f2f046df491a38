<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { ladderQuery, shelfQuery, vocabularyQuery } from '../../api/queries';
    import PaintSelect from '../../parts/PaintSelect.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import BetweenSteps from './BetweenSteps.svelte';
    import { Question } from './question.svelte';

    const question = new Question('between', { from: '', to: '', count: '5', drops: '12' });
    const shelf = createQuery(shelfQuery);
    const words = createQuery(vocabularyQuery);
    const paints = $derived(
        shelf.data?.paints.filter((p) => p.look && words.data?.covering.includes(p.behaviour)) ?? [],
    );
    const table = createQuery(() => ({ ...ladderQuery(question.all), placeholderData: (before) => before }));
    const from = $derived(question.get('from') || String(table.data?.from ?? ''));
    const to = $derived(question.get('to') || String(table.data?.to ?? ''));
</script>

<h1>Between two</h1>
<p class="soft">
    Steps from one paint to another, in whole drops, chosen so that neighbours differ as evenly as they can. Equal drops
    would not: a strong paint soon takes over.
</p>
<div class="ask">
    <PaintSelect label="From" {paints} value={from} onchoose={(id) => id && question.put({ from: id, to })} />
    <PaintSelect label="To" {paints} value={to} onchoose={(id) => id && question.put({ from, to: id })} />
    <label>
        <span>Steps: <b>{question.get('count')}</b></span>
        <input
            type="range"
            min="3"
            max="9"
            value={question.get('count')}
            oninput={(e) => question.set('count', e.currentTarget.value)}
        />
    </label>
    <label>
        <span>Drops in a mix, at most: <b>{question.get('drops')}</b></span>
        <input
            type="range"
            min="4"
            max="16"
            value={question.get('drops')}
            oninput={(e) => question.set('drops', e.currentTarget.value)}
        />
    </label>
</div>
{#if shelf.data && words.data && paints.length < 2}
    <p>Two covering paints are needed. <a href="#/shelf">Add them to your shelf</a> first.</p>
{:else if table.isError}
    <Waiting problem={table.error} />
{:else if table.data?.steps.length}
    <BetweenSteps ladder={table.data} />
{/if}

<style>
    .ask {
        display: grid;
        grid-template-columns: repeat(4, minmax(0, 1fr));
        gap: 16px 24px;
        align-items: start;
        margin: 18px 0 22px;
    }
    label span {
        display: block;
        margin-bottom: 12px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    input {
        width: 100%;
    }
    @media (max-width: 720px) {
        .ask {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
