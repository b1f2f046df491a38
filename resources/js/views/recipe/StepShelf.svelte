<script lang="ts">
    import type { Step } from '../../api/wire';
    import Alternatives from './Alternatives.svelte';
    import OwnMix from './OwnMix.svelte';
    import Substitutes from './Substitutes.svelte';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        area: number;
        step: Step;
        page: RecipeState;
    }
    let { area, step, page }: Props = $props();

    let asked = $state(false);
    const take = (mix: Step['mix']) => page.take(step, mix);
</script>

{#if step.instead_of}<p class="soft">Stands in for {step.instead_of}, as the recipe was drafted.</p>{/if}
{#if step.mix.length === 0}
    <p class="soft">No paint is loaded for it.</p>
{:else if step.whole}
    <OwnMix {step} {page} />
{:else if step.of_figure}
    <Alternatives {area} {step} ontake={take} />
{:else if !step.film}
    <OwnMix {step} {page} />
{:else if !step.at_hand}
    <Substitutes {area} {step} ontake={take} />
    <Alternatives {area} {step} ontake={take} />
    <OwnMix {step} {page} />
{:else}
    <Alternatives {area} {step} ontake={take} />
    <OwnMix {step} {page} />
    <p>
        <button class="link-button" onclick={() => (asked = !asked)}
            >{asked ? 'Hide what could stand in' : 'What could stand in for it?'}</button
        >
    </p>
    {#if asked}<Substitutes {area} {step} ontake={take} />{/if}
{/if}
{#if step.technique_id === 'wet-blend' && step.mix.length}
    {#key step.meets.map((p) => `${p.paint_id}*${p.parts}`).join('+')}<OwnMix {step} {page} second />{/key}
{/if}

<style>
    p {
        margin-top: 12px;
    }
</style>
