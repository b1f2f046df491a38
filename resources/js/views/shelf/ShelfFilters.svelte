<script lang="ts">
    import type { Shelf } from '../../api/wire';
    import type { ShelfView } from './shelf.svelte';

    interface Props {
        view: ShelfView;
        behaviours: string[];
        /** in what paint comes */
        kinds: Shelf['forms'];
    }
    let { view, behaviours, kinds }: Props = $props();

    const forms = $derived(kinds.filter((f) => view.all.some((p) => p.form === f.id)));
    const finishes = $derived([...new Set(view.all.map((p) => p.sheen || 'matt'))].sort());

    const present = $derived(behaviours.filter((b) => view.all.some((p) => p.behaviour === b)));
    const liked = $derived(view.all.find((p) => String(p.id) === view.like));
</script>

<div class="filters">
    <label
        >Behaviour <select class="line-select" bind:value={view.behaviour}
            ><option value="">any</option>{#each present as b (b)}<option>{b}</option>{/each}</select
        ></label
    >
    <label
        >Family <select class="line-select" bind:value={view.family}
            ><option value="">any</option>{#each view.families as f (f)}<option>{f}</option>{/each}</select
        ></label
    >
    {#if forms.length > 1}
        <label
            >Comes in <select class="line-select" bind:value={view.form}
                ><option value="">any</option>{#each forms as f (f.id)}<option value={f.id}>{f.words}</option
                    >{/each}</select
            ></label
        >
    {/if}
    {#if finishes.length > 1}
        <label
            >Finish <select class="line-select" bind:value={view.finish}
                ><option value="">any</option>{#each finishes as f (f)}<option>{f}</option>{/each}</select
            ></label
        >
    {/if}
    <label
        >Show <select class="line-select" bind:value={view.show}
            ><option value="">everything</option><option value="low">what is low</option><option value="unused"
                >what no recipe uses</option
            ><option value="away">what is not in stock</option><option value="guessed">what is guessed</option></select
        ></label
    >
    {#if liked}<span>like {liked.name}, nearest first · <a href="#/shelf">all again</a></span>{/if}
</div>

<style>
    .filters {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 18px;
        align-items: center;
        margin-bottom: 14px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
</style>
