<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Step } from '../../api/wire';
    import Drops from '../../parts/Drops.svelte';
    import { capital, counted, duration } from '../../parts/words';
    import Alternatives from './Alternatives.svelte';
    import StepControls from './StepControls.svelte';
    import Substitutes from './Substitutes.svelte';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        area: number;
        company: number;
        /** figures of the company */
        count: number;
        step: Step;
        page: RecipeState;
    }
    let { area, company, count, step, page }: Props = $props();

    let asked = $state(false);
    const parts = $derived(step.mix.map((p) => p.parts).join(' : '));
    const amount = $derived(
        step.amount &&
            `${step.amount.drops.length === 1 ? counted(step.amount.drops[0]?.drops ?? 0, 'drop') : `${step.amount.drops.map((d) => d.drops).join(' + ')} drops`}${step.amount.thinner_drops ? ` and ${step.amount.thinner_drops} of ${step.thinned_with}` : ''} do for ${figures(step.amount.figures)}`,
    );

    function figures(served: number): string {
        return served >= count && count > 1 ? `all ${count} figures` : counted(served, 'figure');
    }
</script>

<p class="soft">{capital(step.technique)} · {step.tool}</p>
<h2>{step.stage === 'undercoat' ? 'The ground' : step.mix.length > 1 ? 'Load the mix' : 'Load the brush'}</h2>
<div class="load">
    <Drops mix={step.mix} />
    <p class="mono">{step.mix.length > 1 ? parts : ''}<br />{step.undiluted ? 'undiluted' : `thin ${step.thin}`}</p>
</div>
{#if step.wanted && step.difference !== null}
    <div class="pair" role="img" aria-label="This mix, dry {step.colour}; wanted {step.wanted}">
        <i style:background={step.colour}></i><i style:background={step.wanted}></i>
    </div>
    <p class="under"><span>this {step.mix.length > 1 ? 'mix' : 'paint'}, dry</span><span>wanted</span></p>
    <p><strong>{step.difference.toFixed(1)} apart</strong></p>
    <p class="soft">
        Predicted to ±{step.mix_certainty.toFixed(1)}; over what lies below, with {counted(step.coats, 'coat')}, to ±{step.certainty.toFixed(
            1,
        )}.
    </p>
{:else}
    <div class="pair one" style:background={step.after.recess}></div>
    <p class="under">
        <span>{step.stage === 'undercoat' ? 'predicted ground' : 'what it leaves in the recess'}</span
        >{#if step.wanted}<span>±{step.certainty.toFixed(1)}</span>{/if}
    </p>
{/if}
{#if amount}<p class="soft">{amount} · {step.minutes} min each · dries in {duration(step.dry_minutes)}</p>{/if}
<StepControls {step} busy={page.busy} onchange={(change) => page.edit(step.key, change)} />
{#if step.instead_of}<p class="soft">Stands in for {step.instead_of}, as the recipe was drafted.</p>{/if}
{#if !step.at_hand && step.stage !== 'undercoat'}
    <Substitutes {area} {step} ontake={(mix) => page.take(step.key, mix)} />
{:else if step.stage !== 'undercoat'}
    <p>
        <button class="link-button" onclick={() => (asked = !asked)}
            >{asked ? 'Hide what could stand in' : 'What could stand in for it?'}</button
        >
    </p>
    {#if asked}<Substitutes {area} {step} ontake={(mix) => page.take(step.key, mix)} />{/if}
{/if}
<Alternatives {area} {step} ontake={(mix) => page.take(step.key, mix)} />
<h3>Why</h3>
<ul class="why">
    {#each step.reasons as reason, i (i)}<li>{reason}</li>{/each}
    <li>{step.where}</li>
</ul>
{#each step.cautions as caution (caution)}<p class="caution">{caution}</p>{/each}
<div class="do"><Button href="#/bench/{company}">Paint this at the Bench</Button></div>

<style>
    .load {
        display: flex;
        gap: 16px;
        align-items: center;
        justify-content: space-between;
        margin: 10px 0;
    }
    .load p {
        text-align: right;
    }
    .pair {
        display: grid;
        grid-template-columns: 1fr 1fr;
        height: 84px;
    }
    .under {
        display: flex;
        justify-content: space-between;
        margin: 2px 0 6px;
        font-size: 13px;
        color: var(--ink-soft);
    }
    h3 {
        margin-top: 18px;
    }
    .why {
        margin: 8px 0 0;
        padding: 0 0 0 12px;
        border-left: 3px solid var(--rule);
        list-style: none;
        font-size: 14px;
    }
    .why li {
        margin-bottom: 6px;
    }
    .caution {
        margin-top: 12px;
        padding-left: 12px;
        border-left: 3px solid var(--warn);
        font-size: 14px;
    }
    .do {
        margin-top: 20px;
    }
    .do :global(a) {
        width: 100%;
        max-width: none;
    }
</style>
