<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { SvelteSet } from 'svelte/reactivity';
    import { commonPaintsQuery } from '../../api/queries';
    import type { TypedPaint } from '../../api/wire';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted } from '../../parts/words';
    import Added from './Added.svelte';
    import { NewPaints } from './new-paints.svelte';

    const common = createQuery(commonPaintsQuery);
    const paints = new NewPaints();
    const ticked = new SvelteSet<string>();
    const all = $derived(common.data?.groups.flatMap((g) => g.paints) ?? []);
    const chosen = $derived(all.filter((p) => ticked.has(p.fields.name) && !p.known));

    const toggle = (paint: TypedPaint) =>
        ticked.has(paint.fields.name) ? ticked.delete(paint.fields.name) : ticked.add(paint.fields.name);

    async function keep() {
        if (await paints.keep(chosen.map((p) => p.fields))) ticked.clear();
    }
</script>

<h1>Tick what you have one like</h1>
<p class="soft lead">
    Your own pot may be called something else and be a shade lighter or darker: that is fine for a start. The colours
    count as guesses, good to about ±6, until you know better.
</p>
{#if !common.isSuccess}
    <Waiting problem={common.error} />
{:else}
    {#each common.data.groups as group (group.name)}
        <fieldset>
            <legend>{group.name}</legend>
            <div class="grid">
                {#each group.paints as paint (paint.fields.name)}
                    <label class:known={paint.known}>
                        <i style:background={paint.fields.colour || undefined} class:none={!paint.fields.colour}></i>
                        <span>
                            <input
                                type="checkbox"
                                checked={paint.known || ticked.has(paint.fields.name)}
                                disabled={paint.known}
                                onchange={() => toggle(paint)}
                            />
                            {paint.fields.name}{#if paint.known}<small>on your shelf</small>{/if}
                        </span>
                    </label>
                {/each}
            </div>
        </fieldset>
    {/each}
    <div class="do">
        <Button disabled={chosen.length === 0 || paints.write.pending} onclick={keep}
            >{chosen.length ? `Add ${counted(chosen.length, 'paint')}` : 'Add these paints'}</Button
        >
        <Added {paints} />
    </div>
{/if}

<style>
    .lead {
        max-width: 640px;
        margin: 8px 0 6px;
    }
    fieldset {
        margin: 18px 0 0;
        padding: 0;
        border: 0;
    }
    legend {
        padding-bottom: 6px;
        font-weight: 600;
        font-size: var(--size-plain);
    }
    .grid {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
        gap: 10px 12px;
    }
    label {
        cursor: pointer;
    }
    label i {
        display: block;
        height: 44px;
    }
    label i.none {
        border: 1px dashed var(--rule);
    }
    label:has(:checked) i {
        outline: 3px solid var(--ink);
        outline-offset: 1px;
    }
    label span {
        display: flex;
        gap: 7px;
        align-items: center;
        padding: 5px 0;
        font-size: var(--size-plain);
    }
    .known small {
        color: var(--ink-soft);
    }
    label:has(:focus-visible) {
        outline: 2px solid var(--accent-text);
        outline-offset: 2px;
    }
    .do {
        position: sticky;
        bottom: 0;
        display: flex;
        flex-wrap: wrap;
        gap: 8px 18px;
        align-items: center;
        margin-top: 12px;
        padding: 12px 0;
        background: var(--surround);
    }
</style>
