<script lang="ts">
    import type { Step } from '../../api/wire';
    import { duration } from '../../parts/words';

    interface Props {
        step: Step;
    }
    let { step }: Props = $props();
</script>

<ul>
    {#each step.reasons as reason, i (i)}<li>{reason}</li>{/each}
    <li>{step.where}</li>
    {#if step.watch}<li>{step.watch}</li>{/if}
    {#if step.latest_minutes}<li>
            Not too late either: what belongs to it follows within {duration(step.latest_minutes)}, in one sitting.
        </li>{/if}
    {#if step.exit && !step.loop}<li>How long: {step.exit}.</li>{/if}
</ul>

<style>
    ul {
        margin: 0;
        padding: 0 0 0 12px;
        border-left: 3px solid var(--rule);
        list-style: none;
        font-size: var(--size-plain);
    }
    li {
        margin-bottom: 8px;
    }
</style>
