<script lang="ts">
    import type { Figure } from '../../api/wire';
    import { counted } from '../../parts/words';

    interface Props {
        figure: Figure;
        /** ids of the areas it is for, none for the whole figure */
        areas: number[];
        name: string;
        onpick: (areas: number[]) => void;
    }
    let { figure, areas, name, onpick }: Props = $props();

    const said = $derived(
        areas.length === 0
            ? 'on the whole figure'
            : areas.length > 3
              ? `on ${counted(areas.length, 'area')} of ${figure.areas.length}`
              : `only on ${figure.areas
                    .filter((a) => areas.includes(a.id))
                    .map((a) => a.name.toLowerCase())
                    .join(', ')}`,
    );
    const toggled = (id: number) => (areas.includes(id) ? areas.filter((a) => a !== id) : [...areas, id]);
</script>

<details>
    <summary>{said}<span class="visually-hidden">, {name}</span></summary>
    <div>
        {#each figure.areas as area (area.id)}
            <label
                ><input type="checkbox" checked={areas.includes(area.id)} onchange={() => onpick(toggled(area.id))} />
                {area.name}</label
            >
        {/each}
        {#if areas.length}<button class="plain-button" onclick={() => onpick([])}>On the whole figure again</button
            >{/if}
    </div>
</details>

<style>
    details {
        margin-top: 6px;
        font-size: var(--size-plain);
    }
    summary {
        cursor: pointer;
    }
    div {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
        gap: 4px 16px;
        padding: 6px 0 4px 18px;
    }
    button {
        color: var(--accent-text);
        text-align: left;
    }
</style>
