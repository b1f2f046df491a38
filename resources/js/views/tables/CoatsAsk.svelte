<script lang="ts">
    import type { RecipeVocabulary } from '../../api/wire';

    interface Props {
        words: RecipeVocabulary | undefined;
        /** the ground, `#rrggbb` */
        over: string;
        /** thinning, as in 2:1 */
        thin: string;
        onask: (name: 'over' | 'thin', value: string) => void;
    }
    let { words, over, thin, onask }: Props = $props();

    const scale = $derived(words?.thinnings.scale ?? []);
    const place = $derived(Math.max(0, scale.indexOf(thin)));
</script>

<div class="ask">
    <fieldset>
        <legend>Ground</legend>
        {#each words?.grounds ?? [] as ground (ground.id)}
            <button aria-pressed={over === ground.id} onclick={() => onask('over', ground.id)}
                ><i style:background={ground.id}></i>{ground.words}</button
            >
        {/each}
        <label class="any"
            ><i style:background={over}></i>any other<input
                type="color"
                value={over}
                oninput={(e) => onask('over', e.currentTarget.value)}
            /></label
        >
    </fieldset>
    <label>
        <span>Thinned, paint to thinner: <b>{thin === '1:0' ? 'undiluted' : thin}</b></span>
        <input
            type="range"
            min="0"
            max={scale.length - 1}
            value={place}
            aria-valuetext={thin === '1:0' ? 'undiluted' : thin}
            oninput={(e) => onask('thin', scale[Number(e.currentTarget.value)] ?? '1:0')}
        />
    </label>
</div>

<style>
    .ask {
        display: flex;
        flex-wrap: wrap;
        gap: 20px 48px;
        align-items: end;
        margin: 18px 0;
    }
    fieldset {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        margin: 0;
        padding: 0;
        border: 0;
    }
    legend,
    label span {
        margin-bottom: 6px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    fieldset button,
    .any {
        position: relative;
        display: flex;
        gap: 8px;
        align-items: center;
        min-height: 40px;
        padding: 0 12px 0 6px;
        border: 1px solid var(--rule);
        background: none;
        color: var(--ink);
        font: inherit;
        cursor: pointer;
    }
    [aria-pressed='true'] {
        border: 2px solid var(--ink);
    }
    i {
        width: 30px;
        height: 28px;
    }
    .any input {
        position: absolute;
        inset: 0;
        width: 100%;
        height: 100%;
        opacity: 0;
        cursor: pointer;
    }
    .any:focus-within {
        outline: 2px solid var(--ink);
    }
    label > span {
        display: block;
    }
    input[type='range'] {
        width: 260px;
    }
</style>
