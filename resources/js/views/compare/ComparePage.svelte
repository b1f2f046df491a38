<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { router } from 'svelte-spa-router';
    import { sentence } from '../../api/client';
    import { compareQuery, figuresQuery } from '../../api/queries';
    import FigureSelect from '../../parts/FigureSelect.svelte';
    import Layers from '../../parts/Layers.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import AreasCompared from './AreasCompared.svelte';
    import SideHead from './SideHead.svelte';

    interface Props {
        params?: { company?: string } | null;
    }
    let { params = null }: Props = $props();

    const figures = createQuery(figuresQuery);
    const companies = $derived(figures.data?.companies ?? []);
    const figure = $derived(companies.find((c) => String(c.id) === params?.company) ?? companies[0] ?? null);
    const question = $derived.by(() => {
        const asked = Object.fromEntries(new URLSearchParams(router.querystring ?? ''));
        return Object.keys(asked).some((k) => k.startsWith('b[')) ? asked : { ...asked, 'b[way]': 'layers' };
    });
    const compared = createQuery(() => ({
        ...compareQuery(figure?.id ?? null, question as Record<string, string>),
        placeholderData: (before) => before,
    }));
    const data = $derived(compared.data);

    function ask(name: string, value: string) {
        const all = new URLSearchParams(question as Record<string, string>);
        if (value === '') all.delete(name);
        else all.set(name, value);
        if (![...all.keys()].some((k) => k.startsWith('b['))) all.set('b[way]', '');
        location.hash = `#/compare/${figure?.id}?${all}`;
    }
</script>

{#if figures.isSuccess && figure === null}
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
                    ask('area', '');
                }}><strong>The whole figure</strong><span>all its areas</span></a
            >
            {#each data?.areas ?? [] as each (each.id)}
                <a
                    class="rail-entry"
                    href="#/compare/{figure.id}?area={each.id}"
                    aria-current={data?.area === each.id ? 'page' : undefined}
                    onclick={(e) => {
                        e.preventDefault();
                        ask('area', String(each.id));
                    }}><strong>{each.words}</strong></a
                >
            {/each}
        </nav>
        <main>
            <h1>Two drafts side by side</h1>
            {#if compared.isError}<p role="alert">{sentence(compared.error)}</p>{/if}
            {#if data}
                <p class="said"><strong>Against the first, the second:</strong> {data.said}</p>
                <div class="sides">
                    <SideHead side="a" title="First" {data} {question} onask={ask} />
                    <SideHead side="b" title="Second" {data} {question} onask={ask} />
                </div>
                {#if data.area !== null}
                    <div class="sides">
                        <Layers layers={data.a.areas[0]?.layers ?? []} other={data.b.areas[0]?.layers ?? []} />
                        <Layers layers={data.b.areas[0]?.layers ?? []} other={data.a.areas[0]?.layers ?? []} />
                    </div>
                {/if}
                <AreasCompared {data} />
                <p class="soft">
                    Nothing is changed by comparing. To take a draft, open the <a
                        href="#/recipe/{data.area ?? data.areas[0]?.id}">recipe</a
                    >
                    and choose its way there; the ground is taken on <a href="#/undercoat/{figure.id}">Undercoat</a>.
                </p>
            {/if}
        </main>
    </div>
{/if}

<style>
    .none {
        padding: 40px 28px;
    }
    .said {
        margin: 8px 0 16px;
    }
    .sides {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 28px;
        margin-bottom: 20px;
    }
    @media (max-width: 720px) {
        .sides {
            gap: 14px;
        }
    }
</style>
