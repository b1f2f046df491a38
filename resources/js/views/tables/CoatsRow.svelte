<script lang="ts">
    import type { CoatsTable } from '../../api/wire';
    import { counted } from '../../parts/words';

    interface Props {
        row: CoatsTable['rows'][number];
        /** fields in a row, so that the coats of several paints stand under each other */
        fields: number;
        /** colour of the ground */
        over: string;
        /** takes the paint out of the comparison; absent for the last one */
        ondrop: (() => void) | null;
    }
    let { row, fields, over, ondrop }: Props = $props();
    const told = $derived(
        row.coats === null
            ? `not hidden after ${row.after.length} coats: still ${row.differences.at(-1)?.toFixed(1)} off`
            : row.coats === 1
              ? `hidden at once, ${row.differences[0]?.toFixed(1)} off`
              : `hidden after ${counted(row.coats, 'coat')}; after the first it is ${row.differences[0]?.toFixed(1)} off`,
    );
</script>

<section>
    <div class="head">
        <h2>{row.name}</h2>
        <p>{told}. <span class="soft">Likely {row.between}.</span></p>
        {#if ondrop}<button class="link-button" onclick={ondrop} aria-label="Remove {row.name}">remove</button>{/if}
    </div>
    <div class="stairs" style:--fields={fields} role="img" aria-label="{row.name} coat by coat: {row.after.join(', ')}">
        <i style:background={over}></i>{#each row.after as hex, n (n)}<i style:background={hex}></i>{/each}<i
            class="full"
            style:background={row.hex}
        ></i>
    </div>
    <div class="stairs numbers" style:--fields={fields} aria-hidden="true">
        <span>bare</span>{#each row.after as hex, n (n)}<span title="{hex}, ±{row.certainties[n]?.toFixed(1)}"
                >{n + 1}<small>±{row.certainties[n]?.toFixed(1)}</small></span
            >{/each}<span>its own</span>
    </div>
</section>

<style>
    section {
        max-width: 940px;
        margin-top: 18px;
    }
    .head {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 16px;
        align-items: baseline;
        margin-bottom: 6px;
    }
    .stairs {
        display: grid;
        grid-template-columns: repeat(var(--fields), minmax(0, 1fr));
    }
    .stairs i {
        height: 84px;
    }
    .stairs .full {
        margin-left: 8px;
    }
    small {
        display: block;
        font-size: var(--size-fine);
    }
    .numbers span {
        font-size: var(--size-fine);
        text-align: center;
        color: var(--ink-soft);
    }
</style>
