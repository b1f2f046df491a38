<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sentence } from '../../api/client';
    import { substitutesQuery } from '../../api/queries';
    import type { MixPart, Step } from '../../api/wire';
    import Faces from '../../parts/Faces.svelte';

    interface Props {
        area: number;
        step: Step;
        ontake: (mix: MixPart[]) => void;
    }
    let { area, step, ontake }: Props = $props();

    const version = $derived(`${step.mix_words} ${step.thin} ${step.before.plane} ${step.at_hand}`);
    const found = createQuery(() => substitutesQuery(area, step.key, version));
</script>

<h3>{found.data?.missing.length ? `Without ${found.data.missing.join(' and ')}` : 'Stands in for it'}</h3>
{#if found.isError}
    <p role="alert">{sentence(found.error)}</p>
{:else if found.data && !found.data.substitutes.length}
    <p>Nothing on the shelf does the same. <a href="#/buy">What to buy</a></p>
{:else if found.data}
    <p class="soft">As it would look in place: thinned like this, over the coats below.</p>
    {#each found.data.substitutes as other (other.mix_words)}
        <div class="offer">
            <Faces faces={other.after} label={other.mix_words} height="40px" />
            <p>
                {other.mix_words}<br /><span class="soft"
                    >{other.words} ({other.difference.toFixed(1)}, expect {other.expected.toFixed(1)})</span
                >
            </p>
            <button class="link-button" aria-label="Take {other.mix_words} instead" onclick={() => ontake(other.mix)}
                >use</button
            >
        </div>
    {/each}
    <p><a href="#/buy">or see what to buy</a></p>
{/if}

<style>
    h3 {
        margin: 16px 0 4px;
    }
    .offer {
        display: grid;
        grid-template-columns: 66px minmax(0, 1fr) auto;
        gap: 10px;
        align-items: center;
        padding: 6px 0;
        border-top: 1px solid var(--rule);
        font-size: var(--size-plain);
        line-height: 1.3;
    }
</style>
