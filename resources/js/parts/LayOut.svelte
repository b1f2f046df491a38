<script lang="ts">
    import type { Sitting } from '../api/wire';
    import { useWrite } from '../api/write.svelte';

    interface Props {
        company: number;
        /** from the running order, from one recipe, or with so many minutes */
        origin: 'order' | 'recipe' | 'minutes';
        /** of the recipe, default none */
        area?: number | null;
        /** there are, default 40 */
        minutes?: number;
        words: string;
        /** the one large action of its page, one beside others, or a word among them, which is the default */
        size?: 'large' | 'small' | 'word';
        disabled?: boolean;
    }
    let { company, origin, area = null, minutes = 40, words, size = 'word', disabled = false }: Props = $props();
    const write = useWrite();

    /** Lays a sitting out, and goes on to what is fetched for it. */
    async function layOut() {
        const laid = await write.send<Sitting>('sitting', 'POST', `companies/${company}/sittings`, {
            origin,
            area_id: area,
            minutes,
        });
        if (laid) location.hash = `#/sitting/${laid.id}`;
    }
</script>

<button type="button" class={size === 'word' ? 'tool-link' : size} disabled={disabled || write.pending} onclick={layOut}
    >{words}</button
>
{#if write.problem}<span role="alert">{write.problem}</span>{/if}

<style>
    .large,
    .small {
        padding: 8px 16px;
        border: 0;
        background: var(--accent);
        color: #ffffff;
        font: inherit;
        cursor: pointer;
    }
    .large {
        padding: 14px 32px;
        font-size: var(--size-head);
        font-weight: 600;
    }
    button:disabled {
        opacity: 0.5;
    }
</style>
