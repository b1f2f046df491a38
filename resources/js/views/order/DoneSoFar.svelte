<script lang="ts">
    import type { RunningOrder } from '../../api/wire';

    interface Props {
        done: RunningOrder['done'];
    }
    let { done }: Props = $props();
    const at = (instant: string) =>
        new Date(instant).toLocaleString('en-GB', {
            weekday: 'short',
            day: 'numeric',
            month: 'short',
            hour: '2-digit',
            minute: '2-digit',
        });
</script>

{#if done.length}
    <details class="done">
        <summary>Done so far, as it really went ({done.length})</summary>
        <ul>
            {#each done as each (each.id)}
                <li>
                    {at(each.at)} <strong>{each.what}</strong>{each.minutes_words
                        ? `, ${each.minutes_words}`
                        : ''}{each.dry_at ? `, dry ${at(each.dry_at)}` : ''}
                </li>
            {/each}
        </ul>
    </details>
{/if}

<style>
    .done {
        margin-top: 14px;
        font-size: var(--size-small);
    }
    summary {
        cursor: pointer;
    }
    ul {
        margin: 6px 0 0;
        padding: 0;
        list-style: none;
    }
</style>
