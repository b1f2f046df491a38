<script lang="ts">
    import Explained from '../../parts/Explained.svelte';
    import type { Step } from '../../api/wire';
    import Faces from '../../parts/Faces.svelte';
    import StrataStep from './StrataStep.svelte';

    interface Props {
        /** from the undercoat up */
        steps: Step[];
        chosen: string;
        onchoose: (key: string) => void;
    }
    let { steps, chosen, onchoose }: Props = $props();

    const rows = $derived(steps.map((step, i) => ({ step, number: i + 1 })).reverse());
    const done = (step: Step) => step.figures > 0 && step.done_on >= step.figures;
</script>

<div class="strata">
    <div class="faces">
        {#each ['recess', 'plane', 'ridge'] as face (face)}<span><Explained text={face} /></span>{/each}
    </div>
    <ol reversed>
        {#each rows as { step, number } (step.key)}
            <li class:done={done(step)} class:omitted={step.omitted} class:reached={step.level_end !== null}>
                {#if step.level_end}<p class="level">{step.level_end} to here</p>{/if}
                <div class="section">
                    {#if step.omitted}<span class="gap"></span>
                    {:else if step.first}
                        <div class="rounds">
                            <Faces
                                faces={step.after}
                                label="After round {step.rounds} of {step.technique}"
                                height="100%"
                            />
                            <Faces faces={step.first} label="After the first round of {step.technique}" height="100%" />
                        </div>
                    {:else}<Faces faces={step.after} label="After {step.technique}" height="100%" />{/if}
                </div>
                <span class="number" aria-hidden="true">{done(step) ? '✓' : number}</span>
                <StrataStep {step} done={done(step)} chosen={step.key === chosen} onchoose={() => onchoose(step.key)} />
            </li>
        {/each}
    </ol>
</div>

<style>
    .faces {
        display: grid;
        grid-template-columns: repeat(3, 92px);
        margin-bottom: 6px;
        font-size: var(--size-small);
        text-align: center;
        color: var(--ink-soft);
    }
    ol {
        margin: 0;
        padding: 0;
        list-style: none;
        border-bottom: 2px solid var(--ink);
    }
    li {
        display: grid;
        grid-template-columns: 276px 44px minmax(0, 1fr);
        min-height: 78px;
    }
    .section {
        padding: 5px 0 5px 14px;
        background: var(--surround-deep);
    }
    .done .section {
        padding: 0;
    }
    .omitted {
        min-height: 44px;
    }
    .reached {
        border-top: 2px dashed var(--ink);
    }
    .level {
        grid-column: 1 / -1;
        margin: 0;
        padding: 2px 12px;
        font-size: var(--size-small);
        text-align: right;
        color: var(--ink-soft);
    }
    .rounds {
        display: grid;
        gap: 2px;
        height: 100%;
    }
    .gap {
        display: block;
        height: 100%;
        border: 1px dashed var(--ink-soft);
    }
    .number {
        align-self: center;
        font-family: var(--display);
        font-size: var(--size-head);
        text-align: center;
        color: var(--ink-soft);
    }
    @media (max-width: 720px) {
        .faces {
            grid-template-columns: repeat(3, 38px);
            font-size: var(--size-fine);
        }
        li {
            grid-template-columns: 114px 30px minmax(0, 1fr);
        }
        .section {
            padding-left: 6px;
        }
    }
</style>
