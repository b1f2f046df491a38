<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { ContentSwitcher, Search, Switch } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import { likeQuery } from '../../api/queries';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted } from '../../parts/words';
    import PaintList from './PaintList.svelte';
    import PaintPanel from './PaintPanel.svelte';
    import PaintWall from './PaintWall.svelte';
    import ManyPaints from './ManyPaints.svelte';
    import { ShelfView, type Mode } from './shelf.svelte';
    import ShelfDialogs from './ShelfDialogs.svelte';
    import ShelfDoubts from './ShelfDoubts.svelte';
    import ShelfEmpty from './ShelfEmpty.svelte';
    import ShelfFilters from './ShelfFilters.svelte';
    import ShelfMap from './ShelfMap.svelte';
    import ShelfSets from './ShelfSets.svelte';
    import ShelfTop from './ShelfTop.svelte';
    import Undo from './Undo.svelte';

    const MODES: Mode[] = ['wall', 'map', 'list', 'sets'];
    const like = $derived(new URLSearchParams(router.querystring ?? '').get('like') ?? '');
    const shelf = createQuery(() => ({ ...likeQuery(like), placeholderData: (before) => before }));
    const view = new ShelfView(() => shelf.data?.paints ?? []);
    const removed = $derived(new URLSearchParams(router.querystring ?? '').get('removed') ?? '');
    $effect(() => {
        view.like = like;
    });
    const opened = $derived(new URLSearchParams(router.querystring ?? '').get('open') ?? '');
    $effect(() => {
        view.removed = removed ? [Number(removed)] : [];
    });
</script>

{#if !shelf.isSuccess}
    <Waiting problem={shelf.error} />
{:else}
    <div class="trio two">
        <main>
            <ShelfTop {view} />
            {#if view.all.length === 0}
                <ShelfEmpty />
            {:else}
                <div class="tools">
                    <Search
                        size="sm"
                        placeholder="Name, range, behaviour, family, place or note"
                        bind:value={view.words}
                    />
                    <ContentSwitcher
                        size="sm"
                        selectedIndex={MODES.indexOf(view.mode)}
                        on:change={(e) => (view.mode = MODES[Number(e.detail)] ?? 'wall')}
                    >
                        <Switch text="Swatches" />
                        <Switch text="Map" />
                        <Switch text="List" />
                        <Switch text="Sets" />
                    </ContentSwitcher>
                </div>
                <ShelfDoubts onchoose={(id) => (view.chosen = id)} onguesses={() => (view.show = 'guessed')} />
                {#if view.mode !== 'sets'}
                    <ShelfFilters {view} behaviours={shelf.data.behaviours.map((b) => b.id)} kinds={shelf.data.forms} />
                {/if}
                {#if view.removed.length}
                    <Undo
                        ids={view.removed}
                        ondone={() => {
                            view.removed = [];
                            if (removed) window.location.hash = '/shelf';
                        }}
                    />
                {/if}
                <p class="visually-hidden" role="status">{counted(view.found.length, 'paint')} shown</p>
                {#if view.mode === 'sets'}
                    <ShelfSets onchoose={(id) => (view.chosen = id)} />
                {:else if view.found.length === 0}
                    <p class="none">
                        No paint {view.words ? `has “${view.words}” in it` : 'is of that kind'}. Choose less above.
                    </p>
                {:else if view.mode === 'map'}
                    <ShelfMap
                        shown={view.found.map((p) => p.id)}
                        chosen={view.chosenId}
                        onchoose={(id) => (view.chosen = id)}
                    />
                {:else if view.mode === 'list'}
                    {#if view.picked.length}
                        <ManyPaints
                            ids={view.picked}
                            paints={shelf.data.paints}
                            onclear={() => (view.picked = [])}
                            onremoved={(ids) => {
                                view.removed = ids;
                                view.picked = [];
                            }}
                        />
                    {/if}
                    <PaintList
                        paints={view.found}
                        chosen={view.chosenId}
                        onchoose={(id) => (view.chosen = id)}
                        picked={view.picked}
                        onpick={(ids) => (view.picked = ids)}
                    />
                {:else}
                    <PaintWall paints={view.found} chosen={view.chosenId} onchoose={(id) => (view.chosen = id)} />
                {/if}
            {/if}
        </main>
        <aside class="panel" aria-label="The chosen paint">
            <PaintPanel id={view.chosenId} onedit={(paint) => view.edit(paint)} onchoose={(id) => (view.chosen = id)} />
        </aside>
    </div>
    <ShelfDialogs {view} shelf={shelf.data} {opened} />
{/if}

<style>
    .tools {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 380px;
        gap: 16px;
        margin: 16px 0 8px;
    }
    .none {
        padding: 24px 0;
    }
    @media (max-width: 720px) {
        .tools {
            grid-template-columns: 1fr;
        }
        .tools :global(.bx--content-switcher-btn) {
            padding-inline: 8px;
        }
    }
</style>
