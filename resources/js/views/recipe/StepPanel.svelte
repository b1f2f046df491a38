<script lang="ts">
    import Explained from '../../parts/Explained.svelte';
    import { Button, ContentSwitcher, Switch } from 'carbon-components-svelte';
    import type { Step } from '../../api/wire';
    import CameOut from '../../parts/CameOut.svelte';
    import Drops from '../../parts/Drops.svelte';
    import StepFacts from '../../parts/StepFacts.svelte';
    import { batch } from '../../parts/amount';
    import { capital, counted, ranges } from '../../parts/words';
    import Mishaps from './Mishaps.svelte';
    import OpenEnds from './OpenEnds.svelte';
    import StepControls from './StepControls.svelte';
    import StepLook from './StepLook.svelte';
    import StepMarks from './StepMarks.svelte';
    import StepMeets from './StepMeets.svelte';
    import StepMore from './StepMore.svelte';
    import StepShelf from './StepShelf.svelte';
    import StepWhy from './StepWhy.svelte';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        area: number;
        company: number;
        step: Step;
        page: RecipeState;
    }
    let { area, company, step, page }: Props = $props();

    const parts = $derived(step.mix.map((p) => (step.open.includes(p.name) ? '?' : p.parts)).join(' : '));
    const sheets = $derived(
        step.whole
            ? ['Shelf', 'Why', 'Change']
            : step.of_figure
              ? ['Shelf', 'Why']
              : ['Shelf', 'Why', 'Change', 'Mend'],
    );
    const sheet = $derived(sheets[page.sheet] ?? 'Shelf');
    const title = $derived(
        step.of_figure && !step.whole
            ? 'The ground'
            : step.mix.length === 0
              ? capital(step.technique)
              : step.mix.length > 1
                ? 'Load the mix'
                : 'Load the brush',
    );
    const amount = $derived(
        step.amount && `${batch(step.amount, step.thinner)} ${'are enough'} for ${figures(step.amount.figures)}`,
    );

    function figures(served: number): string {
        if (served >= step.figures) return step.figures > 1 ? `all ${step.figures} figures` : 'the figure';
        return counted(served, 'figure');
    }
</script>

<p class="soft">
    <Explained text={capital(step.technique)} />{step.whole ? ' over the whole figure' : ''}{step.who_words
        ? ` · ${step.who_words}, ${counted(step.figures, 'figure')}`
        : ''}
</p>
<h2>{title}</h2>
<StepMarks marks={step.marks} onoverrule={(rule, on) => page.rework({ kind: 'overrule', rule, on })} />
{#if step.mix.length}
    <div class="load">
        <Drops mix={step.mix} open={step.open} />
        <p class="mono">
            {step.mix.length > 1 ? parts : ''}<br />{step.thin_open
                ? 'thinning open'
                : step.undiluted
                  ? 'undiluted'
                  : `thin ${step.thin}`}
        </p>
    </div>
{/if}
<StepMeets {step} />
<StepLook {step} />
{#each step.painted_as as then (then.words)}
    <p class="shared">
        {then.figures.length > 1 ? 'Figures' : 'Figure'}
        {ranges(then.figures)}: painted as {then.words}, planned differently now and to do again.
    </p>
{/each}
{#if step.shared}<p class="shared">{step.shared}</p>{/if}
<OpenEnds {step} />
<p class="soft">{amount ? `${amount} · ` : ''}{step.minutes} min each</p>
<StepFacts facts={step.facts} without={['caution', 'why', ...(step.mix.length ? (['hand', 'watch'] as const) : [])]} />
<StepControls {step} busy={page.busy} onchange={(change) => page.edit(step, change)} />
{#each step.cautions as caution (caution)}<p class="caution">{caution}</p>{/each}
<div class="sheets">
    <ContentSwitcher
        size="sm"
        aria-label="About this step"
        selectedIndex={sheets.indexOf(sheet)}
        on:change={(e) => (page.sheet = Number(e.detail))}
    >
        {#each sheets as each (each)}<Switch text={each} />{/each}
    </ContentSwitcher>
</div>
{#if sheet === 'Shelf'}
    <StepShelf {area} {step} {page} />
{:else if sheet === 'Why'}
    <StepWhy {step} />
    {#key step.key}<CameOut mix={step.mix} predicted={step.colour} place={capital(step.technique)} />{/key}
{:else if sheet === 'Change'}
    <StepMore {step} {page} />
{:else}
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
    .shared {
        margin: 8px 0;
        font-size: var(--size-plain);
    }
    .caution {
        margin-top: 10px;
        padding-left: 12px;
        border-left: 3px solid var(--warn);
        font-size: var(--size-plain);
    }
    .sheets {
        margin: 16px 0 14px;
    }
    .sheets :global(.bx--content-switcher-btn) {
        padding: 0 6px;
        justify-content: center;
        font-size: var(--size-small);
        text-align: center;
    }
    .do {
        margin-top: 20px;
    }
    .do :global(a) {
        width: 100%;
        max-width: none;
    }
</style>
