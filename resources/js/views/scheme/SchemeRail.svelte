<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Figure, Scheme } from '../../api/wire';
    import FigureSelect from '../../parts/FigureSelect.svelte';
    import type { SchemeDesk } from './scheme.svelte';

    interface Props {
        companies: Figure[];
        figure: Figure;
        scheme: Scheme;
        desk: SchemeDesk;
    }
    let { companies, figure, scheme, desk }: Props = $props();
    const fixed = $derived(scheme.areas.filter((a) => a.fixed).length);
</script>

<nav class="rail" aria-label="Areas and their colours">
    <FigureSelect {companies} {figure} page="scheme" />
    <ul>
        {#each scheme.areas as area (area.id)}
            <li>
                <button
                    class="plain-button"
                    aria-pressed={desk.chosen === area.id}
                    onclick={() => (desk.chosen = desk.chosen === area.id ? null : area.id)}
                >
                    <i class:open={!area.hex} style:background={area.hex ?? 'transparent'}></i>
                    <span><strong>{area.name}</strong>{area.words}{area.fixed ? ' · kept' : ''}</span>
                </button>
            </li>
        {/each}
    </ul>
    <div class="propose">
        {#if desk.doing === 'proposing' || desk.doing === 'trials'}
            <Button size="small" kind="tertiary" onclick={() => (desk.doing = 'judging')}>Back to the scheme</Button>
        {:else}
            <Button
                size="small"
                disabled={fixed === scheme.areas.length}
                onclick={() => ((desk.doing = 'proposing'), (desk.chosen = null))}
                >{fixed ? 'Propose the other colours' : 'Propose colours'}</Button
            >
            <p class="soft">
                {fixed
                    ? 'Colours marked “kept” lead; all others are proposed.'
                    : 'Whole schemes from your shelf: from one colour, or as a surprise. Keep a colour of an area, and the rest follows it.'}
            </p>
        {/if}
    </div>
</nav>

<style>
    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }
    li button {
        display: grid;
        grid-template-columns: 40px 1fr;
        gap: 12px;
        align-items: center;
        width: 100%;
        padding: 4px 18px 4px 14px;
        border-left: 4px solid transparent;
    }
    li button[aria-pressed='true'] {
        background: var(--raised);
        border-left-color: var(--accent);
    }
    i {
        height: 36px;
    }
    i.open {
        border: 1px dashed var(--ink-soft);
    }
    strong {
        display: block;
        font-size: var(--size-plain);
        font-weight: 500;
    }
    span {
        min-width: 0;
        font-size: var(--size-fine);
        line-height: 1.25;
        color: var(--ink-soft);
    }
    strong {
        color: var(--ink);
    }
    .propose {
        padding: 14px 18px;
    }
    .propose p {
        margin-top: 8px;
        font-size: var(--size-small);
    }
    @media (max-width: 980px) {
        nav {
            flex-wrap: wrap;
        }
        ul {
            display: flex;
            overflow-x: auto;
            order: 2;
            width: 100%;
        }
        li {
            flex: 0 0 190px;
        }
    }
</style>
