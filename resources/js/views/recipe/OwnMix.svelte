<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { shelfQuery } from '../../api/queries';
    import type { Step } from '../../api/wire';
    import MixRows from '../../parts/MixRows.svelte';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        step: Step;
        page: RecipeState;
        /** whether it is the colour that meets the first */
        second?: boolean;
    }
    let { step, page, second = false }: Props = $props();

    const shelf = createQuery(shelfQuery);
    const paints = $derived(shelf.data?.paints.filter((p) => p.colour || !step.film) ?? []);
    // svelte-ignore state_referenced_locally
    let mix = $state(
        (second ? step.meets : step.mix)
            .filter((p) => p.paint_id !== null)
            .map((p) => `${p.paint_id}*${!second && step.open.includes(p.name) ? 0 : p.parts}`)
            .join('+'),
    );
    const given = $derived(mix || (paints[0] ? `${paints[0].id}*1` : ''));

    const where = $derived(
        step.place_set.part || step.place_set.light
            ? `The first goes on ${step.place}, the second on the rest; they run into each other between.`
            : 'The first goes into the recesses, the second on the ridges; on the planes they run into each other. For two halves, say where under Change.',
    );

    function load() {
        const parts = given.split('+').map((part) => {
            const [id, drops] = part.split('*').map(Number);
            return { paint_id: id ?? 0, parts: drops ? drops : null };
        });
        page.edit(step, second ? { meets: parts } : { mix: parts });
    }
</script>

<details>
    <summary
        >{second
            ? step.meets.length
                ? 'Change the colour that meets it'
                : 'Let a second colour meet it'
            : 'Use another mix'}</summary
    >
    {#if paints.length}
        <MixRows {paints} mix={given} mayBeOpen={!second} onchange={(next) => (mix = next)} />
        {#if second}
            <p class="soft">{where}</p>
            <button class="small-action" disabled={page.busy} onclick={load}>Let it meet</button>
            {#if step.meets.length}
                <button class="small-action quiet" disabled={page.busy} onclick={() => page.edit(step, { meets: [] })}
                    >One colour only</button
                >
            {/if}
        {:else}
            <p class="soft">“?” leaves an amount open.</p>
            <button class="small-action" disabled={page.busy} onclick={load}>Load this</button>
        {/if}
    {/if}
</details>

<style>
    details {
        margin: 6px 0 12px;
        font-size: var(--size-plain);
    }
    summary {
        padding: 6px 0;
        cursor: pointer;
    }
    button {
        margin-top: 8px;
    }
</style>
