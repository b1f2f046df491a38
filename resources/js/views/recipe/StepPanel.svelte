<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Step } from '../../api/wire';
    import Drops from '../../parts/Drops.svelte';
    import { capital, counted, duration } from '../../parts/words';
    import Alternatives from './Alternatives.svelte';
    import Mishaps from './Mishaps.svelte';
    import StepControls from './StepControls.svelte';
    import StepMarks from './StepMarks.svelte';
    import StepMore from './StepMore.svelte';
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

<p class="soft">
    {capital(step.technique)} · {step.tool}{step.place ? ` · ${step.place}` : ''}{step.who === 'leaders'
        ? ' · leaders only'
        : ''}
</p>
<h2>
    {step.stage === 'undercoat'
        ? 'The ground'
        : step.mix.length === 0
          ? capital(step.technique)
          : step.mix.length > 1
            ? 'Load the mix'
            : 'Load the brush'}
</h2>
<StepMarks marks={step.marks} onoverrule={(rule, on) => page.rework({ kind: 'overrule', rule, on })} />
<div class="load" class:empty={step.mix.length === 0}>
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
    <div
        class="pair one"
        style:background={step.film && step.stage === 'wash' ? step.after.recess : step.after.plane}
    ></div>
    <p class="under">
        <span>{step.stage === 'undercoat' ? 'predicted ground' : 'what it leaves'}</span>{#if step.film}<span
                >±{step.certainty.toFixed(1)}</span
            >{/if}
    </p>
{/if}
{#if step.shared}<p class="shared">{step.shared}</p>{/if}
{#if step.open.length}<p class="soft">How much {step.open.join(' and ')} is left open.</p>{/if}
{#if amount}<p class="soft">{amount} · {step.minutes} min each · dries in {duration(step.dry_minutes)}</p>{/if}
<StepControls {step} busy={page.busy} onchange={(change) => page.edit(step.key, change)} />
{#if step.instead_of}<p class="soft">Stands in for {step.instead_of}, as the recipe was drafted.</p>{/if}
{#if step.stage === 'undercoat' || !step.film}<!-- nothing stands in for it -->{:else if !step.at_hand}
    <Substitutes {area} {step} ontake={(mix) => page.take(step.key, mix)} />
{:else}
    <p>
        <button class="link-button" onclick={() => (asked = !asked)}
            >{asked ? 'Hide what could stand in' : 'What could stand in for it?'}</button
        >
    </p>
    {#if asked}<Substitutes {area} {step} ontake={(mix) => page.take(step.key, mix)} />{/if}
{/if}
{#if step.stage === 'undercoat' || step.film}
    <Alternatives {area} {step} ontake={(mix) => page.take(step.key, mix)} />
{/if}
<h3>Why</h3>
<ul class="why">
    {#each step.reasons as reason, i (i)}<li>{reason}</li>{/each}
    <li>{step.where}</li>
    {#if step.watch}<li>{step.watch}</li>{/if}
    {#if step.latest_minutes}<li>
            Not too late either: what belongs to it follows within {duration(step.latest_minutes)}, in one sitting.
        </li>{/if}
    {#if step.exit && !step.loop}<li>How long: {step.exit}.</li>{/if}
</ul>
{#each step.cautions as caution (caution)}<p class="caution">{caution}</p>{/each}
{#if step.stage !== 'undercoat'}
    <StepMore {step} {page} />
    <Mishaps {area} {step} {page} />
{/if}
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
    .load.empty {
        display: none;
    }
    .shared {
        margin: 8px 0;
        font-size: 14px;
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
