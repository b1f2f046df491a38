<script lang="ts">
    import type { Recipe } from '../../api/wire';
    import type { RecipeState } from './recipe.svelte';
    import { counted, duration } from '../../parts/words';

    interface Props {
        recipe: Recipe;
        page: RecipeState;
    }
    let { recipe, page }: Props = $props();
    const totals = $derived(recipe.totals);
</script>

<p class="totals">
    <strong>{counted(totals.steps, 'step')}</strong>
    <span>{duration(totals.minutes)} of work a figure</span>
    <span>{duration(totals.dry_minutes)} drying</span>
    <span
        >{counted(totals.pots, 'pot')}{#if totals.missing.length}, <strong
                >not in stock: {totals.missing.join(', ')}</strong
            >
            ·
            <button class="link-button" disabled={page.busy} onclick={() => page.bring('replace')}
                >replace by what I own</button
            >
            · <a href="#/buy">what to buy</a>{:else}, all in stock · <a href="#/buy?area={recipe.area.id}">enough?</a
            >{/if}</span
    >
</p>

<style>
    .totals {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 22px;
        margin-top: 12px;
    }
</style>
