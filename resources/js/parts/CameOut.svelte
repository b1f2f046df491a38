<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, Select, SelectItem } from 'carbon-components-svelte';
    import { vocabularyQuery } from '../api/queries';
    import { useWrite } from '../api/write.svelte';
    import type { MixPart, Taught } from '../api/wire';
    import ColourField from './ColourField.svelte';
    import Refused from './Refused.svelte';
    import { isHex } from './words';

    interface Props {
        mix: MixPart[];
        /** how it was predicted, `#rrggbb` */
        predicted: string;
        /** where it is asked, in words */
        place: string;
    }
    let { mix, predicted, place }: Props = $props();

    const SAME = 'as predicted';
    const write = useWrite();
    const words = createQuery(vocabularyQuery);
    let open = $state(false);
    let how: 'words' | 'reader' | 'picture' = $state('words');
    let degree = $state(SAME);
    let first = $state('darker');
    let second = $state('');
    let colour = $state('');
    let taught: Taught | null = $state(null);
    const body = $derived({
        mix: mix.map((p) => ({ paint_id: p.paint_id, parts: p.parts })),
        how,
        ...(how === 'words'
            ? { degree, directions: degree === SAME ? [] : [first, second].filter(Boolean) }
            : { colour }),
        place,
    });
    const ready = $derived(how === 'words' || isHex(colour));

    async function learn(sure: boolean) {
        const answer = await write.send<Taught>('lesson', 'POST', 'lessons', { ...body, sure });
        if (answer) [taught, open] = [answer, false];
    }
</script>

{#if mix.length > 1 && mix.every((p) => p.paint_id !== null)}
    <section>
        {#if taught}
            <p role="status">
                Learned: it was {taught.off.toFixed(1)} off and would now be {taught.off_now.toFixed(1)}; the mix is
                sure to ±{taught.certainty_now.toFixed(1)} instead of ±{taught.certainty.toFixed(1)}. {taught.words}
            </p>
        {/if}
        {#if open}
            <h3>How did it come out, when dry?</h3>
            <div class="fields">
                <Select size="sm" labelText="Told by" bind:selected={how}>
                    <SelectItem value="words" text="words" /><SelectItem value="reader" text="the reader" />
                    <SelectItem value="picture" text="a picture" />
                </Select>
                {#if how === 'words'}
                    <Select size="sm" labelText="It is" bind:selected={degree}>
                        <SelectItem value={SAME} text={SAME} />
                        {#each words.data?.degrees ?? [] as each (each)}<SelectItem value={each} text={each} />{/each}
                    </Select>
                    {#if degree !== SAME}
                        <Select size="sm" labelText="Which way" bind:selected={first}>
                            {#each words.data?.directions ?? [] as each (each)}<SelectItem
                                    value={each}
                                    text={each}
                                />{/each}
                        </Select>
                        <Select size="sm" labelText="and" bind:selected={second}>
                            <SelectItem value="" text="nothing more" />
                            {#each words.data?.directions ?? [] as each (each)}<SelectItem
                                    value={each}
                                    text={each}
                                />{/each}
                        </Select>
                    {/if}
                {/if}
            </div>
            {#if how !== 'words'}
                <div class="pair">
                    <div class="was" style:background={predicted}>
                        <span class="visually-hidden">Predicted {predicted}</span>
                    </div>
                    <ColourField label="What was seen" value={colour} height="84px" onpick={(hex) => (colour = hex)} />
                </div>
            {/if}
            <div class="do">
                <Button size="small" disabled={!ready || write.pending} on:click={() => learn(false)}
                    >Learn from it</Button
                >
                {#if write.fields['sure']}
                    <Button size="small" kind="tertiary" disabled={write.pending} on:click={() => learn(true)}
                        >It is so, learn from it</Button
                    >
                {/if}
                <Button size="small" kind="ghost" on:click={() => (open = false)}>Not now</Button>
            </div>
            <Refused {write} />
        {:else}
            <button class="link-button" onclick={() => (open = true)}>How did it come out?</button>
        {/if}
    </section>
{/if}

<style>
    section {
        margin-top: 12px;
    }
    .fields {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(152px, 1fr));
        gap: 10px 12px;
        max-width: 700px;
        margin: 8px 0;
    }
    .pair {
        display: grid;
        grid-template-columns: 1fr 1fr;
        max-width: 420px;
    }
    .was {
        height: 84px;
    }
    .do {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        margin-top: 10px;
    }
</style>
