<script lang="ts">
    import type { GlazeTable } from '../../api/wire';
    import { counted } from '../../parts/words';
    import UseLadder from './UseLadder.svelte';

    interface Props {
        table: GlazeTable;
        glaze: GlazeTable['glazes'][number];
        /** layers of the longest of all offers */
        most: number;
        busy: boolean;
        ontake: (area: number) => void;
    }
    let { table, glaze, most, busy, ontake }: Props = $props();
</script>

<section>
    <p class="head">
        <strong>{glaze.name}, {counted(glaze.layers, 'layer')} at {glaze.thin}</strong><span class="soft"
            >ends {glaze.difference.toFixed(1)} off, to ±{glaze.certainty.toFixed(1)}</span
        >
    </p>
    <div
        class="strip"
        style:--fields={most + 2}
        role="img"
        aria-label="{glaze.name} layer by layer: {glaze.after.join(', ')}"
    >
        <i style:background={table.from}></i>{#each glaze.after as hex, n (n)}<i style:background={hex}></i>{/each}<i
            class="to"
            style:background={table.to}
        ></i>
    </div>
    <div class="strip numbers" style:--fields={most + 2} aria-hidden="true">
        <span>from</span>{#each glaze.after as hex, n (n)}<span title={hex}>{n + 1}</span>{/each}<span>wanted</span>
    </div>
    <p class="soft why">{glaze.reason}</p>
    <UseLadder what="these glazes" {busy} {ontake} />
</section>

<style>
    section {
        max-width: 940px;
        margin-top: 16px;
    }
    .head {
        display: flex;
        flex-wrap: wrap;
        gap: 2px 16px;
        align-items: baseline;
        margin-bottom: 5px;
    }
    .strip {
        display: grid;
        grid-template-columns: repeat(var(--fields), minmax(0, 1fr));
    }
    .strip i {
        height: 62px;
    }
    .strip .to {
        margin-left: 8px;
    }
    .numbers span {
        font-size: var(--size-fine);
        text-align: center;
        color: var(--ink-soft);
    }
    .why {
        margin-top: 4px;
        font-size: var(--size-small);
    }
</style>
