<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Checkbox, Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import { matchesQuery, shelfQuery, vocabularyQuery } from '../../api/queries';
    import ColourField from '../../parts/ColourField.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { capital, counted, isHex } from '../../parts/words';
    import MatchOffers from './MatchOffers.svelte';
    import { Question } from './question.svelte';

    const question = new Question('match', {
        colour: '#8a5a2b',
        paints: '2',
        kinds: 'opaque,semi-opaque',
        finish: '',
        least_ml: '',
        without: '',
    });
    const words = createQuery(vocabularyQuery);
    const shelf = createQuery(shelfQuery);
    const colour = $derived(question.get('colour'));
    const kinds = $derived(question.get('kinds').split(',').filter(Boolean));
    const without = $derived(question.get('without').split(',').filter(Boolean));
    const found = createQuery(() => ({
        ...matchesQuery({ ...question.all, colour: isHex(colour) ? colour : '' }),
        placeholderData: (before) => before,
    }));
    const best = $derived(found.data?.matches[0]);
    const nearest = $derived(found.data?.matches.find((m) => m.current));

    function toggle(kind: string, taken: boolean) {
        const all = (words.data?.matched ?? []).filter((k) => (k === kind ? taken : kinds.includes(k)));
        if (all.length) question.set('kinds', all.join(','));
    }
</script>

<h1>Match a colour</h1>
<p class="soft">From the paints at hand, in whole drops, six at most.</p>
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
        {#if best && nearest}
            <p><strong>{best.difference.toFixed(1)} apart</strong>, predicted to ±{best.certainty.toFixed(1)}</p>
            <p class="soft">
                {best.mix_words}{best === nearest
                    ? ', the nearest of all'
                    : `; the nearest of all, ${nearest.difference.toFixed(1)}, could not be told from it`}
            </p>
        {/if}
    </div>
    <div class="fields">
        <Select
            size="sm"
            labelText="Paints in the mix, at most"
            selected={question.get('paints')}
            on:update={(e) => question.set('paints', String(e.detail))}
        >
            <SelectItem value="1" text="one" /><SelectItem value="2" text="two" /><SelectItem value="3" text="three" />
        </Select>
        <fieldset>
            <legend>Only what is</legend>
            {#each words.data?.matched ?? [] as kind (kind)}
                <Checkbox labelText={kind} checked={kinds.includes(kind)} on:check={(e) => toggle(kind, e.detail)} />
            {/each}
        </fieldset>
        <div class="two">
            <Select
                size="sm"
                labelText="Finish"
                selected={question.get('finish')}
                on:update={(e) => question.set('finish', String(e.detail ?? ''))}
            >
                <SelectItem value="" text="any" /><SelectItem value="matt" text="matt" />
                <SelectItem value="satin" text="satin" /><SelectItem value="gloss" text="gloss" />
            </Select>
            <TextInput
                size="sm"
                labelText="Left, ml at least"
                placeholder="any"
                value={question.get('least_ml')}
                on:input={(e) => question.set('least_ml', String(e.detail ?? '').trim())}
            />
        </div>
    </div>
</div>
{#if without.length}
    <p class="out">
        Left out:
        {#each without as id (id)}
            <button
                class="link-button"
                onclick={() => question.set('without', without.filter((other) => other !== id).join(','))}
                >{shelf.data?.paints.find((p) => String(p.id) === id)?.name ?? id}, take it again</button
            >
        {/each}
    </p>
{/if}
{#if found.isError}
    <Waiting problem={found.error} />
{:else if found.data && !found.data.matches.length}
    <p>No paint at hand is of that kind. Allow more above, or <a href="#/shelf">bring some to the shelf</a>.</p>
{:else if found.data}
    <MatchOffers
        matches={found.data.matches}
        paints={found.data.paints}
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
    .fields {
        display: grid;
        gap: 10px;
        align-content: start;
        padding-left: 28px;
    }
    fieldset {
        margin: 0;
        padding: 0;
        border: 0;
    }
    legend {
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    .two {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 12px;
    }
    .out {
        margin-bottom: 12px;
    }
    @media (max-width: 720px) {
        .ask {
            grid-template-columns: 1fr 1fr;
        }
        .fields {
            grid-column: 1 / -1;
            padding: 12px 0 0;
        }
    }
</style>
