<script lang="ts">
    import type { RecipeMoved } from '../../api/wire';
    import { capital, counted } from '../../parts/words';

    interface Props {
        applied: RecipeMoved;
    }
    let { applied }: Props = $props();
</script>

<p>
    <strong
        >{applied.recipe.area.name} is painted like this now{applied.changes.length
            ? `, with ${counted(applied.changes.length, 'change')} for your shelf`
            : ', with the very same paints'}.</strong
    >
    <a href="#/recipe/{applied.recipe.area.id}">Open its recipe</a>
</p>
{#each applied.changes as change (`${change.key}${change.was}`)}
    <p class="soft">
        {capital(change.step)}: {change.now ?? 'nothing'} for {change.was}{change.difference === null
            ? ''
            : `, ${change.difference.toFixed(1)} off`}, {change.words}.
    </p>
{/each}
