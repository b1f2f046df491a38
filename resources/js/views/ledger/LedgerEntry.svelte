<script lang="ts">
    import type { Did, Entry } from '../../api/wire';
    import Faces from '../../parts/Faces.svelte';
    import { counted, ranges } from '../../parts/words';

    interface Props {
        entry: Entry;
    }
    let { entry }: Props = $props();
    const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

    function told(did: Did, per: string): string {
        return [
            did.thin === null ? null : did.thin === 'not at all' ? 'not thinned' : `thin ${did.thin}`,
            did.coats === null ? null : counted(did.coats, 'coat'),
            did.rounds === null ? null : counted(did.rounds, 'round'),
            did.tool,
            did.minutes === null ? null : `${did.minutes} min ${per}`,
        ]
            .filter(Boolean)
            .join(' · ');
    }
</script>

<article>
    <div class="when">
        <time datetime={entry.done_at}>{time.format(new Date(entry.done_at))}</time>
        {#if entry.look}<Faces faces={entry.look} label="Predicted after it" height="44px" />{/if}
    </div>
    <div class="what">
        <h3>
            {entry.area}, {entry.kind === 'slip'
                ? entry.mishap || 'slip'
                : entry.kind === 'repair'
                  ? 'repair'
                  : `${entry.work ?? entry.stage}${entry.kind === 'test' ? ', on a test piece' : ''}`}
        </h3>
        <p class="soft">
            {entry.company} · {entry.figures.length === 1 ? 'figure' : 'figures'}
            {ranges(entry.figures)}
        </p>
    </div>
    <div>
        <p class="label">planned</p>
        {#if entry.planned}
            <p>{entry.planned.words ?? '–'}</p>
            <p class="mono">{told(entry.planned, 'a figure')}</p>
        {:else}
            <p class="soft">not in the plan</p>
        {/if}
    </div>
    <div>
        <p class="label">done</p>
        {#if entry.kind === 'slip'}
            <p>{entry.mended_at ? 'mended' : 'not mended yet'}</p>
        {:else}
            <p class:same={entry.in_plan && !entry.differences.length}>{entry.real.words ?? 'paint not noted'}</p>
            <p class="mono">{told(entry.real, 'in all') || 'nothing more noted'}</p>
        {/if}
        {#if entry.differences.length}<p class="differs">≠ {entry.differences.join('; ')}</p>{/if}
        {#if entry.note}<p class="note">“{entry.note}”</p>{/if}
    </div>
</article>

<style>
    article {
        display: grid;
        grid-template-columns: 96px 1.1fr 1.3fr 1.6fr;
        gap: 20px;
        padding: 12px 0;
        border-bottom: 1px solid var(--rule);
    }
    .when {
        display: grid;
        gap: 6px;
        align-content: start;
    }
    time {
        font-size: var(--size-plain);
    }
    .label {
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    .mono {
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    .differs {
        margin-top: 4px;
        font-size: var(--size-plain);
        font-weight: 600;
    }
    .note {
        margin-top: 4px;
        font-size: var(--size-plain);
        font-style: italic;
    }
    .same {
        color: var(--ink-soft);
    }
    @media (max-width: 980px) {
        article {
            grid-template-columns: 72px 1fr;
        }
        article > div:nth-child(n + 3) {
            grid-column: 2;
        }
    }
</style>
