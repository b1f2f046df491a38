<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sentence } from '../../api/client';
    import { joinsQuery } from '../../api/queries';
    import type { Step } from '../../api/wire';
    import { counted } from '../../parts/words';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        step: Step;
        page: RecipeState;
    }
    let { step, page }: Props = $props();

    let open = $state(false);
    let chosen = $state('');
    const area = $derived(page.recipe?.area.id ?? 0);
    const version = $derived((page.recipe?.steps ?? []).map((s) => `${s.key} ${s.mix_words}`).join());
    const found = createQuery(() => ({ ...joinsQuery(area, step.key, version), enabled: open && area > 0 }));
    const joins = $derived(found.data?.joins ?? []);
    const join = $derived(joins.find((j) => j.key === chosen) ?? joins[0]);
</script>

<details class="small-more" bind:open>
    <summary>Glaze it into another tone</summary>
    {#if found.isError}
        <p role="alert">{sentence(found.error)}</p>
    {:else if found.data && !join}
        <p>There is no other tone here that covers and differs: lay one first.</p>
    {:else if join}
        <label class="small-label"
            >the other tone
            <select
                class="small-field"
                aria-label="The other tone"
                value={join.key}
                onchange={(e) => (chosen = e.currentTarget.value)}
            >
                {#each joins as each (each.key)}<option value={each.key}
                        >{each.words}, differs by {each.apart.toFixed(1)}</option
                    >{/each}
            </select></label
        >
        {#each join.ways as way (way.by)}
            <div class="way">
                <div class="strip" role="img" aria-label="Tones side by side: {way.strip.join(', ')}">
                    {#each way.strip as hex, n (n)}<i style:background={hex}></i>{/each}
                </div>
                <p><strong>{counted(way.layers, 'layer')}</strong>: {way.words}</p>
                <p class="soft">{way.reason}</p>
                <button
                    class="small-action quiet"
                    disabled={page.busy}
                    aria-label="Add {way.words}"
                    onclick={() => page.rework({ kind: 'join', key: step.key, other: join.key, by: way.by })}
                    >Add {way.layers === 1 ? 'this glaze' : 'these glazes'}</button
                >
            </div>
        {/each}
    {/if}
</details>

<style>
    .way {
        padding: 8px 0;
        border-top: 1px solid var(--rule);
        font-size: var(--size-plain);
    }
    .strip {
        display: flex;
        height: 34px;
        margin-bottom: 5px;
    }
    .strip i {
        flex: 1;
    }
    label {
        margin: 4px 0 8px;
    }
</style>
