<script lang="ts">
    import type { Step } from '../../api/wire';
    import { duration } from '../../parts/words';

    interface Props {
        step: Step;
    }
    let { step }: Props = $props();
</script>

<p>{step.where}</p>
{#if step.watch}<p>{step.watch}</p>{/if}
<p class="soft">
    {step.minutes} min each{step.dry_minutes ? ` · then wait ${duration(step.dry_minutes)}` : ''}
</p>

<style>
    p {
        margin: 8px 0;
        font-size: var(--size-plain);
    }
</style>
