<script lang="ts">
    import type { Step } from '../../api/wire';
    import Faces from '../../parts/Faces.svelte';
    import { counted } from '../../parts/words';

    interface Props {
        step: Step;
    }
    let { step }: Props = $props();
    /** the face that tells what the step is for */
    const left = $derived(step.film && step.stage === 'wash' ? step.after.recess : step.after.plane);
</script>

{#if step.zone}
    <div class="zone"><Faces faces={step.zone} label="In its zone" height="30px" /></div>
    <p class="under"><span>{step.place}: recess, plane, ridge there</span></p>
{/if}
{#if step.first}
    <div class="zone"><Faces faces={step.first} label="After the first round" height="30px" /></div>
    <div class="zone"><Faces faces={step.after} label="After the last round" height="30px" /></div>
    <p class="under"><span>after the first round, and after {step.rounds}</span></p>
{/if}
{#if step.wanted && step.difference !== null}
    <div class="pair" role="img" aria-label="This mix, dry {step.colour}; wanted {step.wanted}">
        <i style:background={step.colour}></i><i style:background={step.wanted}></i>
    </div>
    <p class="under"><span>this {step.mix.length > 1 ? 'mix' : 'paint'}, dry</span><span>wanted</span></p>
    <p>
        <strong>{step.difference.toFixed(1)} off on paper</strong>{#if step.expected !== null}, expect {step.expected.toFixed(
                1,
            )}{/if}
    </p>
    <p class="soft">
        Predicted to ±{step.mix_certainty.toFixed(1)}; over the coats below, with {counted(step.coats, 'coat')}, to ±{step.certainty.toFixed(
            1,
        )}.
    </p>
{:else if step.film || step.of_figure}
    <div class="pair one" style:background={left}></div>
    <p class="under">
        <span
            >{step.of_figure && !step.whole
                ? 'predicted ground'
                : step.stage === 'wash'
                  ? 'what it leaves in the recess'
                  : 'what it leaves on the plane'}</span
        >{#if step.film}<span>±{step.certainty.toFixed(1)}</span>{/if}
    </p>
{/if}

<style>
    .pair {
        display: grid;
        grid-template-columns: 1fr 1fr;
        height: 84px;
    }
    .under {
        display: flex;
        justify-content: space-between;
        margin: 2px 0 6px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
</style>
