<script lang="ts">
    import type { Step } from '../../api/wire';

    interface Props {
        step: Step;
    }
    let { step }: Props = $props();
</script>

{#if step.open.length}<p class="soft">How much {step.open.join(' and ')} is left open.</p>{/if}
{#if step.open_ends.length === 2}
    <div role="img" aria-label="With little of it {step.open_ends[0]}, with much {step.open_ends[1]}">
        <i style:background={step.open_ends[0]}></i><i style:background={step.open_ends[1]}></i>
    </div>
    <p class="soft">with a sixth of it, and with five sixths</p>
{/if}

<style>
    div {
        display: grid;
        grid-template-columns: 1fr 1fr;
        height: 34px;
        margin-top: 6px;
    }
</style>
