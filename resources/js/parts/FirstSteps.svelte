<script lang="ts">
    import type { FirstSteps } from '../api/wire';
    import { firstSteps } from './first-steps.svelte';

    interface Props {
        start: FirstSteps;
        /** the current route: what is here needs no link */
        location: string;
    }
    let { start, location }: Props = $props();

    const next = $derived(start.steps.find((s) => s.id === start.next));
    const isHere = $derived(next?.to.split('/')[1] === location.split('/')[1]);
</script>

<nav aria-label="First steps">
    <ol>
        {#each start.steps as step (step.id)}
            <li>
                <a href="#{step.to}" class:done={step.done} aria-current={step.id === start.next ? 'step' : undefined}
                    >{step.done ? '✓ ' : ''}{step.name}</a
                >
            </li>
        {/each}
    </ol>
    {#if next}<p>
            {next.missing}
            {#if !isHere}<a href="#{next.to}">{next.action}</a>{/if}
        </p>{/if}
    <button class="plain-button" aria-label="Put the first steps away" onclick={() => firstSteps.hide(true)}>×</button>
</nav>

<style>
    nav {
        display: flex;
        gap: 10px 28px;
        align-items: center;
        height: 40px;
        padding: 0 20px;
        background: var(--panel);
        border-bottom: 1px solid var(--rule);
        font-size: var(--size-plain);
        white-space: nowrap;
    }
    ol {
        display: flex;
        gap: 16px;
        margin: 0;
        padding: 0;
        list-style: none;
    }
    ol a {
        color: var(--ink-soft);
        text-decoration: none;
    }
    ol a.done {
        color: var(--ink);
    }
    ol a[aria-current] {
        font-weight: 600;
        color: var(--accent-text);
        text-decoration: underline;
    }
    p {
        flex: 1;
        font-size: var(--size-plain);
        overflow: hidden;
        text-overflow: ellipsis;
    }
    button {
        padding: 4px 10px;
        font-size: var(--size-head);
    }
    @media (max-width: 980px) {
        nav {
            height: auto;
            padding: 8px 16px;
            white-space: normal;
        }
        ol {
            display: none;
        }
    }
</style>
