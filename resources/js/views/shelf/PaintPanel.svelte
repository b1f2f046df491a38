<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { paintQuery } from '../../api/queries';
    import type { Paint } from '../../api/wire';
    import Waiting from '../../parts/Waiting.svelte';
    import CoatsItTakes from './CoatsItTakes.svelte';
    import PaintFacts from './PaintFacts.svelte';
    import { capital } from '../../parts/words';

    interface Props {
        id: number | null;
        onedit: (paint: Paint) => void;
        onchoose: (id: number) => void;
    }
    let { id, onedit, onchoose }: Props = $props();

    const look = createQuery(() => paintQuery(id));
    const paint = $derived(look.data?.paint);
</script>

{#if id === null}
    <p class="soft">Choose a paint to see how it covers.</p>
{:else if !look.data || !paint}
    <Waiting problem={look.error} />
{:else}
    <p class="soft">
        {[
            paint.line,
            paint.behaviour,
            paint.form === 'bottle' ? '' : paint.form,
            paint.purpose && `for ${paint.purpose}`,
        ]
            .filter(Boolean)
            .join(' · ')}
    </p>
    <h2>{paint.name}</h2>
    {#if paint.look}
        <div class="big" style:background={paint.look}></div>
        <p class="soft under">
            {capital(paint.words)} · <span class="mono">{paint.look}</span> · {look.data.staircases.some(
                (s) => s.coats !== null,
            )
                ? 'dry, at full hide'
                : 'one coat over white'}
        </p>
    {/if}
    <PaintFacts look={look.data} />
    {#if look.data.staircases.length}
        <CoatsItTakes staircases={look.data.staircases} />
    {/if}
    {#if look.data.relatives.length}
        <h3>Nearest relatives</h3>
        {#each look.data.relatives.slice(0, 3) as relative (relative.id)}
            <button class="plain-button relative" onclick={() => onchoose(relative.id)}>
                <i style:background={relative.hex}></i><span
                    >{relative.name} · {relative.difference.toFixed(1)} away</span
                >
            </button>
        {/each}
    {/if}
    <div class="do">
        <Button size="small" href="#/shelf/{paint.id}">Open its page</Button>
        <Button size="small" kind="tertiary" onclick={() => onedit(paint)}>Change this paint</Button>
    </div>
{/if}

<style>
    .big {
        height: 96px;
        margin-top: 10px;
    }
    .under {
        margin: 4px 0 12px;
        font-size: var(--size-small);
    }
    h3 {
        margin: 14px 0 8px;
    }
    .relative {
        display: flex;
        gap: 12px;
        align-items: center;
        width: 100%;
        padding: 4px 0;
        font-size: var(--size-plain);
    }
    .relative i {
        width: 40px;
        height: 30px;
    }
    .relative span {
        text-decoration: underline;
        text-underline-offset: 3px;
        text-decoration-color: var(--rule);
    }
    .do {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        margin-top: 18px;
    }
</style>
