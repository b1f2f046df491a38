<script lang="ts">
    import type { Recipe } from '../../api/wire';
    import { capital } from '../../parts/words';
    import AddWhole from './AddWhole.svelte';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        recipe: Recipe;
        page: RecipeState;
    }
    let { recipe, page }: Props = $props();

    const names = (ids: number[]) =>
        recipe.company.areas
            .filter((a) => ids.includes(a.id))
            .map((a) => a.name.toLowerCase())
            .join(', ');
    const toggled = (ids: number[], id: number) => (ids.includes(id) ? ids.filter((i) => i !== id) : [...ids, id]);
</script>

<section>
    <h2>Over the whole figure</h2>
    <p class="soft">
        A wash, dirt, dust or varnish over everything is entered once. It is in the recipe of every area where it
        belongs, and once at the Bench.
    </p>
    {#if recipe.whole.steps.length}
        <ol>
            {#each recipe.whole.steps as step (step.key)}
                <li>
                    <p>
                        <strong>{capital(step.technique)}</strong>
                        {step.words.toLowerCase() === step.technique ? '' : step.words}
                        <button class="plain-button" disabled={page.busy} onclick={() => page.dropWhole(step.key)}
                            >Remove<span class="visually-hidden">{` ${step.technique} over the whole figure`}</span
                            ></button
                        >
                    </p>
                    <details class="small-more">
                        <summary
                            >{step.without.length ? `not on ${names(step.without)}` : 'on every area'}{step.late
                                ? ', after everything is painted'
                                : ''}</summary
                        >
                        <div class="areas">
                            {#each recipe.company.areas as area (area.id)}
                                <label
                                    ><input
                                        type="checkbox"
                                        checked={!step.without.includes(area.id)}
                                        onchange={() =>
                                            page.changeWhole(step.key, { without: toggled(step.without, area.id) })}
                                    />
                                    {area.name}</label
                                >
                            {/each}
                        </div>
                        <label
                            ><input
                                type="checkbox"
                                checked={step.late}
                                onchange={() => page.changeWhole(step.key, { late: !step.late })}
                            /> after everything is painted</label
                        >
                    </details>
                </li>
            {/each}
        </ol>
    {/if}
    <AddWhole {recipe} {page} />
</section>

<style>
    section {
        margin-top: 26px;
    }
    ol {
        margin: 8px 0;
        padding-left: 22px;
    }
    li {
        padding: 4px 0;
    }
    li p {
        margin: 0;
    }
    li details {
        margin: 0;
    }
    li button {
        display: inline;
        width: auto;
        margin-left: 10px;
        color: var(--accent-text);
    }
    .areas {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
        gap: 4px 14px;
        padding: 6px 0;
    }
</style>
