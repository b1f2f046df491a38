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

    const SOME = 'some';
    const vocabulary = createQuery(vocabularyQuery);
    const count = $derived(page.recipe?.company.count ?? 1);
    const isNamed = $derived(step.who !== 'all' && step.who !== 'leaders');
    const options = $derived([
        ...(vocabulary.data?.who ?? []),
        ...(count > 1 ? [{ id: SOME, words: isNamed ? step.who_words : 'some figures …' }] : []),
    ]);
    let naming = $state(false);
    let named = $state('');
    let differing = $state('');

    $effect(() => {
        void step.key;
        naming = false;
        differing = '';
        named = isNamed ? step.who : '';
    });

    function pick(who: string) {
        naming = who === SOME;
        if (who !== SOME) page.edit(step, { who });
    }
    const set = () => page.edit(step, { who: named.trim() });
    const differ = () => page.rework({ kind: 'differ', key: step.key, who: differing.trim() });
</script>

<SmallSelect label="for" name="For whom" {options} value={isNamed || naming ? SOME : step.who} onpick={pick} />
{#if naming || isNamed}
    <label class="small-label"
        >figures, as 3, 5 or not 3 <input
            class="small-field"
            type="text"
            maxlength="120"
            aria-label="Numbers of the figures"
            bind:value={named}
        /></label
    >
    <button class="small-action quiet" disabled={named.trim() === '' || page.busy} onclick={set}>Set figures</button>
{/if}
{#if count > 1 && !step.loop && !isNamed && !step.of_figure}
    <details class="small-more wide">
        <summary>Different on some figures</summary>
        <div class="small-grid">
            <label class="small-label"
                >on figures <input
                    class="small-field"
                    type="text"
                    maxlength="120"
                    placeholder="3"
                    aria-label="Different on figures"
                    bind:value={differing}
                /></label
            >
            <button class="small-action quiet" disabled={differing.trim() === '' || page.busy} onclick={differ}
                >Make a step for them</button
            >
        </div>
        <p>It stays for all the others; the copy beside it is for these, in a paint of its own.</p>
    </details>
{/if}

<style>
    .wide {
        grid-column: 1 / -1;
    }
    p {
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
</style>
