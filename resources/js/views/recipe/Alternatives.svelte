<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sentence } from '../../api/client';
    import { alternativesQuery } from '../../api/queries';
    import type { Alternative, MixPart, Step } from '../../api/wire';
    import { counted } from '../../parts/words';
    import Offer from './Offer.svelte';

    interface Props {
        area: number;
        step: Step;
        ontake: (mix: MixPart[]) => void;
    }
    let { area, step, ontake }: Props = $props();

    const version = $derived(
        `${step.place} ` +
            `${step.mix.map((p) => `${p.paint_id}*${p.parts}`).join('+')} ${step.thin} ${step.coats} ${step.before.plane}`,
    );
    const others = createQuery(() => ({
        ...alternativesQuery(area, step.key, version),
        placeholderData: (before) => before,
    }));
    /** so many of each kind are shown at first */
    const FEW = 3;
    let all = $state(false);
    const shade = $derived(others.data?.kind === 'shade');
    const groups = $derived.by(() => {
        const singles = {
            title: shade ? 'Or shade with' : 'Nearest single paints',
            offers: others.data?.singles ?? [],
        };
        const pairs = { title: 'Best mixes of two', offers: others.data?.pairs ?? [] };
        return (step.mix.length > 1 ? [pairs, singles] : [singles, pairs]).filter((g) => g.offers.length);
    });

    function told(offer: Alternative): string {
        const more =
            offer.coats_more === 0
                ? ''
                : ` · ${counted(Math.abs(offer.coats_more), 'coat')} ${offer.coats_more > 0 ? 'more' : 'fewer'}`;
        return `expect ${offer.expected.toFixed(1)} off${offer.as_good ? ', just as good' : ''} · ${offer.difference.toFixed(1)} on paper${more}`;
    }
</script>

{#if others.isError}
    <p role="alert">{sentence(others.error)}</p>
{:else if others.data}
    {#each groups as group (group.title)}
        <h3>{group.title}</h3>
        {#each all ? group.offers : group.offers.slice(0, FEW) as offer (offer.mix_words)}
            <Offer
                hex={offer.look}
                name={offer.mix_words}
                told={told(offer)}
                current={offer.current}
                ontake={() => ontake(offer.mix)}
            />
        {/each}
    {/each}
    {#if groups.some((g) => g.offers.length > FEW)}
        <p>
            <button class="link-button" onclick={() => (all = !all)}>{all ? 'Fewer of them' : 'More of them'}</button>
        </p>
    {/if}
    {#if others.data.grounds.length}
        <h3>Grounds on your shelf</h3>
        <p class="soft">One company, one undercoat: another one here changes it for every area.</p>
        {#each others.data.grounds as ground (ground.name)}
            <Offer
                hex={ground.hex}
                name={ground.name}
                told={`${ground.minutes} min a figure with all base coats${ground.worst.more > 0 ? `, ${ground.worst.more} more on ${ground.worst.area.toLowerCase()}` : ''}`}
                current={ground.current}
                ontake={ground.paint_id === null
                    ? null
                    : () => ontake([{ paint_id: ground.paint_id, name: ground.name, parts: 1, hex: ground.hex }])}
            />
        {/each}
    {/if}
{/if}

<style>
    h3 {
        margin: 14px 0 6px;
    }
    p {
        margin-top: 10px;
    }
</style>
