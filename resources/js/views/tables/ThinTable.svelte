<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import { shelfQuery, thinQuery } from '../../api/queries';
    import CameOut from '../../parts/CameOut.svelte';
    import Drops from '../../parts/Drops.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted, isHex } from '../../parts/words';
    import { Question } from './question.svelte';
    import ThinLooks from './ThinLooks.svelte';
    import MixRows from '../../parts/MixRows.svelte';

    const question = new Question('thin', {
        mix: '',
        thin: '2:1',
        first: 'paint',
        figures: '12',
        cm2: '4',
        coats: '2',
        over: '#7a7a7a',
    });
    const shelf = createQuery(shelfQuery);
    const colours = $derived(shelf.data?.paints.filter((p) => p.look) ?? []);
    const start = $derived(
        colours
            .filter((p) => p.behaviour === 'opaque' && p.at_hand && /browns|blues/.test(p.family))
            .slice(0, 2)
            .map((p, i) => `${p.id}*${i ? 1 : 2}`)
            .join('+'),
    );
    const mix = $derived(question.get('mix') || start || (colours[0] ? `${colours[0].id}*1` : ''));
    const asked = $derived({ ...question.all, mix, over: isHex(question.get('over')) ? question.get('over') : '' });
    const table = createQuery(() => ({ ...thinQuery(asked), placeholderData: (before) => before }));
    const pot = $derived(table.data);
    const needed = $derived(
        pot?.amount?.drops.map((d) => `${counted(d.drops, 'drop')} ${d.paint}`).join(', ') ?? pot?.mix_words ?? '',
    );
    const set = (name: string) => (e: CustomEvent<unknown>) => question.set(name, String(e.detail ?? ''));
</script>

<h1>Mix and thin</h1>
<p class="soft">What a pot becomes, and how many drops it takes.</p>
{#if shelf.data && !colours.length}
    <p>There is no paint with a colour on your shelf. <a href="#/shelf">Add some</a> first.</p>
{:else}
    <div class="ask">
        <MixRows paints={colours} {mix} onchange={(all) => question.set('mix', all)} />
        <div class="fields">
            <TextInput
                size="sm"
                labelText="Thinned"
                value={question.get('thin')}
                on:input={set('thin')}
                helperText="2:1, 30 % water, 3 drops paint and 1 drop medium; ? for an amount you do not know"
            />
            <Select
                size="sm"
                labelText="A bare ratio names first"
                selected={question.get('first')}
                on:update={set('first')}
            >
                <SelectItem value="paint" text="the paint" /><SelectItem value="thinner" text="the thinner" />
            </Select>
            <div class="three">
                <TextInput size="sm" labelText="Figures" value={question.get('figures')} on:input={set('figures')} />
                <TextInput size="sm" labelText="cm² on each" value={question.get('cm2')} on:input={set('cm2')} />
                <TextInput size="sm" labelText="Coats" value={question.get('coats')} on:input={set('coats')} />
            </div>
        </div>
    </div>
    {#if table.isError}<Waiting problem={table.error} />{/if}
    {#if pot && !table.isError}
        <section class="answer" aria-live="polite">
            <Drops mix={pot.mix} size={40} />
            <div>
                <p class="big">
                    {needed}{pot.amount?.thinner_drops
                        ? ` and ${pot.amount.thinner_drops} of ${pot.thin.with ?? 'thinner'}`
                        : ''}
                </p>
                {#if pot.amount}
                    <p class="soft">
                        {pot.thin.words === 'undiluted'
                            ? 'undiluted'
                            : `thinned ${pot.thin.words}, that is ${pot.thin.paint_percent} % paint`} · {pot.amount.ml} ml
                        in all, of which {pot.amount.applied_ml} ml go on the figures · enough for {counted(
                            pot.amount.figures,
                            'figure',
                        )} · a drop is {pot.amount.drop_ml} ml
                    </p>
                {:else}
                    <p class="soft">{pot.thin.words}: an amount is unknown, so nothing is worked out.</p>
                {/if}
            </div>
        </section>
        {#key pot.mix_words}<CameOut mix={pot.mix} predicted={pot.dry} place="Mix and thin" />{/key}
        <ThinLooks {pot} over={question.get('over')} onover={(hex) => question.set('over', hex)} />
    {/if}
{/if}

<style>
    .ask {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
        gap: 20px 36px;
        margin: 16px 0 20px;
    }
    .fields {
        display: grid;
        gap: 12px;
        align-content: start;
    }
    .three {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 1fr));
        gap: 12px;
    }
    .answer {
        display: flex;
        flex-wrap: wrap;
        gap: 12px 28px;
        align-items: center;
        padding: 16px 0;
        border-top: 1px solid var(--rule);
        border-bottom: 1px solid var(--rule);
    }
    .answer div:last-child {
        flex: 1;
        min-width: 260px;
    }
    .big {
        font-family: var(--display);
        font-size: var(--size-title);
        line-height: 1.2;
    }
    @media (max-width: 720px) {
        .ask {
            grid-template-columns: 1fr;
        }
    }
</style>
