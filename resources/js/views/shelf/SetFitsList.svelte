<script lang="ts">
    import type { SetFits } from '../../api/wire';

    interface Props {
        fits: SetFits;
    }
    let { fits }: Props = $props();
</script>

<h2>{fits.company} from one set</h2>
{#each fits.fits as fit (fit.name)}
    <section>
        <p>
            <strong>{fit.name}</strong> · {fit.apart === null
                ? 'nothing of it covers'
                : `${fit.apart.toFixed(1)} off on average`}{fit.missed.length
                ? ` · misses ${fit.missed.length > 5 ? `${fit.missed.length} of ${fit.colours.length} areas` : fit.missed.join(', ').toLowerCase()}`
                : ' · misses nothing'}
        </p>
        <div class="pairs">
            {#each fit.colours as colour (colour.area)}
                <div title="{colour.area}: {colour.mix_words}, {colour.words}">
                    <i style:background={colour.wanted}></i><i style:background={colour.look ?? 'transparent'}></i>
                    <span>{colour.area}<br />{colour.difference === null ? '–' : colour.difference.toFixed(1)}</span>
                </div>
            {/each}
        </div>
    </section>
{/each}
<p class="soft">Upper half wanted, lower half the nearest single or mix of two from that set.</p>

<style>
    h2 {
        margin: 20px 0 6px;
        font-size: var(--size-head);
    }
    section {
        padding: 8px 0;
        border-top: 1px solid var(--rule);
    }
    .pairs {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(74px, 1fr));
        gap: 8px;
        margin-top: 6px;
    }
    .pairs i {
        display: block;
        height: 26px;
    }
    .pairs span {
        display: block;
        font-size: var(--size-fine);
        line-height: 1.2;
        color: var(--ink-soft);
    }
</style>
