<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sentence } from '../../api/client';
    import { mishapQuery, vocabularyQuery } from '../../api/queries';
    import type { Step } from '../../api/wire';
    import { capital, duration } from '../../parts/words';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        area: number;
        step: Step;
        page: RecipeState;
    }
    let { area, step, page }: Props = $props();

    let mishap = $state('');
    let on = $state('');
    const vocabulary = createQuery(vocabularyQuery);
    const mending = createQuery(() => mishapQuery(area, step.key, mishap, on));
    const answer = $derived(mishap ? mending.data : undefined);
    const titles = { now: 'Fix it now', later: 'Fix it later', cover: 'Leave it: it will be covered' };
</script>

<label
    ><span>What went wrong here?</span>
    <select class="small-field" aria-label="What went wrong" bind:value={mishap}>
        <option value="">nothing</option>
        {#each vocabulary.data?.mishaps ?? [] as each (each.id)}<option value={each.id}>{each.words}</option>{/each}
    </select></label
>
{#if answer?.neighbours.length}
    <label
        ><span>On which neighbour?</span>
        <select
            class="small-field"
            aria-label="On which neighbour"
            value={String(answer.on ?? 0)}
            onchange={(e) => (on = e.currentTarget.value)}
        >
            {#each answer.neighbours as each (each.id)}<option value={String(each.id)}>{each.words}</option>{/each}
            <option value="0">on this area itself</option>
        </select></label
    >
{/if}
{#if mishap && mending.isError}<p role="alert">{sentence(mending.error)}</p>{/if}
{#if answer}
    <p><strong>{titles[answer.when]}</strong></p>
    <p class="reason">{answer.reason}</p>
    {#each answer.steps as each (each.key)}
        <div class="step">
            {#if each.hex}<i style:background={each.hex}></i>{/if}
            <p>
                <b>{capital(each.technique)}: {each.mix_words}</b>
                <span class="soft"
                    >{each.undiluted ? 'undiluted' : `thin ${each.thin}`}{each.place ? ` · ${each.place}` : ''}</span
                ><br />{each.why}
            </p>
        </div>
    {/each}
    {#if answer.steps.length}
        <p class="soft">{answer.minutes} min of work{answer.waiting ? `, ${duration(answer.waiting)} drying` : ''}.</p>
        <button
            class="link-button"
            disabled={page.busy}
            onclick={() => {
                page.bring(`${step.key}/mishap`, { mishap, ...(on ? { on } : {}) });
                mishap = '';
            }}>Add the repair to the recipe</button
        >
    {/if}
{/if}

<style>
    label + label {
        margin-top: 10px;
    }
    label {
        display: grid;
        gap: 4px;
        font-size: var(--size-plain);
        font-weight: 600;
    }
    p {
        margin-top: 8px;
        font-size: var(--size-plain);
    }
    .step {
        display: flex;
        gap: 10px;
        align-items: start;
    }
    i {
        flex: none;
        width: 40px;
        height: 40px;
        margin-top: 8px;
    }
    b {
        display: block;
        font-weight: 600;
    }
</style>
