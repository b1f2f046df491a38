<script lang="ts">
    import type { HeardLine, Told } from './told.svelte';

    interface Props {
        line: HeardLine;
        told: Told;
    }
    let { line, told }: Props = $props();

    const AS: Record<string, string> = {
        paint: 'paint and amount',
        how: 'how',
        where: 'where',
        note: 'a note',
        unread: 'not read',
    };
    /** the piece that was pressed, so that it can be put right */
    let pressed = $state<number | null>(null);
    let editing = $state(false);
    const words = $derived(pressed === null ? '' : (line.pieces[pressed]?.words ?? ''));
</script>

{#if editing}
    <textarea
        rows="1"
        aria-label="Line {line.line} as it was said"
        value={line.said}
        onchange={(e) => {
            editing = false;
            told.say(line.line, e.currentTarget.value.replace(/\n/g, ' '));
        }}></textarea>
{:else}
    <div>
        {#each line.pieces as piece, i (i)}{#if piece.as}<button
                    class={piece.as}
                    aria-expanded={pressed === i}
                    title="Read as: {AS[piece.as]}"
                    onclick={() => (pressed = pressed === i ? null : i)}>{piece.words}</button
                >{:else}{piece.words}{/if}{:else}{line.said}{/each}
        {#if words}
            <p class="choices">
                <button class="choice" onclick={() => told.name(line, words)}>a paint</button>
                <button class="choice" onclick={() => told.words(line, words)}>just words</button>
                <button class="link-button" onclick={() => (editing = true)}>Say it otherwise</button>
                <button class="link-button" onclick={() => (pressed = null)}>Leave it</button>
            </p>
        {:else if !line.pieces.length}
            <p><button class="link-button" onclick={() => (editing = true)}>Say it otherwise</button></p>
        {/if}
    </div>
{/if}

<style>
    div {
        white-space: pre-wrap;
        overflow-wrap: anywhere;
    }
    textarea {
        field-sizing: content;
        align-self: start;
        resize: none;
        width: 100%;
        min-height: 32px;
        padding: 5px 8px;
        border: 0;
        border-bottom: 1px solid var(--ink-soft);
        background: var(--panel);
        color: var(--ink);
        font: inherit;
    }
    div > button {
        padding: 0;
        border: 0;
        border-bottom: 2px solid var(--ink);
        background: none;
        color: inherit;
        font: inherit;
        text-align: start;
        cursor: pointer;
    }
    .how {
        border-bottom: 2px dotted var(--ink-soft);
    }
    .where {
        border-bottom: 4px double var(--ink-soft);
    }
    .note {
        border-bottom: 1px solid var(--rule);
        color: var(--ink-soft);
    }
    .unread {
        border-bottom: 2px dashed var(--warn);
        color: var(--warn);
    }
</style>
