<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { figuresQuery, schemeQuery } from '../../api/queries';
    import type { Scheme } from '../../api/wire';
    import Refused from '../../parts/Refused.svelte';
    import { chosen } from '../../parts/chosen';
    import NoSuch from '../../parts/NoSuch.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { capital, counted, inWords } from '../../parts/words';
    import AreaColour from './AreaColour.svelte';
    import BesideColours from './BesideColours.svelte';
    import DraftAll from '../../parts/DraftAll.svelte';
    import Mending from './Mending.svelte';
    import Proposing from './Proposing.svelte';
    import { SchemeDesk } from './scheme.svelte';
    import SchemeRail from './SchemeRail.svelte';
    import SchemeViews from './SchemeViews.svelte';
    import Together from './Together.svelte';
    import Trials from './Trials.svelte';

    interface Props {
        params?: { company?: string } | null;
    }
    let { params = null }: Props = $props();

    const figures = createQuery(figuresQuery);
    const companies = $derived(figures.data?.companies ?? []);
    const figure = $derived(chosen(companies, params?.company));
    const id = $derived(figure?.id ?? null);
    const desk: SchemeDesk = new SchemeDesk(
        () => figure?.id ?? null,
        () => data,
    );
    const scheme = createQuery(() => ({
        ...schemeQuery(figure?.id ?? null, desk.metres),
        placeholderData: (before) => (before?.areas[0]?.id === figure?.areas[0]?.id ? before : undefined),
    }));
    const data: Scheme | null = $derived(scheme.data ?? null);
    const area = $derived(data?.areas.find((a) => a.id === desk.chosen) ?? null);
    const lost = $derived((data?.pairs.length ?? 0) - (data?.clear ?? 0));
    const heading = $derived(
        desk.doing === 'proposing'
            ? data?.areas.some((a) => a.fixed)
                ? 'Which scheme for the rest?'
                : 'Which scheme?'
            : desk.doing === 'trials'
              ? 'What was tried'
              : !data || data.pairs.length === 0
                ? 'A colour for every area'
                : data.undecided
                  ? 'Fix the leading colours, let the rest follow'
                  : 'Does it read at a distance?',
    );
    $effect(() => {
        void id;
        desk.chosen = null;
        desk.doing = 'judging';
        desk.write.forget();
    });
</script>

{#if figures.isSuccess && params?.company && figure === null}
    <NoSuch what="figure" />
{:else if !figures.isSuccess || (figure && !data)}
    <Waiting problem={figures.error ?? scheme.error} />
{:else if !figure || !data}
    <main class="empty">
        <h1>No figure yet</h1>
        <p>Colours are chosen for the areas of a figure. <a href="#/figures">Describe one</a> first.</p>
    </main>
{:else}
    <div class="trio wide">
        <SchemeRail {companies} {figure} scheme={data} {desk} />
        <main>
            <h1>{heading}</h1>
            <p class="soft found">
                {#if data.pairs.length}
                    {inWords(data.pairs.length).toLowerCase()} pairs of neighbours, {lost
                        ? `${inWords(data.clear).toLowerCase()} clear, ${inWords(lost).toLowerCase()} not,`
                        : 'every one clear'} from {data.metres} m
                {:else if data.undecided === data.areas.length && desk.doing === 'judging'}
                    Choose an area at the left and give it a colour, or have whole schemes proposed.
                {:else if desk.doing === 'judging'}
                    No two neighbours have colours yet.
                {/if}
                {#if data.undecided && data.undecided < data.areas.length}
                    · {counted(data.undecided, 'area')} undecided{/if}
            </p>
            <Refused write={desk.write} />
            {#if desk.doing === 'proposing'}
                <Proposing {figure} scheme={data} {desk} />
            {:else if desk.doing === 'trials'}
                <Trials {figure} scheme={data} {desk} />
            {:else}
                <SchemeViews {figure} scheme={data} {desk} />
                <BesideColours {figure} scheme={data} {desk} />
                <Together scheme={data} {desk} />
            {/if}
        </main>
        <aside class="panel" aria-label={area ? `Colour of ${area.name}` : 'What to fix'}>
            {#if area}
                {#key area.id}<AreaColour {area} {figure} {desk} />{/key}
            {:else}
                <Mending scheme={data} {desk} />
                <div class="go">
                    <Button
                        href="#/undercoat/{figure.id}"
                        kind="tertiary"
                        disabled={data.undecided === data.areas.length}>Choose the undercoat</Button
                    >
                    <DraftAll
                        company={figure.id}
                        areas={figure.areas.map((a) => ({
                            ...a,
                            colour: data.areas.find((own) => own.id === a.id)?.hex ?? a.colour,
                        }))}
                    />
                    {#if data.areas[0]}<a href="#/recipe/{data.areas.find((a) => !a.planned)?.id ?? data.areas[0].id}"
                            >Go to the recipes, one by one</a
                        >{/if}
                    <button class="link-button" onclick={() => (desk.doing = 'trials')}
                        >{data.trials.length
                            ? capital(`${counted(data.trials.length, 'trial')} kept beside it`)
                            : 'Keep this as a trial'}</button
                    >
                </div>
            {/if}
        </aside>
    </div>
{/if}

<style>
    .empty {
        padding: 28px;
    }
    .found {
        margin: 3px 0 12px;
    }
    .go {
        display: grid;
        gap: 10px;
        justify-items: start;
        margin-top: 22px;
    }
    .wide {
        grid-template-columns: 280px minmax(0, 1fr) 320px;
    }
</style>
