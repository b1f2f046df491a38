<script lang="ts">
    import type { Step } from '../../api/wire';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        step: Step;
        page: RecipeState;
    }
    let { step, page }: Props = $props();

    const areas = $derived(
        (page.recipe?.company.areas ?? []).filter((a) => a.planned && a.id !== page.recipe?.area.id),
    );
    let chosen: number[] = $state([]);
    const toggled = (id: number) => (chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id]);
    const act = (what: 'add' | 'drop' | 'alike') => page.bring(`${step.key}/elsewhere`, { areas: chosen, what });
</script>

{#if areas.length}
    <details class="small-more">
        <summary>In other areas too</summary>
        <div class="areas">
            {#each areas as area (area.id)}
                <label
                    ><input
                        type="checkbox"
                        checked={chosen.includes(area.id)}
                        onchange={() => (chosen = toggled(area.id))}
                    />
                    {area.name}</label
                >
            {/each}
        </div>
        <div class="row">
            <button class="small-action quiet" onclick={() => (chosen = areas.map((a) => a.id))}>Choose all</button>
            <button class="small-action quiet" disabled={!chosen.length || page.busy} onclick={() => act('add')}
                >Add it there</button
            >
            <button class="small-action quiet" disabled={!chosen.length || page.busy} onclick={() => act('alike')}
                >Do it alike there</button
            >
            <button class="small-action quiet" disabled={!chosen.length || page.busy} onclick={() => act('drop')}
                >Drop it there</button
            >
        </div>
        <p>Added in each area’s own colours; alike means the same place, figures, thinning and coats.</p>
    </details>
{/if}

<style>
    .areas {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 2px 12px;
        padding: 4px 0;
        font-size: var(--size-plain);
    }
    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 6px;
    }
    p {
        margin-top: 6px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
</style>
