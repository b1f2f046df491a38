<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { tintQuery } from '../../api/queries';

    interface Props {
        kind: 'white' | 'black';
        ontake: (hex: string) => void;
    }
    let { kind, ontake }: Props = $props();

    let way = $state('warm');
    let strength = $state(2);
    let white = $state(1);
    const tint = createQuery(() => ({
        ...tintQuery({ kind, way, strength: String(strength), white: String(white) }),
        placeholderData: (before) => before,
    }));
    const base = $derived(tint.data?.tones.find((t) => t.tone === 'base'));
</script>

<div class="ways" role="group" aria-label="Leaning of the {kind}">
    {#each [['warm', 'warm'], ['cool', 'cool'], ['green', 'greenish']] as [id, words] (id)}
        <label><input type="radio" name="way" value={id} bind:group={way} /> {words}</label>
    {/each}
</div>
<label class="slide"
    >how strong a tint <input type="range" min="0" max="4" bind:value={strength} />
    <span>{['none', 'a breath', 'light', 'clear', 'strong'][strength]}</span></label
>
<label class="slide"
    >how {kind} <input type="range" min="0" max="2" bind:value={white} />
    <span>{['off', 'nearly', 'all but pure'][white]}</span></label
>
{#if tint.data}
    {#each tint.data.tones as tone (tone.tone)}
        <div class="tone">
            <i style:background={tone.hex}></i>
            <p>
                <strong>{tone.tone}</strong> · {tone.words}<br />
                <span class="soft">nearest: {tone.nearest.mix_words}</span>
            </p>
        </div>
    {/each}
    {#if tint.data.warning}<p class="warning">{tint.data.warning}</p>{/if}
    <button class="link-button" onclick={() => base && ontake(base.hex)}>Use this {kind}</button>
{/if}

<style>
    .ways {
        display: flex;
        gap: 16px;
    }
    .slide {
        display: grid;
        grid-template-columns: 118px 1fr 76px;
        gap: 8px;
        align-items: center;
        margin-top: 8px;
        font-size: var(--size-plain);
    }
    .slide input {
        min-width: 0;
    }
    .tone {
        display: grid;
        grid-template-columns: 72px 1fr;
        gap: 12px;
        align-items: center;
        margin-top: 10px;
        font-size: var(--size-plain);
    }
    i {
        height: 48px;
    }
    .warning {
        margin: 10px 0;
        color: var(--warn);
    }
</style>
