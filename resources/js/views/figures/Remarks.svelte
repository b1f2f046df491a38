<script lang="ts">
    import type { Figure } from '../../api/wire';

    interface Props {
        figure: Figure;
    }
    let { figure }: Props = $props();

    const words = {
        apart: 'Paint separately',
        behind: 'Blocks the brush',
        mask: 'Mask',
        weak: 'Weak joint',
    };
    const name = (id: number | undefined) => figure.areas.find((a) => a.id === id)?.name ?? '';
    const parts = $derived([...new Set(figure.areas.map((a) => a.part).filter(Boolean))]);
</script>

{#if figure.remarks.length || parts.length}
    <section aria-labelledby="remarks">
        <h2 id="remarks">Before glue</h2>
        {#if parts.length}
            <p class="parts">
                {#each parts as part (part)}
                    <span
                        ><strong>{part}</strong> painted separately: {figure.areas
                            .filter((a) => a.part === part)
                            .map((a) => a.name.toLowerCase())
                            .join(', ')}.</span
                    >
                {/each}
            </p>
        {/if}
        <ul>
            {#each figure.remarks as remark, i (i)}
                <li><strong>{words[remark.code]}</strong> {remark.text}</li>
            {/each}
        </ul>
    </section>
{/if}
{#if !figure.plate && figure.parted.length}
    <p class="soft">
        On a flat picture not all neighbours can touch: {figure.parted
            .map(([a, b]) => `${name(a).toLowerCase()} and ${name(b).toLowerCase()}`)
            .join(', ')} do on the figure.
    </p>
{/if}

<style>
    section {
        margin: 20px 0;
    }
    .parts span {
        display: block;
        margin-top: 6px;
    }
    ul {
        margin: 8px 0 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 104px 1fr;
        padding: 6px 0;
        border-top: 1px solid var(--rule);
    }
</style>
