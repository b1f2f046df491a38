<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { shelfQuery } from '../../api/queries';
    import type { Step } from '../../api/wire';
    import MixRows from '../../parts/MixRows.svelte';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        step: Step;
        page: RecipeState;
    }
    let { step, page }: Props = $props();

    const shelf = createQuery(shelfQuery);
    const paints = $derived(shelf.data?.paints.filter((p) => p.colour || !step.film) ?? []);
    // svelte-ignore state_referenced_locally
    let mix = $state(
        step.mix
            .filter((p) => p.paint_id !== null)
            .map((p) => `${p.paint_id}*${step.open.includes(p.name) ? 0 : p.parts}`)
            .join('+'),
    );
    const given = $derived(mix || (paints[0] ? `${paints[0].id}*1` : ''));

    function load() {
        page.edit(step, {
            mix: given.split('+').map((part) => {
                const [id, drops] = part.split('*').map(Number);
                return { paint_id: id ?? 0, parts: drops ? drops : null };
            }),
        });
    }
</script>

<details>
    <summary>Load something else</summary>
    {#if paints.length}
        <MixRows {paints} mix={given} mayBeOpen onchange={(next) => (mix = next)} />
        <p class="soft">“?” leaves an amount open.</p>
        <button class="small-action" disabled={page.busy} onclick={load}>Load this</button>
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
