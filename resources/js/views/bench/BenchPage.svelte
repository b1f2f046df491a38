<script lang="ts">
    import { InlineNotification } from 'carbon-components-svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import AllDone from './AllDone.svelte';
    import BenchDialogs from './BenchDialogs.svelte';
    import BenchSide from './BenchSide.svelte';
    import BenchStepView from './BenchStepView.svelte';
    import InTime from './InTime.svelte';
    import SittingBar from './SittingBar.svelte';
    import SittingDone from './SittingDone.svelte';
    import TakeCare from './TakeCare.svelte';
    import StopHere from './StopHere.svelte';
    import { BenchState } from './bench.svelte';
    import { keyOf } from './bench-keys';
    import { Presence } from './presence.svelte';

    interface Props {
        params?: { company?: string; figure?: string } | null;
    }
    let { params = null }: Props = $props();

    const bench = new BenchState(
        () => (params?.company ? Number(params.company) : null),
        () => (params?.figure ? Number(params.figure) : null),
    );
    const presence = new Presence();

    let main: HTMLElement | undefined = $state();

    // The link that led here keeps no hold of the keys.
    $effect(() => main?.focus({ preventScroll: true }));

    $effect(() => {
        void presence.wake();
        const seen = () => void presence.wake();
        document.addEventListener('visibilitychange', seen);
        return () => {
            document.removeEventListener('visibilitychange', seen);
            presence.leave();
        };
    });
    $effect(() => presence.watch(bench.bench?.drying ?? [], bench.bench?.now ?? ''));
    // A step begins at its top, wherever the one before was left.
    const id = $derived(bench.step?.id);
    $effect(() => {
        if (id) window.scrollTo({ top: 0 });
    });
    const spoken = $derived(bench.step?.spoken ?? '');
    $effect(() => presence.say(spoken));

    function key(event: KeyboardEvent) {
        const wanted = bench.dialog ? null : keyOf(event, bench);
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
            {#if bench.bench.sitting?.started}<SittingBar {bench} sitting={bench.bench.sitting} />{/if}
            {#if bench.problem && !bench.dialog}<InlineNotification
                    lowContrast
                    kind="error"
                    title={bench.problem}
                />{/if}
            <TakeCare {bench} view={bench.bench} />
            <InTime {bench} view={bench.bench} />
            {#if bench.bench.stop}<StopHere {bench} stop={bench.bench.stop} />{/if}
            {#if bench.isSittingDone && bench.bench.sitting}
                <SittingDone sitting={bench.bench.sitting} onpaint={() => (bench.paintsOn = true)} />
            {:else if bench.step}
                <BenchStepView {bench} step={bench.step} />
            {:else}
                <AllDone bench={bench.bench} />
            {/if}
        </main>
        <BenchSide {bench} {presence} view={bench.bench} />
    </div>
    <BenchDialogs {bench} view={bench.bench} />
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
        padding: 20px 44px 0;
    }
    @media (max-width: 980px) {
        .bench {
            display: block;
        }
        .bench main {
            padding: 12px 16px 0;
        }
    }
</style>
