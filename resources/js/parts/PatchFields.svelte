<script lang="ts">
    import { fits, numbers, type Patch, type Tones } from './drawing';

    interface Props {
        fields: Patch[];
        tones: Tones;
        name: (area: number | null) => string;
        /** names below the fields; a number where a name does not fit */
        named: boolean;
        /** height of names, in units of the drawing */
        text: number;
        chosen: number | null;
        onpick: (area: number) => void;
    }
    let { fields, tones, name, named, text, chosen, onpick }: Props = $props();

    const numbered = $derived(new Map(numbers(fields, name, text).map((f) => [f.area, f.number])));
</script>

<!-- Choosing in the drawing is a shortcut; the same areas are buttons in the list beside it. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
{#each fields as field (field.area)}
    {@const faces = tones.get(field.area) ?? null}
    <g onclick={() => onpick(field.area)}>
        <title>{name(field.area)}</title>
        {#if faces}
            {#each [faces.recess, faces.plane, faces.ridge] as hex, i (i)}
                <rect
                    x={field.x + (field.width * i) / 3}
                    y={field.y}
                    width={field.width / 3}
                    height={field.height}
                    fill={hex}
                    shape-rendering="crispEdges"
                />
            {/each}
        {:else}
            <rect class="open" x={field.x + 1} y={field.y + 1} width={field.width - 2} height={field.height - 2} />
        {/if}
        {#if named}
            <text x={field.x} y={field.y + field.height + 0.9 * text} font-size={text}
                >{fits(name(field.area), field.width, text) ? name(field.area) : numbered.get(field.area)}</text
            >
        {/if}
        {#if chosen === field.area}
            <rect class="chosen" x={field.x - 1} y={field.y - 1} width={field.width + 2} height={field.height + 2} />
        {/if}
    </g>
{/each}

<style>
    .open {
        fill: transparent;
        stroke: var(--ink-soft);
        stroke-dasharray: 4 4;
    }
    .chosen {
        fill: none;
        stroke: var(--ink);
        stroke-width: 3;
    }
    text {
        fill: var(--ink);
    }
</style>
