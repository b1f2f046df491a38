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
    let face = $state('');
    let part = $state('');
    let light = $state('');
    let share = $state(100);
    // svelte-ignore state_referenced_locally
    let placing = $state(step.place !== '');

    $effect(() => {
        ({ face, part, light, share } = step.place_set);
    });

    const place = () => page.edit(step, { place: { face: face || null, part, light, percent: share } });
</script>

<details class="small-more" bind:open={placing}>
    <summary>Where: {step.place || 'its usual place'}</summary>
    <div class="small-grid">
        <SmallSelect
            label="face"
            name="Face"
            none="as usual"
            options={vocabulary.data?.faces ?? []}
            value={face}
            onpick={(chosen) => (face = chosen)}
        />
        <SmallSelect
            label="part"
            name="Part of the area"
            none="all of it"
            options={vocabulary.data?.parts ?? []}
            value={part}
            onpick={(chosen) => (part = chosen)}
        />
        <SmallSelect
            label="light"
            name="Direction of light"
            none="any"
            options={vocabulary.data?.lights ?? []}
            value={light}
            onpick={(chosen) => (light = chosen)}
        />
        <label class="small-label"
            >share, % <input
                class="small-field"
                type="number"
                min="1"
                max="100"
                aria-label="Share in percent"
                bind:value={share}
            /></label
        >
        <button class="small-action quiet" onclick={place}>Set</button>
    </div>
</details>
