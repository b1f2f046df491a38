<script lang="ts">
    import type { Recipe } from '../../api/wire';
    import Layers from '../../parts/Layers.svelte';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        recipe: Recipe;
        page: RecipeState;
    }
    let { recipe, page }: Props = $props();
    const now = $derived(
        recipe.steps
            .filter((s) => !s.omitted)
            .map((s) => ({ technique: s.technique, words: s.mix_words, coats: s.coats, film: s.film, after: s.after })),
    );
</script>

{#each recipe.aside as aside (aside.id)}
    <section aria-label="Two versions of this recipe">
        <h2>Two versions of this recipe</h2>
        <p>
            Another window changed an older version: <strong>{aside.words}</strong>. Both are kept. Which one do you
            want?
        </p>
        <div class="both">
            <div>
                <h3>As it is now</h3>
                <Layers layers={now} other={aside.layers} />
                <button class="small-action" onclick={() => page.decide(aside.id, false)}>Keep this one</button>
            </div>
            <div>
                <h3>From the other window</h3>
                <Layers layers={aside.layers} other={now} />
                <button class="small-action" onclick={() => page.decide(aside.id, true)}>Use that one</button>
            </div>
        </div>
    </section>
{/each}

<style>
    section {
        margin-bottom: 20px;
        padding: 16px;
        background: var(--rail);
        border-left: 4px solid var(--warn);
    }
    .both {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 20px;
        margin-top: 12px;
    }
    button {
        margin-top: 10px;
    }
    @media (max-width: 720px) {
        .both {
            grid-template-columns: 1fr;
        }
    }
</style>
