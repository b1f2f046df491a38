<script lang="ts">
    import type { Recipe } from '../../api/wire';
    import { counted, duration } from '../../parts/words';

    interface Props {
        recipe: Recipe;
    }
    let { recipe }: Props = $props();
    const totals = $derived(recipe.totals);
</script>

<p class="totals">
    <strong>{counted(totals.steps, 'step')}</strong>
    <span>{duration(totals.minutes)} of work a figure</span>
    <span>{duration(totals.dry_minutes)} drying</span>
    <span
        >{counted(totals.pots, 'pot')}{totals.missing.length
            ? `, not at hand: ${totals.missing.join(', ')}`
            : ', all at hand'}</span
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
