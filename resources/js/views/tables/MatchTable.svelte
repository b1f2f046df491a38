<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { matchesQuery, shelfQuery, vocabularyQuery } from '../../api/queries';
    import ColourField from '../../parts/ColourField.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { capital, isHex } from '../../parts/words';
    import MatchFields from './MatchFields.svelte';
    import MatchOffers from './MatchOffers.svelte';
    import { Question } from './question.svelte';

    const question = new Question('match', {
        colour: '#8a5a2b',
        paints: '2',
        by: 'expected',
        kinds: 'opaque,semi-opaque',
        finish: '',
        least_ml: '',
        without: '',
    });
    const words = createQuery(vocabularyQuery);
    const shelf = createQuery(shelfQuery);
    const colour = $derived(question.get('colour'));
    const without = $derived(question.get('without').split(',').filter(Boolean));
    const found = createQuery(() => ({
        ...matchesQuery({ ...question.all, colour: isHex(colour) ? colour : '' }),
        placeholderData: (before) => before,
    }));
    const best = $derived(found.data?.matches.find((m) => m.current));
</script>

<h1>Match a colour</h1>
<p class="soft">From the paints in stock, in whole drops, six at most.</p>
<div class="ask">
    <ColourField
        label="Colour wanted"
        value={colour}
        height="150px"
        helper={found.data ? capital(found.data.words) : ''}
        onpick={(hex) => question.set('colour', hex)}
    />
    <div>
        <div class="swatch" style:background={best?.look ?? 'transparent'}></div>
        {#if best && found.data}
            <p><strong>Expect {best.expected.toFixed(1)} off</strong></p>
            <p class="soft">{found.data.why}</p>
        {/if}
    </div>
    <MatchFields {question} words={words.data} />
</div>
{#if without.length}
    <p class="out">
        Left out:
        {#each without as id (id)}
            <button
                class="link-button"
                onclick={() => question.set('without', without.filter((other) => other !== id).join(','))}
                >{shelf.data?.paints.find((p) => String(p.id) === id)?.name ?? id}, use it again</button
            >
        {/each}
    </p>
{/if}
{#if found.isError}
    <Waiting problem={found.error} />
{:else if found.data && !found.data.matches.length}
    <p>No paint in stock is of that kind. Allow more above, or <a href="#/shelf">add some to your shelf</a>.</p>
{:else if found.data}
    <MatchOffers
        matches={found.data.matches}
        paints={found.data.paints}
        by={question.get('by')}
        onby={(by) => question.set('by', by)}
        onwithout={(id) => question.set('without', [...without, id].join(','))}
    />
{/if}

<style>
    .ask {
        display: grid;
        grid-template-columns: 1fr 1fr minmax(220px, 300px);
        margin: 16px 0 20px;
    }
    .swatch {
        height: 150px;
        margin-bottom: 10px;
    }
    .ask > div:nth-child(2) p {
        padding-left: 16px;
    }
    .out {
        margin-bottom: 12px;
    }
    @media (max-width: 720px) {
        .ask {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
