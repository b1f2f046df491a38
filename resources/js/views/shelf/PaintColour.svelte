<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { TextInput } from 'carbon-components-svelte';
    import { bottleQuery } from '../../api/queries';
    import type { Behaviour } from '../../api/wire';
    import { isHex } from '../../parts/words';
    import type { PaintDraft } from './paint-form.svelte';

    interface Props {
        draft: PaintDraft;
        behaviour: Behaviour | undefined;
    }
    let { draft, behaviour }: Props = $props();

    const asked = $derived(!!behaviour?.over_white && isHex(draft.fields.colour));
    const bottle = createQuery(() => ({ ...bottleQuery(behaviour?.id ?? '', draft.fields.colour), enabled: asked }));
    const overWhite = $derived(asked ? bottle.data?.over_white : null);
</script>

<div class="colour">
    <TextInput
        labelText={behaviour?.over_white ? 'Colour of one coat over white' : 'Dry colour at full hide'}
        placeholder={behaviour?.colours ? '#8a5a2b' : 'none needed'}
        bind:value={draft.fields.colour}
        {...draft.bad('colour')}
    />
    <input
        type="color"
        aria-label="Pick the colour"
        value={isHex(draft.fields.colour) ? draft.fields.colour : '#808080'}
        oninput={(e) => (draft.fields.colour = e.currentTarget.value)}
    />
</div>

{#if overWhite}
    <p class="asked" role="status">
        A colour this dark looks like the paint in the bottle. One coat of it over white would be about
        <i style:background={overWhite}></i> <span class="mono">{overWhite}</span>.
        <button type="button" class="link-button" onclick={() => (draft.fields.colour = overWhite)}
            >Use this colour</button
        >
    </p>
{/if}

<style>
    .asked {
        margin: 6px 0 0;
        padding-left: 12px;
        border-left: 4px solid var(--warn);
        font-size: var(--size-small);
    }
    .asked i {
        display: inline-block;
        width: 40px;
        height: 1.1em;
        vertical-align: text-bottom;
    }
    .colour {
        display: grid;
        grid-template-columns: 1fr 56px;
        gap: 8px;
    }
    .colour input[type='color'] {
        width: 56px;
        height: 40px;
        margin-top: 24px;
        padding: 0;
        border: 0;
        background: none;
    }
</style>
