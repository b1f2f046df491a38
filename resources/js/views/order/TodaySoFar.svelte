<script lang="ts">
    import type { RunningOrder } from '../../api/wire';

    interface Props {
        today: NonNullable<RunningOrder['today']>;
    }
    let { today }: Props = $props();
</script>

<section class="today" aria-label="Today so far">
    <div>
        <h2>Today so far</h2>
        <p>begun {today.words} ago</p>
    </div>
    <div class="lane">
        <div class="blocks">
            {#each today.blocks as block (block.id)}
                <i
                    class:bare={!block.hex}
                    style:left="{block.left}%"
                    style:width="{block.wide}%"
                    style:background={block.hex}
                    title="{block.what}{block.words ? `, ${block.words}` : ''}"
                ></i>
            {/each}
        </div>
        <p>
            {#each today.blocks as block, i (block.id)}{i ? ' · ' : ''}{block.what}{block.words
                    ? `, ${block.words}`
                    : ''}{/each} · now
        </p>
    </div>
</section>

<style>
    .today {
        display: grid;
        grid-template-columns: 118px minmax(0, 1fr);
        gap: 6px 18px;
        margin-top: 18px;
        padding: 14px 0 12px;
        border-top: 1px solid var(--rule);
    }
    h2 {
        font-size: var(--size-head);
    }
    p {
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    .blocks {
        position: relative;
        height: 30px;
        margin-bottom: 6px;
        border-right: 2px solid var(--ink);
    }
    i {
        position: absolute;
        top: 0;
        bottom: 0;
        min-width: 2px;
        border-right: 1px solid var(--surround);
    }
    .bare {
        border: 1px solid var(--ink-soft);
    }
    @media (max-width: 700px) {
        .today {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
