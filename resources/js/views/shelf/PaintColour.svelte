<script lang="ts">
    import { TextInput } from 'carbon-components-svelte';
    import type { Behaviour } from '../../api/wire';
    import { isHex } from '../../parts/words';
    import type { PaintDraft } from './paint-form.svelte';

    interface Props {
        draft: PaintDraft;
        behaviour: Behaviour | undefined;
    }
    let { draft, behaviour }: Props = $props();
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

<style>
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
