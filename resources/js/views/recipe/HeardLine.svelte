<script lang="ts">
    import type { HeardLine, Told } from './told.svelte';

    interface Props {
        line: HeardLine;
        told: Told;
    }
    let { line, told }: Props = $props();

    /** the piece that was pressed, so that it can be put right */
    let pressed = $state<number | null>(null);
    const right = (words: string, as: 'name' | 'words') => {
        pressed = null;
        told[as](line, words);
    };
</script>

<li>
    <div class="said">
        {#each line.pieces as piece, i (i)}{#if piece.as}<button
                    class={piece.as}
                    aria-expanded={pressed === i}
                    title={`Read as: ${{ paint: 'paint and amount', how: 'how', where: 'where', note: 'a note', unread: 'not read' }[piece.as]}`}
                    onclick={() => (pressed = pressed === i ? null : i)}>{piece.words}</button
                >{:else}{piece.words}{/if}{:else}{line.said}{/each}
        {#if pressed !== null && line.pieces[pressed]}
            {@const words = line.pieces[pressed]!.words}
            <p class="do">
                <button class="choice" onclick={() => right(words, 'name')}>a paint</button>
                <button class="choice" onclick={() => right(words, 'words')}>just words</button>
                <button class="link-button" onclick={() => (pressed = null)}>Leave it</button>
            </p>
        {/if}
    </div>
    <div>
        {#each line.steps as step, i (i)}
            <p class="step">
                <span class="mix">
                    {#each step.mix as part, n (n)}<i style:background={part.hex ?? 'none'} style:flex-grow={part.parts}
                        ></i>{:else}<i class="none"></i>{/each}
                </span>
                <span><b>{step.technique}</b>{step.words.length ? `: ${step.words.join(' · ')}` : ''}</span>
            </p>
        {:else}
            <p class="soft">
                {line.belongs ? `Says more of line ${line.belongs}.` : 'Kept as a note of the first step.'}
            </p>
        {/each}
        {#if line.unread.length}
            <p class="soft">Not read: <em>{line.unread.join('; ')}</em>. Kept as your note.</p>
        {/if}
        {#each line.findings as finding, i (i)}<p class="soft">{finding}</p>{/each}
        {#if line.settled}
            <p class="soft">
                Read as you chose. <button class="link-button" onclick={() => told.again(line)}>Ask again</button>
            </p>
        {/if}
        {#each line.doubts as doubt, i (i)}
            <div class="asks">
                <p>“{doubt}”: a paint you do not own, or words?</p>
                <p class="do">
                    <button class="choice" onclick={() => told.name(line, doubt)}>a paint</button>
                    <button class="choice" onclick={() => told.words(line, doubt)}>just words</button>
                </p>
            </div>
        {/each}
        {#each line.questions as question, i (i)}
            <div class="asks">
                <p>{question.asks}</p>
                <p class="do">
                    {#each question.choices as choice, n (n)}
                        <button class="choice" onclick={() => told.choose(line, choice.line)}>{choice.words}</button>
                    {/each}
                </p>
            </div>
        {/each}
    </div>
</li>

<style>
    li {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
        gap: 6px 24px;
        padding: 10px 0;
        border-top: 1px solid var(--rule);
        font-size: var(--size-plain);
    }
    .said {
        white-space: pre-wrap;
        overflow-wrap: anywhere;
    }
    .said > button {
        padding: 0;
        border: 0;
        background: none;
        color: inherit;
        font: inherit;
        cursor: pointer;
        border-bottom: 2px solid var(--ink);
    }
    .said > .how {
        border-bottom: 2px dotted var(--ink-soft);
    }
    .said > .where {
        border-bottom: 4px double var(--ink-soft);
    }
    .said > .note {
        border-bottom: 1px solid var(--rule);
        color: var(--ink-soft);
    }
    .said > .unread {
        border-bottom: 2px dashed var(--warn);
        color: var(--warn);
    }
    .step {
        display: grid;
        grid-template-columns: 44px minmax(0, 1fr);
        gap: 10px;
    }
    .mix {
        display: flex;
        height: 32px;
    }
    .mix i {
        flex: 1;
    }
    .none {
        border: 1px dashed var(--rule);
    }
    .asks {
        margin-top: 6px;
        padding-left: 12px;
        border-left: 4px solid var(--warn);
    }
    .do {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 8px;
        margin-top: 4px;
    }
    .choice {
        min-height: 32px;
        padding: 3px 12px;
        border: 1px solid var(--accent);
        background: var(--panel);
        color: var(--accent);
        font: inherit;
        font-weight: 600;
        cursor: pointer;
    }
    @media (max-width: 720px) {
        li {
            grid-template-columns: minmax(0, 1fr);
        }
        .choice {
            min-height: 44px;
        }
    }
</style>
