<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { sentence } from '../../api/client';
    import { proposalsQuery } from '../../api/queries';
    import type { Figure, Proposal, Scheme } from '../../api/wire';
    import FigureDrawing from '../../parts/FigureDrawing.svelte';
    import type { Tones } from '../../parts/drawing';
    import { isHex } from '../../parts/words';
    import ProposeFrom from './ProposeFrom.svelte';
    import { parts, type SchemeDesk } from './scheme.svelte';

    interface Props {
        figure: Figure;
        scheme: Scheme;
        desk: SchemeDesk;
    }
    let { figure, scheme, desk }: Props = $props();

    const kept = $derived(scheme.areas.filter((a) => a.fixed));
    let harmony = $state('');
    // svelte-ignore state_referenced_locally
    let from: 'kept' | 'colour' | 'surprise' = $state(scheme.areas.some((a) => a.fixed) ? 'kept' : 'surprise');
    let colour = $state('#3d6a5a');
    let surprise = $state(0);
    const version = $derived(scheme.areas.map((a) => (a.fixed ? a.hex : '')).join());
    const proposals = createQuery(() => ({
        ...proposalsQuery(
            figure.id,
            {
                metres: String(desk.metres ?? ''),
                harmony: from === 'surprise' ? '' : harmony,
                from: from === 'colour' && isHex(colour) ? colour : '',
                surprise: from === 'surprise' ? String(surprise) : '',
            },
            version,
        ),
        enabled: from !== 'colour' || isHex(colour),
        placeholderData: (before) => before,
    }));

    function tones(proposal: Proposal): Tones {
        const all: Tones = new Map(kept.map((a) => [a.id, a.tones]));
        for (const choice of proposal.choices) all.set(choice.area, choice.tones);
        return all;
    }

    async function take(proposal: Proposal) {
        const done = await desk.choose(
            proposal.choices.map((c) => ({ area: c.area, colour: null, mix: parts(c.mix), fixed: false })),
        );
        if (done) desk.doing = 'judging';
    }
</script>

<ProposeFrom kept={kept.map((a) => a.name.toLowerCase())} bind:from bind:colour bind:surprise bind:harmony />
{#if proposals.error}
    <p role="alert">{sentence(proposals.error)}</p>
{:else if proposals.data}
    <ol>
        {#each proposals.data.proposals as proposal, i (i)}
            <li>
                <div class="plate"><FigureDrawing {figure} tones={tones(proposal)} label={proposal.words} /></div>
                <h3>{proposal.words}</h3>
                {#if proposal.lead}<p class="lead">from {proposal.lead}</p>{/if}
                <p class="soft">{proposal.reason}</p>
                <div class="strip" role="img" aria-label="The proposed colours">
                    {#each proposal.choices as choice (choice.area)}
                        <i
                            style:background={choice.hex}
                            title="{scheme.areas.find((a) => a.id === choice.area)?.name}: {choice.mix_words}"
                        ></i>
                    {/each}
                </div>
                <Button size="small" disabled={desk.busy} onclick={() => take(proposal)}
                    >Use this scheme<span class="visually-hidden">{` ${i + 1}: ${proposal.words}`}</span></Button
                >
            </li>
        {/each}
    </ol>
{:else}<p class="soft">One moment …</p>{/if}

<style>
    ol {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
        gap: 16px;
        margin: 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: flex;
        flex-direction: column;
        gap: 8px;
        padding: 12px;
        background: var(--rail);
    }
    .plate {
        padding: 8px;
        background: var(--surround-deep);
        height: 230px;
    }
    .lead {
        font-size: var(--size-plain);
    }
    .soft {
        font-size: var(--size-small);
    }
    li .soft {
        flex: 1;
        color: var(--ink);
    }
    .strip {
        display: flex;
        height: 28px;
    }
    .strip i {
        flex: 1;
    }
    li :global(.bx--btn) {
        align-self: flex-start;
    }
</style>
