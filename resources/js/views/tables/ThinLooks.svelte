<script lang="ts">
    import type { ThinTable } from '../../api/wire';
    import Strip from '../../parts/Strip.svelte';
    import { capital, counted } from '../../parts/words';

    interface Props {
        pot: ThinTable;
        /** ground of the film, `#rrggbb` */
        over: string;
        onover: (hex: string) => void;
    }
    let { pot, over, onover }: Props = $props();

    const wetter = $derived(
        !pot.wet_shows
            ? 'It looks wet as it does dry.'
            : `Wet it is ${pot.wet_apart.toFixed(1)} away from dry, ${pot.wet_lighter > 0 ? 'lighter' : 'darker'} by ${Math.abs(pot.wet_lighter).toFixed(1)}: judge it dry, or aim for the left field while it is wet.`,
    );
</script>

<div class="looks">
    <div class="pair" role="img" aria-label="Wet {pot.wet}, dry {pot.dry}">
        <i style:background={pot.wet}></i><i style:background={pot.dry}></i>
    </div>
    <p class="under">
        <span>wet on the palette</span><span
            >{pot.over_white ? 'dry, one coat over white' : 'dry, at full hide'}, ±{pot.certainty.toFixed(1)}</span
        >
    </p>
    {#if pot.spread > 0}
        <p>
            Expect it within ±{pot.certainty.toFixed(1)}: its colour leaves ±{pot.spread.toFixed(1)} open, since other paints
            of the same colours would mix differently, and the colours of its pots ±{pot.own.toFixed(1)}.
        </p>
    {/if}
    <p class="soft">
        {wetter}
        {pot.off_screen > 0.5
            ? `The screen cannot show it whole: ${pot.off_screen.toFixed(1)} of its colour is lost here.`
            : ''}
    </p>
</div>
<div class="strips">
    {#if pot.film}
        <section>
            <h2>Over a ground</h2>
            <div class="film">
                <label style:background={over}
                    ><span class="visually-hidden">Ground</span><input
                        type="color"
                        value={over}
                        oninput={(e) => onover(e.currentTarget.value)}
                    /></label
                >
                {#each pot.film.after as hex, n (n)}<i style:background={hex}></i>{/each}
            </div>
            <div class="film names">
                <span>ground, click to change</span>{#each pot.film.certainties as sure, n (n)}<span
                        >{counted(n + 1, 'coat')}, ±{sure.toFixed(1)}</span
                    >{/each}
            </div>
            <p class="soft">
                {pot.film.coats === null
                    ? 'So thin it does not hide within 12 coats.'
                    : `So thin it hides after ${counted(pot.film.coats, 'coat')}.`} Likely {pot.film.between}.
            </p>
        </section>
    {/if}
    <section>
        <h2>Under varnish</h2>
        <Strip
            height="72px"
            fields={pot.varnished.map((v) => ({
                hex: v.hex,
                name: `${capital(v.sheen)}, ${v.apart.toFixed(1)} from bare`,
            }))}
        />
    </section>
</div>

<style>
    .looks {
        margin-top: 18px;
    }
    .pair {
        display: grid;
        grid-template-columns: 1fr 1fr;
        height: 120px;
    }
    .under {
        display: grid;
        grid-template-columns: 1fr 1fr;
        margin: 3px 0 8px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    .strips {
        display: grid;
        grid-template-columns: 4fr 3fr;
        gap: 24px 36px;
        margin-top: 20px;
    }
    h2 {
        margin-bottom: 8px;
        font-size: var(--size-head);
    }
    .film {
        display: grid;
        grid-template-columns: repeat(4, minmax(0, 1fr));
    }
    .film i,
    label {
        height: 72px;
    }
    label {
        position: relative;
        cursor: pointer;
    }
    label:focus-within {
        outline: 2px solid var(--ink);
    }
    label input {
        position: absolute;
        inset: 0;
        width: 100%;
        height: 100%;
        opacity: 0;
        cursor: pointer;
    }
    .names span {
        padding: 3px 6px 0 0;
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    @media (max-width: 720px) {
        .strips {
            grid-template-columns: 1fr;
        }
    }
</style>
