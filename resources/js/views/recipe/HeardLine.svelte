<script lang="ts">
    import type { Heard } from '../../api/wire';
    import type { Told } from './told.svelte';

    interface Props {
        line: Heard['lines'][number];
        told: Told;
    }
    let { line, told }: Props = $props();
</script>

<li>
    <textarea
        rows="1"
        aria-label="Line {line.line} as it was said"
        value={line.said}
        onchange={(e) => told.say(line.line, e.currentTarget.value.replace(/\n/g, ' '))}></textarea>
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
        {#if line.unread.length}<p class="unread">Not read: <em>{line.unread.join('; ')}</em></p>{/if}
        {#each line.findings as finding, i (i)}<p class="soft">{finding}</p>{/each}
        {#each line.doubts as doubt, i (i)}
            <p class="doubt">
                “{doubt}”: a paint you do not own, or words?
                <button class="link-button" onclick={() => told.name(line, doubt)}>A paint</button>
                <button class="link-button" onclick={() => told.words(line, doubt)}>Just words</button>
            </p>
        {/each}
    </div>
</li>

<style>
    li {
        display: grid;
        grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
        gap: 6px 20px;
        padding: 8px 0;
        border-top: 1px solid var(--rule);
        font-size: var(--size-plain);
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
    .unread,
    .doubt {
        padding-left: 10px;
        border-left: 4px solid var(--warn);
    }
    @media (max-width: 720px) {
        li {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
