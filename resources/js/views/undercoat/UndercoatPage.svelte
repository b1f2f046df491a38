<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { figuresQuery, undercoatQuery } from '../../api/queries';
    import type { GroundLaid, Undercoats } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import FigureSelect from '../../parts/FigureSelect.svelte';
    import Refused from '../../parts/Refused.svelte';
    import { chosen } from '../../parts/chosen';
    import NoSuch from '../../parts/NoSuch.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import Grounds from './Grounds.svelte';
    import LightSketch from './LightSketch.svelte';
    import PrimerCost from './PrimerCost.svelte';
    import Sprays from './Sprays.svelte';
    import SprayWeather from './SprayWeather.svelte';
    import type { Wanted } from './sprays';

    interface Props {
        params?: { company?: string } | null;
    }
    let { params = null }: Props = $props();

    const write = useWrite();
    const figures = createQuery(figuresQuery);
    const companies = $derived(figures.data?.companies ?? []);
    const figure = $derived(chosen(companies, params?.company));
    const id = $derived(figure?.id ?? null);
    /** how it would be put on, empty as the company has it */
    let kind = $state('');
    $effect(() => {
        void id;
        kind = '';
    });
    const undercoats = createQuery(() => ({
        ...undercoatQuery(id, kind),
        placeholderData: (before, query) => (query?.queryKey[1] === id ? before : undefined),
    }));
    const data = $derived(undercoats.data ?? null);
    let part: 'ground' | 'sprays' | 'sketch' | 'weather' | 'cost' = $state('ground');
    const rooms = [
        { id: 'ground', name: 'Which ground', about: 'minutes, coats, risks' },
        { id: 'sprays', name: 'Spray by spray', about: 'the order, the drops, the sides' },
        { id: 'sketch', name: 'Light sketch', about: 'the angle of the spray' },
        { id: 'weather', name: 'Spray weather', about: 'good to spray or not' },
        { id: 'cost', name: 'Primer cost', about: 'can against airbrush' },
    ] as const;

    const seen = <T extends object>(body: T) => ({ version: data?.version, ...body });
    const to = (path: string) => `companies/${id}/undercoat${path}`;

    function take(paint_id: number | null, lights: GroundLaid['lights'], way: string) {
        if (paint_id !== null) void write.send('undercoat', 'PUT', to(''), seen({ paint_id, lights, kind: way }));
    }
    const alike = (paint_id: number) => write.send('undercoat', 'PUT', to('/alike'), () => seen({ paint_id }));
    const keep = (areas: { id: number; keeps: boolean }[]) => write.send('undercoat', 'PUT', to('/keeps'), { areas });
    const put = (sprays: Wanted[]) => write.send('undercoat', 'PUT', to('/sprays'), () => seen({ sprays }));
    const value = (paint_id: number, lights: GroundLaid['lights']) =>
        write
            .send('undercoat', 'POST', to('/value-sketch'), () => seen({ paint_id, lights }))
            .then((done) => done && (part = 'sprays'));
    const step = (where: 'undo' | 'redo') => write.send('undercoat', 'POST', to(`/${where}`), () => seen({}));
</script>

{#if figures.isSuccess && params?.company && figure === null}
    <NoSuch what="figure" />
{:else if !figures.isSuccess || (figure && !data)}
    <Waiting problem={figures.error ?? undercoats.error} />
{:else if !figure || !data}
    <main class="empty">
        <h1>No figure yet</h1>
        <p>An undercoat is chosen for the colours of a figure. <a href="#/figures">Describe one</a> first.</p>
    </main>
{:else}
    <div class="duo">
        <nav class="rail" aria-label="Undercoat">
            <FigureSelect {companies} {figure} page="undercoat" />
            {#each rooms as room (room.id)}
                <button
                    class="plain-button rail-entry"
                    aria-label={room.name}
                    aria-pressed={part === room.id}
                    onclick={() => ((part = room.id), write.forget())}
                    ><strong>{room.name}</strong><span>{room.about}</span></button
                >
            {/each}
            <div class="go">
                <Button
                    size="small"
                    kind="tertiary"
                    href="#/recipe/{figure.areas.find((a) => !a.planned)?.id ?? figure.areas[0]?.id}"
                    >Go on to the recipes</Button
                >
                <p><a href="#/scheme/{figure.id}">Back to the scheme</a></p>
            </div>
        </nav>
        <main>
            <Refused {write} />
            {#if part === 'ground'}
                <Grounds
                    {figure}
                    {data}
                    busy={write.pending}
                    bind:kind
                    ontake={take}
                    onstep={step}
                    onalike={alike}
                    onkeep={keep}
                />
            {:else if part === 'sprays'}
                <Sprays {figure} {data} busy={write.pending} onput={put} onstep={step} />
            {:else if part === 'sketch'}
                <LightSketch {figure} {data} busy={write.pending} ontake={take} onvalue={value} />
            {:else if part === 'weather'}
                <SprayWeather kind={data.kind} />
            {:else}
                <PrimerCost surface={figure.surface_cm2} figures={figure.count} />
            {/if}
        </main>
    </div>
{/if}

<style>
    .empty {
        padding: 28px;
    }
    .go {
        padding: 18px;
    }
    .go p {
        margin-top: 10px;
    }
    @media (max-width: 720px) {
        nav {
            align-items: center;
        }
        .go {
            flex: none;
            display: flex;
            gap: 14px;
            align-items: center;
            padding: 8px 12px;
        }
    }
</style>
