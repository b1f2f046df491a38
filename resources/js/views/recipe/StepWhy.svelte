<script lang="ts">
    import type { Step } from '../../api/wire';
    import StepFacts from '../../parts/StepFacts.svelte';

    interface Props {
        step: Step;
    }
    let { step }: Props = $props();
</script>

<StepFacts facts={step.facts.filter((f) => ['why', 'hand', 'watch'].includes(f.key))} />
