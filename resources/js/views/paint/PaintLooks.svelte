<script lang="ts">
    import type { Looks } from '../../api/wire';
    import Strip from '../../parts/Strip.svelte';

    interface Props {
        looks: Looks;
        words: string;
        hex: string;
        /** whether the colour is one coat over white instead of full hide */
        overWhite: boolean;
        /** ± of the difference */
        certainty: number;
        source: string;
    }
    let { looks, words, hex, overWhite, certainty, source }: Props = $props();

    const strip = $derived(
        looks.metal
            ? [
                  { hex: looks.metal.away, name: 'Turned away from the light' },
                  { hex: looks.metal.base, name: 'Its base colour' },
                  { hex: looks.metal.toward, name: 'Turned toward the light' },
              ]
            : looks.varnished.map((v) => ({
                  hex: v.hex,
                  name: `Under ${v.sheen} varnish${v.apart < 0.1 ? ', as it is' : `, ${v.apart.toFixed(1)} off`}`,
              })),
    );
</script>

{#if looks.metal}
    <Strip fields={strip} height="150px" />
{:else}
    <div class="pair" role="img" aria-label="Dry {looks.dry}, wet {looks.wet}">
        <i style:background={looks.dry}></i><i style:background={looks.wet}></i>
    </div>
    <p class="under">
        <span
            >{overWhite ? 'dry, one coat over white' : 'dry, at full hide'} · {words} ·
            <span class="mono">{hex}</span></span
        ><span>wet</span>
    </p>
    <p>
        Its colour is {source}: to ±{certainty.toFixed(1)}. It {looks.drying}{!looks.wet_shows
            ? ''
            : ` (${looks.wet_apart.toFixed(1)} from wet to dry)`}.
        {#if looks.screen_short}The screen cannot show it whole: {looks.off_screen.toFixed(1)} of it is lost here.{/if}
    </p>
    <div class="varnished"><Strip fields={strip} /></div>
{/if}
{#if looks.metal}
    <p>Its base colour is {source}: to ±{certainty.toFixed(1)} · {words} · <span class="mono">{hex}</span></p>
    <p class="soft">
        The range covers lightness as flakes turn in the light. It says nothing of sparkle, and metal is kept out of
        mixes with matt paint unless you ask for it.
    </p>
{/if}

<style>
    .pair {
        display: grid;
        grid-template-columns: 3fr 1fr;
        height: 150px;
    }
    .under {
        display: grid;
        grid-template-columns: 3fr 1fr;
        margin: 4px 0 8px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    .varnished {
        margin-top: 10px;
    }
</style>
