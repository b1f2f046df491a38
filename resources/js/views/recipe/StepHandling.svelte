<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { vocabularyQuery } from '../../api/queries';
    import type { Step } from '../../api/wire';
    import SmallSelect from '../../parts/SmallSelect.svelte';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        step: Step;
        page: RecipeState;
    }
    let { step, page }: Props = $props();

    const vocabulary = createQuery(vocabularyQuery);
    // svelte-ignore state_referenced_locally
    let open = $state(step.handling.words !== '');
    const SAME = '0';
    const lively = $derived(step.handling.lively === null ? '' : String(step.handling.lively));
</script>

<details class="small-more" bind:open>
    <summary>How: {step.handling.words || 'as usual'}</summary>
    <div class="small-grid">
        <label class="small-label"
            >strokes, and where they end <input
                class="small-field"
                type="text"
                maxlength="120"
                placeholder="down, ending at the hem"
                value={step.handling.strokes}
                aria-label="Strokes"
                onchange={(e) => page.edit(step, { strokes: e.currentTarget.value })}
            /></label
        >
        <label class="small-label"
            >wait before the next <input
                class="small-field"
                type="text"
                maxlength="40"
                placeholder="as it dries, or overnight"
                value={step.handling.wait}
                aria-label="Wait before the next step"
                onchange={(e) => page.edit(step, { wait: e.currentTarget.value })}
            /></label
        >
        <SmallSelect
            label="lines"
            name="Width of lines"
            none="as usual"
            options={vocabulary.data?.lines ?? []}
            value={step.handling.line}
            onpick={(line) => page.edit(step, { line })}
        />
        {#if step.mix.length}
            <SmallSelect
                label="the mix"
                name="Batch"
                none="as it comes"
                options={vocabulary.data?.batches ?? []}
                value={step.handling.batch}
                onpick={(batch) => page.edit(step, { batch })}
            />
            <SmallSelect
                label="between figures"
                name="Variation"
                none="as it comes"
                options={[
                    { id: SAME, words: 'all the same' },
                    { id: '2', words: 'hardly visible, ±2' },
                    { id: '4', words: 'lively, ±4' },
                    { id: '8', words: 'very lively, ±8' },
                ]}
                value={lively}
                onpick={(id) => page.edit(step, { lively: id === '' ? null : Number(id) })}
            />
        {/if}
    </div>
    <label class="tick"
        ><input
            type="checkbox"
            checked={step.handling.sloppy}
            onchange={(e) => page.edit(step, { sloppy: e.currentTarget.checked })}
        /> may be sloppy, it is covered later</label
    >
    {#if step.passes}
        <label class="tick"
            ><input
                type="checkbox"
                checked={step.handling.unwashed}
                onchange={(e) => page.edit(step, { unwashed: e.currentTarget.checked })}
            /> with the unwashed brush</label
        >
    {/if}
</details>

<style>
    .tick {
        display: flex;
        gap: 6px;
        align-items: center;
        margin-top: 6px;
        font-size: var(--size-plain);
    }
</style>
