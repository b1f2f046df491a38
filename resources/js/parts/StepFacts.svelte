<script lang="ts">
    import Explained from './Explained.svelte';
    import type { StepFact } from '../api/wire';

    interface Props {
        facts: StepFact[];
        /** what the page draws elsewhere in the same words */
        without?: StepFact['key'][];
        /** to be read across a table */
        large?: boolean;
    }
    let { facts, without = [], large = false }: Props = $props();

    const shown = $derived(facts.filter((f) => !without.includes(f.key)));
    const labelled = (i: number) => shown[i]?.label !== shown[i - 1]?.label;
</script>

<dl class:large>
    {#each shown as fact, i (i)}
        <div class={fact.key}>
            <dt>{labelled(i) ? fact.label : ''}</dt>
            <dd><Explained text={fact.text} /></dd>
        </div>
    {/each}
</dl>

<style>
    dl {
        margin: 10px 0;
        font-size: var(--size-plain);
    }
    div {
        display: grid;
        grid-template-columns: 92px minmax(0, 1fr);
        gap: 10px;
        padding: 3px 0;
    }
    dt {
        color: var(--ink-soft);
    }
    dd {
        margin: 0;
    }
    .large {
        max-width: 880px;
        font-size: var(--size-head);
        line-height: 1.35;
    }
    .large div {
        grid-template-columns: 132px minmax(0, 1fr);
        gap: 16px;
    }
    .large .why {
        font-size: var(--size-body);
    }
    .note dd {
        font-weight: 600;
    }
    @media (max-width: 560px) {
        .large div {
            grid-template-columns: 92px minmax(0, 1fr);
        }
    }
</style>
