<script lang="ts">
    import { InlineNotification } from 'carbon-components-svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import AllDone from './AllDone.svelte';
    import BenchSide from './BenchSide.svelte';
    import BenchStepView from './BenchStepView.svelte';
    import DoneForm from './DoneForm.svelte';
    import { BenchState } from './bench.svelte';

    interface Props {
        params?: { company?: string; figure?: string } | null;
    }
    let { params = null }: Props = $props();

    const bench = new BenchState(
        () => (params?.company ? Number(params.company) : null),
        () => Number(params?.figure ?? 1),
    );

    let main: HTMLElement | undefined = $state();

    // The link that led here keeps no hold of the keys.
    $effect(() => main?.focus());

    /** One key each, for hands that are wet or hold a brush; never while something is being typed. */
    function key(event: KeyboardEvent) {
        const at = event.target as HTMLElement;
        if (
            bench.dialog ||
            event.ctrlKey ||
            event.metaKey ||
            event.altKey ||
            /^(INPUT|TEXTAREA|SELECT|BUTTON|A)$/.test(at.tagName)
        )
            return;
        const figure = bench.bench?.figure ?? 1;
        const act: Record<string, () => void> = {
            Enter: () => bench.open.includes(figure) && bench.done([figure]),
            a: () => bench.done(bench.open),
            d: () => bench.step && (bench.dialog = 'different'),
            u: () => (bench.dialog = 'unplanned'),
            ArrowLeft: () => bench.turn(-1),
            ArrowRight: () => bench.turn(1),
        };
        const wanted = act[event.key.length === 1 ? event.key.toLowerCase() : event.key];
        if (wanted) {
            event.preventDefault();
            wanted();
        }
    }
</script>

<svelte:window onkeydown={key} />

{#if bench.figures.isSuccess && bench.company === null}
    <main class="none">
        <h1>Nothing to paint yet</h1>
        <p><a href="#/figures">Describe a figure</a>, then draft a recipe for one of its areas.</p>
    </main>
{:else if !bench.bench}
    <Waiting problem={bench.query.error ?? bench.figures.error} />
{:else}
    <div class="bench">
        <main tabindex="-1" bind:this={main}>
            {#if bench.problem && !bench.dialog}<InlineNotification
                    lowContrast
                    kind="error"
                    title={bench.problem}
                />{/if}
            {#if bench.step}
                <BenchStepView {bench} step={bench.step} />
            {:else}
                <AllDone bench={bench.bench} />
            {/if}
        </main>
        <BenchSide {bench} view={bench.bench} />
    </div>
    {#if bench.dialog}
        <DoneForm {bench} view={bench.bench} step={bench.dialog === 'different' ? bench.step : null} />
    {/if}
{/if}

<style>
    main:focus {
        outline: none;
    }
    .none {
        padding: 40px 28px;
    }
    .bench {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 300px;
        min-height: calc(100vh - var(--head));
    }
    .bench main {
        display: flex;
        flex-direction: column;
        padding: 32px 44px 16px;
    }
    @media (max-width: 980px) {
        .bench {
            display: block;
        }
        .bench main {
            padding: 20px 16px;
        }
    }
</style>
