<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { router } from 'svelte-spa-router';
    import { sentence } from '../../api/client';
    import { compareQuery, figuresQuery } from '../../api/queries';
    import FigureSelect from '../../parts/FigureSelect.svelte';
    import Layers from '../../parts/Layers.svelte';
    import { chosen } from '../../parts/chosen';
    import NoSuch from '../../parts/NoSuch.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import AreasCompared from './AreasCompared.svelte';
    import SideHead from './SideHead.svelte';
    import { addressOf, nth, withSaid, type Asked } from './sides';

    interface Props {
        params?: { company?: string } | null;
    }
    let { params = null }: Props = $props();

    const figures = createQuery(figuresQuery);
    const companies = $derived(figures.data?.companies ?? []);
    const figure = $derived(chosen(companies, params?.company));
    const question = $derived(Object.fromEntries(new URLSearchParams(router.querystring ?? '')));
    const compared = createQuery(() => ({
        ...compareQuery(figure?.id ?? null, question as Record<string, string>),
        placeholderData: (before) => before,
    }));
    const data = $derived(compared.data);

    function go(all: URLSearchParams) {
        location.hash = `#/compare/${figure?.id}?${all}`;
    }

    const asked = (sides: Asked[]) => addressOf(data?.area ?? null, sides);
    const all = () => (data?.sides ?? []).map((side) => side.asked);

    function ask(side: number, name: keyof Asked, value: string) {
        go(asked(all().map((each, i) => (i === side ? withSaid(each, name, value) : each))));
    }

    function turnTo(area: string) {
        go(new URLSearchParams(area ? { area } : {}));
    }

    /** One side more: the way that differs most of those that are not there yet. */
    function add() {
        const address = asked(all());
        address.set(nth(all().length), 'most');
        go(address);
    }

    const drop = (side: number) => go(asked(all().filter((_, i) => i !== side)));
</script>

{#if figures.isSuccess && params?.company && figure === null}
    <NoSuch what="figure" />
{:else if figures.isSuccess && figure === null}
    <main class="none">
        <h1>No figure to compare drafts of</h1>
        <p><a href="#/figures">Describe a figure</a> first.</p>
    </main>
{:else if !figure || (!data && !compared.isError)}
    <Waiting problem={figures.error} />
{:else}
    <div class="duo">
        <nav class="rail" aria-label="What is compared">
            <FigureSelect {companies} {figure} page="compare" />
            <a
                class="rail-entry"
                href="#/compare/{figure.id}"
                aria-current={data?.area === null ? 'page' : undefined}
                onclick={(e) => {
                    e.preventDefault();
                    turnTo('');
                }}><strong>The whole figure</strong><span>all its areas</span></a
            >
            {#each data?.areas ?? [] as each (each.id)}
                <a
                    class="rail-entry"
                    href="#/compare/{figure.id}?area={each.id}"
                    aria-current={data?.area === each.id ? 'page' : undefined}
                    onclick={(e) => {
                        e.preventDefault();
                        turnTo(String(each.id));
                    }}><strong>{each.words}</strong></a
                >
            {/each}
        </nav>
        <main>
            <h1>Drafts side by side</h1>
            {#if compared.isError}<p role="alert">{sentence(compared.error)}</p>{/if}
            {#if data}
                <div class="sides" style:--sides={data.sides.length}>
                    {#each data.sides as _, i (i)}
                        <SideHead
                            side={i}
                            {data}
                            onask={(name, value) => ask(i, name, value)}
                            ondrop={i > 1 ? () => drop(i) : undefined}
                        />
                    {/each}
                </div>
                {#if data.sides.length < 4}<p>
                        <button class="link-button" onclick={add}>Compare with one more</button>
                    </p>{/if}
                {#if data.area !== null}
                    <div class="sides" style:--sides={data.sides.length}>
                        {#each data.sides as side, i (i)}
                            <Layers
                                layers={side.areas[0]?.layers ?? []}
                                other={data.sides[i === 0 ? 1 : 0]?.areas[0]?.layers ?? []}
                            />
                        {/each}
                    </div>
                {/if}
                <AreasCompared {data} />
                <p class="soft">
                    Nothing is changed by comparing. To use a draft, open the <a
                        href="#/recipe/{data.area ?? data.areas[0]?.id}">recipe</a
                    >
                    and choose its way there; the undercoat is chosen on
                    <a href="#/undercoat/{figure.id}">Undercoat</a>.
                </p>
            {/if}
        </main>
    </div>
{/if}

<style>
    .none {
        padding: 40px 28px;
    }
    .sides {
        display: grid;
        grid-template-columns: repeat(var(--sides), minmax(0, 1fr));
        gap: 28px;
        margin: 12px 0 20px;
    }
    @media (max-width: 720px) {
        .sides {
            grid-template-columns: minmax(0, 1fr);
            gap: 14px;
        }
    }
</style>
