<script lang="ts">
    import type { Swatch } from '../../api/wire';
    import { counted } from '../../parts/words';

    interface Props {
        swatch: Swatch;
    }
    let { swatch }: Props = $props();

    const rows = $derived(
        [
            { name: 'typed in', side: swatch.before },
            { name: 'measured', side: swatch.after },
        ].filter((row) => row.side),
    );
    const coats = (all: (number | null)[]) => all.map((n) => (n === null ? 'over 12' : String(n))).join(' · ');
    const told = $derived(
        [
            swatch.apart === null ? '' : `Its colour was ${swatch.apart.toFixed(1)} off.`,
            `One coat leaves ${swatch.contrast.toFixed(0)} % of the card’s contrast.`,
            swatch.guarded === 18
                ? 'It hides in one coat, so its scattering is known only from below.'
                : swatch.guarded
                  ? `In ${counted(swatch.guarded, 'band')} of 18 it hides at once; there the others tell its scattering.`
                  : '',
        ]
            .filter(Boolean)
            .join(' '),
    );
</script>

<p class="soft">
    {swatch.by === 'reader' ? 'Read' : 'Typed in'} on {swatch.at.slice(0, 10)}, {swatch.thin === '1:0'
        ? 'undiluted'
        : `thinned ${swatch.thin}`}.
</p>
<div class="sides">
    <span></span><span>full hide</span><span>one coat on dark, grey, light</span><span>coats to hide</span>
    {#each rows as row (row.name)}
        <b>{row.name}</b>
        <i style:background={row.side?.hex}></i>
        <div>
            {#each row.side?.one_coat ?? [] as hex, n (n)}<i style:background={hex}></i>{/each}
        </div>
        <span class="number">{coats(row.side?.coats ?? [])}<br />±{row.side?.certainty.toFixed(1)}</span>
    {/each}
</div>
<p>{told}</p>

<style>
    .sides {
        display: grid;
        grid-template-columns: 66px 68px minmax(0, 1fr) 92px;
        gap: 6px 10px;
        align-items: center;
        margin: 8px 0;
        font-size: var(--size-small);
    }
    .sides > span {
        line-height: 1.2;
        color: var(--ink-soft);
    }
    .sides .number {
        color: var(--ink);
    }
    b {
        font-weight: 600;
    }
    i {
        display: block;
        height: 48px;
    }
    .sides div {
        display: grid;
        grid-template-columns: repeat(3, 1fr);
    }
</style>
