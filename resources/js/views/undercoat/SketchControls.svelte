<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { sentence } from '../../api/client';
    import type { GroundLaid, Undercoats } from '../../api/wire';
    import type { Sketch } from './sketch.svelte';

    interface Props {
        sketch: Sketch;
        data: Undercoats;
        busy: boolean;
        ontake: (paint: number | null, lights: GroundLaid['lights'], kind: string) => void;
    }
    let { sketch, data, busy, ontake }: Props = $props();

    const spray = $derived(data.kinds.find((k) => k.allowed && k.id !== 'brush'));
    const primers: { words: string; which: 'dark' | 'other' | 'light' }[] = $derived([
        { words: 'all over', which: 'dark' },
        ...(sketch.mode === 'single'
            ? []
            : [{ words: sketch.mode === 'two' ? 'then, lower' : 'from below', which: 'other' as const }]),
        { words: 'from above', which: 'light' },
    ]);
</script>

<div class="controls">
    <label class="angle"
        ><span>Angle over the horizontal <strong>{sketch.angle}°</strong></span>
        <input type="range" min="5" max="90" step="5" bind:value={sketch.angle} /></label
    >
    <div class="facings">
        {#each sketch.query.data?.facings ?? [] as facing (facing.facing)}
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
        <label><input type="radio" name="mode" value="single" bind:group={sketch.mode} /> one light</label>
        <label><input type="radio" name="mode" value="two" bind:group={sketch.mode} /> two tones</label>
        <label
            ><input type="radio" name="mode" value="shadow" bind:group={sketch.mode} /> a coloured shadow from below</label
        >
    </div>
    <p class="choose">
        {#each primers as { words, which } (which)}
            <label
                >{words}
                <select class="line-select" aria-label={words} bind:value={sketch[which]}
                    >{#each data.primers as p (p.id)}<option value={String(p.id)}>{p.name}</option>{/each}</select
                ></label
            >
        {/each}
    </p>
    <div class="choose" role="radiogroup" aria-label="What the drawing shows">
        <span class="soft">The drawing shows</span>
        <label><input type="radio" name="shown" value="bare" bind:group={sketch.shown} /> the bare sketch</label>
        <label><input type="radio" name="shown" value="once" bind:group={sketch.shown} /> one coat over it</label>
        <label><input type="radio" name="shown" value="done" bind:group={sketch.shown} /> all done</label>
    </div>
    {#if sketch.query.error}<p role="alert">{sentence(sketch.query.error)}</p>{/if}
    {#if spray}
        <Button
            size="small"
            disabled={busy || !!sketch.query.error}
            onclick={() => ontake(Number(sketch.dark), sketch.lights, spray.id)}>Use this sketch</Button
        >
    {:else}
        <p class="soft">
            A light sketch is sprayed: your answers under <a href="#/own">What you own</a> rule out airbrush and spray cans.
        </p>
    {/if}
</div>

<style>
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
</style>
