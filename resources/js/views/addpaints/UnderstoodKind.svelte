<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { shelfQuery } from '../../api/queries';
    import type { TypedPaint } from '../../api/wire';
    import type { ByWords } from './by-words.svelte';

    interface Props {
        paint: TypedPaint;
        list: ByWords;
    }
    let { paint, list }: Props = $props();

    const shelf = createQuery(shelfQuery);
    /** whether its kind and form are being put right */
    let changing = $state(false);
    const fields = $derived(paint.fields);
</script>

<div>
    <p>
        <strong>{fields.name}</strong>
        <span class:guessed={paint.kind_guessed && paint.questions.length > 0}>{paint.kind}</span>
        {#if !changing}<button class="link-button" onclick={() => (changing = true)}>change</button>{/if}
    </p>
    <button class="plain-button" aria-label="Leave out {fields.name}" onclick={() => list.drop(paint)}>×</button>
</div>
{#if changing}
    <p>
        <select
            class="line-select"
            aria-label="How {fields.name} behaves"
            value={fields.behaviour}
            onchange={(e) => list.say(paint, { behaviour: e.currentTarget.value })}
        >
            {#each shelf.data?.behaviours ?? [] as b (b.id)}<option value={b.id}>{b.id}</option>{/each}
        </select>
        <select
            class="line-select"
            aria-label="In what {fields.name} comes"
            value={fields.form}
            onchange={(e) => list.say(paint, { form: e.currentTarget.value })}
        >
            {#each shelf.data?.forms ?? [] as f (f.id)}<option value={f.id}>{f.words}</option>{/each}
        </select>
    </p>
{/if}

<style>
    p {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 12px;
        align-items: center;
    }
    .guessed {
        border-bottom: 2px dashed var(--warn);
    }
    div {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        align-items: start;
    }
    .plain-button {
        padding: 0 10px;
        font-size: var(--size-head);
    }
</style>
