<script lang="ts">
    import type { BuyPlan } from '../../api/wire';
    import { capital, counted } from '../../parts/words';

    interface Props {
        plan: BuyPlan;
    }
    let { plan }: Props = $props();
</script>

{#if !plan.lacks.length}
    <h2>Nothing is missing</h2>
    <p>You have every paint of these recipes, and enough of it.</p>
{:else}
    <h2>{capital(counted(plan.lacks.length, 'thing'))} missing</h2>
    {#each plan.lacks as lack (lack.id)}
        <div class="row">
            <i style:background={lack.hex}></i>
            <p>
                <strong>{lack.name}</strong>, {lack.why}<br />
                <span class="soft"
                    >{lack.uses.slice(0, 3).join('; ')}{lack.uses.length > 3 ? ` and ${lack.uses.length - 3} more` : ''} ·
                    {plan.unmet.includes(lack.id)
                        ? `nothing on sale is near enough${lack.nearest ? `: ${lack.nearest.name} is ${lack.nearest.apart.toFixed(1)} off` : ''}`
                        : `${counted(lack.choices, 'paint')} on sale would do`}</span
                >
            </p>
        </div>
    {/each}
{/if}

<style>
    h2 {
        margin-bottom: 6px;
        font-size: var(--size-head);
    }
    .row {
        display: grid;
        grid-template-columns: 56px minmax(0, 1fr);
        gap: 14px;
        align-items: center;
        padding: 6px 0;
        border-top: 1px solid var(--rule);
        line-height: 1.3;
    }
    i {
        height: 42px;
    }
</style>
