<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { startQuery } from '../../api/queries';
    import Waiting from '../../parts/Waiting.svelte';
    import { firstSteps } from '../../parts/first-steps.svelte';

    const start = createQuery(startQuery);
    const done = $derived(start.data?.steps.filter((s) => s.done).length ?? 0);
</script>

<main>
    {#if !start.isSuccess}
        <Waiting problem={start.error} />
    {:else}
        <h1>
            {start.data.walked ? 'You have been all the way round' : 'From an empty shelf to the first brush stroke'}
        </h1>
        <p class="soft lead">
            {start.data.walked
                ? 'Every step is done. The line under the header is gone now; this page stays under “First steps”.'
                : `${done} of ${start.data.steps.length} steps done. Ten minutes are enough for all.`}
        </p>
        <ol>
            {#each start.data.steps as step, i (step.id)}
                <li class:done={step.done} aria-current={step.id === start.data.next ? 'step' : undefined}>
                    <span class="sign" aria-hidden="true">{step.done ? '✓' : i + 1}</span>
                    <div>
                        <h2>{step.name}<span class="visually-hidden">{step.done ? ', done' : ', open'}</span></h2>
                        {#if step.there}<p>{step.there}</p>{/if}
                        {#if step.missing}<p class="soft">{step.missing}</p>{/if}
                    </div>
                    <Button size="small" kind={step.id === start.data.next ? 'primary' : 'ghost'} href="#{step.to}"
                        >{step.action}</Button
                    >
                </li>
            {/each}
        </ol>
        {#if !start.data.walked}
            <label class="soft">
                <input
                    type="checkbox"
                    checked={!firstSteps.hidden}
                    onchange={(e) => firstSteps.hide(!e.currentTarget.checked)}
                /> Show the next step under the header of every page
            </label>
        {/if}
    {/if}
</main>

<style>
    main {
        max-width: 860px;
        padding: 28px 28px 60px;
    }
    .lead {
        margin: 8px 0 18px;
    }
    ol {
        margin: 0 0 20px;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 44px minmax(0, 1fr) auto;
        gap: 16px;
        align-items: center;
        min-height: 74px;
        padding: 8px 0;
        border-top: 1px solid var(--rule);
    }
    .sign {
        display: grid;
        place-items: center;
        width: 38px;
        height: 38px;
        border: 2px solid var(--ink-soft);
        border-radius: 50%;
        font-weight: 600;
    }
    .done .sign {
        background: var(--ink);
        border-color: var(--ink);
        color: var(--surround);
    }
    [aria-current] .sign {
        border-color: var(--accent-text);
        color: var(--accent-text);
    }
    @media (max-width: 720px) {
        main {
            padding: 18px 16px 40px;
        }
        li {
            grid-template-columns: 44px minmax(0, 1fr);
        }
        li > :global(.bx--btn) {
            grid-column: 2;
        }
    }
</style>
