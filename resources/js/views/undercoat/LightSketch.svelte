<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { put, sentence } from '../../api/client';
    import type { Faces, Figure, GroundLaid, LightSketch, Undercoats } from '../../api/wire';
    import FigureDrawing from '../../parts/FigureDrawing.svelte';
    import type { Tones } from '../../parts/drawing';

    interface Props {
        figure: Figure;
        data: Undercoats;
        busy: boolean;
        ontake: (paint: number | null, lights: GroundLaid['lights'], kind: string) => void;
    }
    let { figure, data, busy, ontake }: Props = $props();

    type Mode = 'single' | 'two' | 'shadow';
    // svelte-ignore state_referenced_locally
    const byLight = data.primers;
    let dark = $state(String(byLight[0]?.id ?? ''));
    let light = $state(String(byLight[byLight.length - 1]?.id ?? ''));
    let other = $state(String(byLight[Math.floor(byLight.length / 2)]?.id ?? ''));
    let mode: Mode = $state('single');
    // svelte-ignore state_referenced_locally
    let angle = $state(data.angles.light);
    let shown: 'bare' | 'once' | 'done' = $state('bare');
    const lights = $derived(
        mode === 'single'
            ? [{ paint_id: Number(light), degrees: angle }]
            : mode === 'two'
              ? [
                    { paint_id: Number(other), degrees: Math.max(5, angle - data.angles.lower_by) },
                    { paint_id: Number(light), degrees: angle },
                ]
              : [
                    { paint_id: Number(other), degrees: data.angles.below },
                    { paint_id: Number(light), degrees: angle },
                ],
    );
    const spray = $derived(data.kinds.find((k) => k.allowed && k.id !== 'brush'));
    const sketch = createQuery(() => ({
        queryKey: ['undercoat', figure.id, 'sketch', dark, JSON.stringify(lights)],
        queryFn: () =>
            put<LightSketch>('POST', `companies/${figure.id}/undercoat/sketch`, { paint_id: Number(dark), lights }),
        placeholderData: (before: LightSketch | undefined) => before,
        enabled: data.primers.length > 1,
    }));
    const tones = $derived<Tones>(
        new Map((sketch.data?.areas ?? []).map((a): [number, Faces | null] => [a.id, a[shown] ?? a.bare])),
    );
    const name = (id: number) => figure.areas.find((a) => a.id === id)?.name ?? '';
</script>

<h1>How steep shall the light fall?</h1>
<p class="soft">
    Steeper from above lights less of the sides. What faces up stands for the ridges, what faces down for the recesses. {sketch
        .data?.model ?? ''}
</p>
{#if data.primers.length < 2}
    <p>A light sketch needs a dark and a light primer on the shelf. <a href="#/shelf">Bring one to it</a> first.</p>
{:else}
    <div class="sketch">
        <div class="plate"><FigureDrawing {figure} {tones} label="{figure.name} under this light sketch" /></div>
        <div class="controls">
            <label class="angle"
                ><span>Angle over the horizontal <strong>{angle}°</strong></span>
                <input type="range" min="5" max="90" step="5" bind:value={angle} /></label
            >
            <div class="facings">
                {#each sketch.data?.facings ?? [] as facing (facing.facing)}
                    <div>
                        <i style:background={facing.hex}></i>
                        <p>
                            <strong>{facing.facing}</strong><br />{facing.share} % of the light tone<br />lightness {facing.lightness.toFixed(
                                0,
                            )}
                        </p>
                    </div>
                {/each}
            </div>
            <div class="choose" role="radiogroup" aria-label="Sort of sketch">
                <label><input type="radio" name="mode" value="single" bind:group={mode} /> one light</label>
                <label><input type="radio" name="mode" value="two" bind:group={mode} /> two tones</label>
                <label
                    ><input type="radio" name="mode" value="shadow" bind:group={mode} /> a coloured shadow from below</label
                >
            </div>
            <p class="choose">
                {#each [['all over', 'dark'], ...(mode === 'single' ? [] : [[mode === 'two' ? 'then, lower' : 'from below', 'other']]), ['from above', 'light']] as [words, which] (which)}
                    <label
                        >{words}
                        {#if which === 'dark'}<select class="line-select" aria-label={words} bind:value={dark}
                                >{#each data.primers as p (p.id)}<option value={String(p.id)}>{p.name}</option
                                    >{/each}</select
                            >
                        {:else if which === 'other'}<select class="line-select" aria-label={words} bind:value={other}
                                >{#each data.primers as p (p.id)}<option value={String(p.id)}>{p.name}</option
                                    >{/each}</select
                            >
                        {:else}<select class="line-select" aria-label={words} bind:value={light}
                                >{#each data.primers as p (p.id)}<option value={String(p.id)}>{p.name}</option
                                    >{/each}</select
                            >{/if}</label
                    >
                {/each}
            </p>
            <div class="choose" role="radiogroup" aria-label="What the drawing shows">
                <span class="soft">The drawing shows</span>
                <label><input type="radio" name="shown" value="bare" bind:group={shown} /> the bare sketch</label>
                <label><input type="radio" name="shown" value="once" bind:group={shown} /> one coat over it</label>
                <label><input type="radio" name="shown" value="done" bind:group={shown} /> all done</label>
            </div>
            {#if sketch.error}<p role="alert">{sentence(sketch.error)}</p>{/if}
            {#if spray}
                <Button
                    size="small"
                    disabled={busy || !!sketch.error}
                    onclick={() => ontake(Number(dark), lights, spray.id)}>Take this sketch</Button
                >
            {:else}
                <p class="soft">
                    A light sketch is sprayed: your answers on <a href="#/figures">Figures</a> rule out airbrush and spray
                    cans.
                </p>
            {/if}
        </div>
    </div>
    {#if sketch.data?.areas.some((a) => a.value)}
        <h2>As a value sketch</h2>
        <p class="soft">Each area brought to the lightness it will finally have, before any colour.</p>
        <ul class="values">
            {#each sketch.data.areas.filter((a) => a.value) as area (area.id)}
                <li><strong>{name(area.id)}</strong> {area.value}</li>
            {/each}
        </ul>
    {/if}
{/if}

<style>
    .sketch {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
        gap: 28px;
        margin: 14px 0 22px;
    }
    .plate {
        height: 460px;
        padding: 12px;
        background: var(--surround-deep);
    }
    .angle {
        display: block;
    }
    .angle span {
        display: flex;
        justify-content: space-between;
    }
    .angle input {
        width: 100%;
    }
    .facings {
        display: grid;
        grid-template-columns: repeat(3, 1fr);
        gap: 12px;
        margin: 12px 0;
        font-size: var(--size-plain);
    }
    .facings i {
        display: block;
        height: 84px;
        margin-bottom: 6px;
    }
    .choose {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 18px;
        align-items: center;
        margin: 10px 0;
    }
    .values {
        columns: 2;
        margin: 8px 0;
        padding: 0;
        list-style: none;
    }
    .values li {
        padding: 4px 0;
        break-inside: avoid;
    }
    @media (max-width: 720px) {
        .sketch {
            grid-template-columns: 1fr;
        }
        .plate {
            height: 320px;
        }
        .values {
            columns: 1;
        }
    }
</style>
