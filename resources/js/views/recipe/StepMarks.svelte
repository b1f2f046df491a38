<script lang="ts">
    import type { Mark } from '../../api/wire';

    interface Props {
        marks: Mark[];
        /** sets a rule aside, or lets it speak again */
        onoverrule: (rule: string, on: boolean) => void;
    }
    let { marks, onoverrule }: Props = $props();
    const loud = $derived(marks.filter((m) => !m.overruled));
    const quiet = $derived(marks.filter((m) => m.overruled));
</script>

{#each loud as mark (mark.id)}
    <div class="mark">
        <p>{mark.sentence}</p>
        {#if mark.instead}<p class="soft">{mark.instead}</p>{/if}
        {#if !mark.hard}<button class="link-button" onclick={() => onoverrule(mark.id, true)}>I do it my way</button
            >{/if}
    </div>
{/each}
{#each quiet as mark (mark.id)}
    <p class="quiet" title={mark.sentence}>
        Your way, against the rule: {mark.sentence}
        <button class="link-button" onclick={() => onoverrule(mark.id, false)}>follow the rule again</button>
    </p>
{/each}

<style>
    .mark {
        margin: 12px 0;
        padding: 8px 0 8px 12px;
        border-left: 4px solid var(--warn);
        font-size: var(--size-plain);
    }
    .quiet {
        margin: 10px 0;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
</style>
