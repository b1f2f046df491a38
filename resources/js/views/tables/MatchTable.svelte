<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import { matchesQuery } from '../../api/queries';
    import type { Alternative } from '../../api/wire';
    import Drops from '../../parts/Drops.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { capital, counted } from '../../parts/words';
    import { Question } from './question.svelte';

    const question = new Question('match', { colour: '#8a5a2b', paints: '2' });
    const colour = $derived(question.get('colour'));
    const paints = $derived(Number(question.get('paints')));
    const valid = $derived(/^#[0-9a-f]{6}$/i.test(colour));
    const found = createQuery(() => ({
        ...matchesQuery(valid ? colour : '', paints),
        placeholderData: (before) => before,
    }));
    const best = $derived(found.data?.matches[0]);

    function told(offer: Alternative): string {
        return `${offer.difference.toFixed(1)} apart${offer.as_good ? ' · as good as the best' : ''}`;
    }
</script>

<h1>Match a colour</h1>
<p class="soft">From the opaque and semi-opaque paints at hand, in whole drops, six at most.</p>
<div class="ask">
    <div>
        <label class="swatch" style:background={valid ? colour : 'transparent'}>
            <span class="visually-hidden">Pick the colour</span>
            <input
                type="color"
                value={valid ? colour : '#808080'}
                oninput={(e) => question.set('colour', e.currentTarget.value)}
            />
        </label>
        <p class="soft">wanted</p>
    </div>
    <div>
        <div class="swatch" style:background={best?.look ?? 'transparent'}></div>
        <p class="soft">{best ? `nearest, ${best.difference.toFixed(1)} apart` : ''}</p>
    </div>
    <div class="fields">
        <TextInput
            labelText="Colour wanted"
            value={colour}
            on:input={(e) => question.set('colour', String(e.detail ?? ''))}
            invalid={!valid}
            invalidText="Write # and six hexadecimal digits, as in #8a5a2b."
            helperText={found.data ? capital(found.data.words) : 'click the left field to pick one'}
        />
        <Select
            labelText="Paints in the mix, at most"
            selected={String(paints)}
            on:update={(e) => question.set('paints', String(e.detail))}
        >
            <SelectItem value="1" text="one" /><SelectItem value="2" text="two" /><SelectItem value="3" text="three" />
        </Select>
    </div>
</div>
{#if found.isError}
    <Waiting problem={found.error} />
{:else if found.data && !found.data.matches.length}
    <p>No covering paint is at hand. <a href="#/shelf">Bring some to the shelf</a> first.</p>
{:else if found.data}
    <h2>What comes nearest of {counted(found.data.paints, 'paint')}</h2>
    <ol>
        {#each found.data.matches as offer (offer.mix_words)}
            <li>
                <i style:background={offer.look}></i>
                <div>
                    <b>{offer.mix_words}</b>
                    <span class="soft">{told(offer)}, to ±{offer.certainty.toFixed(1)}</span>
                </div>
                <Drops mix={offer.mix} size={24} />
            </li>
        {/each}
    </ol>
{/if}

<style>
    .ask {
        display: grid;
        grid-template-columns: 1fr 1fr minmax(260px, 1fr);
        margin: 16px 0 20px;
    }
    .swatch {
        display: block;
        position: relative;
        min-height: 150px;
        cursor: pointer;
    }
    .swatch input {
        position: absolute;
        inset: 0;
        width: 100%;
        height: 100%;
        opacity: 0;
        cursor: pointer;
    }
    .swatch:focus-within {
        outline: 2px solid var(--ink);
        outline-offset: 3px;
    }
    .fields {
        display: grid;
        gap: 12px;
        align-content: start;
        padding-left: 28px;
    }
    ol {
        max-width: 860px;
        margin: 10px 0 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 84px 1fr auto;
        gap: 18px;
        align-items: center;
        padding: 7px 0;
        border-top: 1px solid var(--rule);
    }
    i {
        height: 46px;
    }
    b {
        display: block;
        font-weight: 600;
    }
    @media (max-width: 720px) {
        .ask {
            grid-template-columns: 1fr 1fr;
        }
        .fields {
            grid-column: 1 / -1;
            padding: 12px 0 0;
        }
        li {
            grid-template-columns: 56px 1fr;
        }
        li > :global(.drops) {
            grid-column: 2;
        }
    }
</style>
