<script lang="ts">
    import type { OrderSheet } from '../../api/wire';

    import type { Moving } from './moving.svelte';

    interface Props {
        sheet: OrderSheet;
        moving: Moving;
    }
    let { sheet, moving }: Props = $props();
</script>

<ol>
    {#each sheet.jobs as job (job.id)}
        <li value={job.number}>
            <i class:bare={job.hex === null} style:background={job.hex} aria-hidden="true"></i>
            <div>
                <strong>{job.what}</strong>
                <span class="how"
                    >{job.at}, {job.minutes} min{job.figures_words ? `, ${job.figures_words}` : ''}{#if job.paint}<br
                        />{job.paint}, {job.thin}, {job.tool}{/if}{#if job.dry_words}<br />dry {job.dry_words}{/if}{#if job.latest_at}<br
                        />go on by {job.latest_at}{/if}</span
                >
                <span class="acts"
                    ><button
                        class="tool-link"
                        onclick={() => moving.lift(job)}
                        aria-label="Move {job.what} from the list">Move</button
                    >
                    {#if job.pinned}<button
                            class="tool-link"
                            onclick={() => moving.letGo(job)}
                            aria-label="Let {job.what} go">stays here: let it go</button
                        >{/if}</span
                >
                {#if job.why.length}<span class="why">{job.why.join(' ')}</span>{/if}
            </div>
        </li>
    {/each}
</ol>

<style>
    ol {
        margin: 8px 0 4px;
        padding-left: 2.2em;
        list-style: decimal;
    }
    li {
        margin-bottom: 7px;
        font-size: var(--size-small);
    }
    li > i {
        float: left;
        width: 22px;
        height: 22px;
        margin-right: 10px;
    }
    li > div {
        overflow: hidden;
    }
    .bare {
        border: 1px solid var(--rule);
    }
    .how {
        margin-left: 6px;
    }
    .acts {
        display: inline-flex;
        gap: 12px;
        margin-left: 6px;
    }
    .why {
        display: block;
        color: var(--ink-soft);
    }
</style>
