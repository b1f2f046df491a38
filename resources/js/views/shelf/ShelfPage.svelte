<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, ContentSwitcher, Search, Switch } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import { likeQuery } from '../../api/queries';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted, inWords } from '../../parts/words';
    import ImportShelf from './ImportShelf.svelte';
    import PaintForm from './PaintForm.svelte';
    import PaintList from './PaintList.svelte';
    import PaintPanel from './PaintPanel.svelte';
    import PaintWall from './PaintWall.svelte';
    import ManyPaints from './ManyPaints.svelte';
    import { ShelfView, type Mode } from './shelf.svelte';
    import ShelfFilters from './ShelfFilters.svelte';
    import ShelfMap from './ShelfMap.svelte';
    import ShelfSets from './ShelfSets.svelte';
    import Undo from './Undo.svelte';

    const MODES: Mode[] = ['wall', 'map', 'list', 'sets'];
    const like = $derived(new URLSearchParams(router.querystring ?? '').get('like') ?? '');
    const shelf = createQuery(() => ({ ...likeQuery(like), placeholderData: (before) => before }));
    const view = new ShelfView(() => shelf.data?.paints ?? []);
    const removed = $derived(new URLSearchParams(router.querystring ?? '').get('removed') ?? '');
    $effect(() => {
        view.like = like;
    });
    $effect(() => {
        view.removed = removed ? [Number(removed)] : [];
    });
</script>

{#if !shelf.isSuccess}
    <Waiting problem={shelf.error} />
{:else}
    <div class="trio two">
        <main>
            <div class="top">
                <div>
                    <h1>{inWords(view.all.length)} {view.all.length === 1 ? 'paint' : 'paints'}</h1>
                    {#if view.all.length}<p class="soft">
                            {view.atHand} at hand{view.atHand < view.all.length
                                ? `, ${view.all.length - view.atHand} empty or not owned`
                                : ''}
                            · the bar tells what is left
                        </p>{/if}
                </div>
                <div class="actions">
                    <Button size="small" kind="tertiary" href="#/buy">What to buy</Button>
                    <Button size="small" kind="tertiary" onclick={() => (view.dialog = 'import')}
                        >Files in and out</Button
                    >
                    <Button size="small" onclick={() => view.add()}>Add a paint</Button>
                </div>
            </div>
            {#if view.all.length === 0}
                <div class="empty">
                    <h2>Nothing stands here yet</h2>
                    <p>
                        Everything else is computed from your own paints. Bring them in as a CSV file with a name, a
                        behaviour and a colour for each, or add the first one by hand. A dozen is enough to start.
                    </p>
                    <pre>name,line,behaviour,colour,bottle_ml,left_ml
Wet Slate,Quayside,opaque,#3d4b52,15,6.4
Peat Wash,Quayside,wash,#8b6a49,20,11
Grey Ground,,primer,#868686,30,17.5</pre>
                    <Button onclick={() => (view.dialog = 'import')}>Bring in a file</Button>
                    <Button kind="tertiary" onclick={() => view.add()}>Add a paint</Button>
                </div>
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
                {#if view.mode !== 'sets'}
                    <ShelfFilters {view} behaviours={shelf.data.behaviours.map((b) => b.id)} />
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
                        No paint here {view.words ? `speaks of “${view.words}”` : 'is of that kind'}. Ask for less
                        above.
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
    <ImportShelf open={view.dialog === 'import'} onclose={() => (view.dialog = null)} />
    {#if view.dialog === 'paint'}
        <PaintForm
            paint={view.edited}
            behaviours={shelf.data.behaviours}
            onclose={() => (view.dialog = null)}
            onsaved={(id) => (view.chosen = id)}
        />
    {/if}
{/if}

<style>
    .top {
        display: flex;
        flex-wrap: wrap;
        gap: 12px 24px;
        align-items: start;
        justify-content: space-between;
    }
    .actions {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
    }
    .tools {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 380px;
        gap: 16px;
        margin: 16px 0 8px;
    }
    .empty {
        max-width: 560px;
        padding: 72px 0;
    }
    .empty p {
        margin: 12px 0 24px;
    }
    .empty pre {
        margin: 0 0 24px;
        padding: 14px 16px;
        overflow-x: auto;
        background: var(--rail);
        font-family: var(--mono);
        font-size: var(--size-small);
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
