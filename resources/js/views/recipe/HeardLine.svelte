<script lang="ts">
    import Asks from '../../parts/Asks.svelte';
    import SaidPieces from './SaidPieces.svelte';
    import type { HeardLine, Told } from './told.svelte';

    interface Props {
        line: HeardLine;
        told: Told;
    }
    let { line, told }: Props = $props();
</script>

<li>
    <SaidPieces {line} {told} />
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
            <Asks
                asks="“{doubt}”: a paint you do not own, or words?"
                choices={[
                    { words: 'a paint', press: () => told.name(line, doubt) },
                    { words: 'just words', press: () => told.words(line, doubt) },
                ]}
            />
        {/each}
        {#each line.questions as question, i (i)}
            <Asks
                asks={question.asks}
                choices={question.choices.map((c) => ({ words: c.words, press: () => told.choose(line, c.line) }))}
            />
        {/each}
    </div>
</li>

<style>
    li {
        display: grid;
        grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
        gap: 6px 20px;
        padding: 10px 0;
        border-top: 1px solid var(--rule);
        font-size: var(--size-plain);
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
    @media (max-width: 720px) {
        li {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
