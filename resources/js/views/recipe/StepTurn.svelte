<script lang="ts">
    import type { Step } from '../../api/wire';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        step: Step;
        page: RecipeState;
    }
    let { step, page }: Props = $props();

    const others = $derived((page.recipe?.company.areas ?? []).filter((a) => a.id !== page.recipe?.area.id));
    const unclear = $derived((page.recipe?.not_kept ?? []).filter((each) => each.key === step.key));
    const turns = $derived([
        {
            field: 'comes_after',
            label: 'only after',
            name: 'Only after',
            hint: 'an area, a paint, a step',
            value: step.handling.after,
        },
        {
            field: 'comes_before',
            label: 'and before',
            name: 'And before',
            hint: 'as the rules have it',
            value: step.handling.before,
        },
    ]);
</script>

<div class="small-grid">
    {#each turns as turn (turn.field)}
        <label class="small-label"
            >{turn.label}
            <input
                class="small-field"
                type="text"
                maxlength="120"
                list="areas-{step.key}"
                placeholder={turn.hint}
                value={turn.value}
                aria-label={turn.name}
                onchange={(e) => page.edit(step, { [turn.field]: e.currentTarget.value })}
            /></label
        >
    {/each}
</div>
<datalist id="areas-{step.key}">
    {#each others as area (area.id)}<option value={area.name}></option>{/each}
    <option value="everything else"></option>
</datalist>
{#each unclear as each (each.words)}<p class="unclear" role="alert">{each.words}</p>{/each}

<style>
    .unclear {
        margin: 4px 0 8px;
        padding-left: 8px;
        border-left: 3px solid var(--warn);
        font-size: var(--size-plain);
    }
</style>
