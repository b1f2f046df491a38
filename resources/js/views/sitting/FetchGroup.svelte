<script lang="ts">
    import type { FetchItem } from '../../api/wire';

    interface Props {
        name: string;
        items: FetchItem[];
        ontick: (key: string, fetched: boolean) => void;
    }
    let { name, items, ontick }: Props = $props();
</script>

<section>
    <h2>{name}</h2>
    {#each items as item (item.key)}
        <label class:apart={item.kind === 'metal'}>
            <input type="checkbox" checked={item.fetched} onchange={(e) => ontick(item.key, e.currentTarget.checked)} />
            {#if item.hex}<i style:background={item.hex} aria-hidden="true"></i>{/if}
            <span class="words">{item.words}</span>
            {#if item.notes.length}<span class="notes">{item.notes.join(' · ')}</span>{/if}
        </label>
    {/each}
</section>

<style>
    section {
        margin-bottom: 14px;
        break-inside: avoid-column;
    }
    h2 {
        margin-bottom: 6px;
        font-size: var(--size-head);
    }
    label {
        display: grid;
        grid-template-columns: 24px auto minmax(0, 1fr) auto;
        gap: 12px;
        align-items: center;
        min-height: 44px;
        border-bottom: 1px solid var(--surround-deep);
        cursor: pointer;
    }
    input {
        width: 22px;
        height: 22px;
    }
    i {
        width: 46px;
        height: 30px;
    }
    .words {
        grid-column: 3;
    }
    .notes {
        max-width: 210px;
        font-size: var(--size-small);
        text-align: right;
        color: var(--ink-soft);
    }
    .apart {
        margin-top: 8px;
        border-top: 1px solid var(--ink-soft);
    }
    @media (max-width: 560px) {
        label {
            grid-template-columns: 24px auto minmax(0, 1fr);
            padding: 6px 0;
        }
        .notes {
            grid-column: 3;
            max-width: none;
            text-align: left;
        }
    }
</style>
