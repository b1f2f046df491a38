<script lang="ts">
    import type { Paint } from '../../api/wire';
    import { millilitres } from '../../parts/words';

    interface Props {
        /** in the order of the shelf: family by family */
        paints: Paint[];
        chosen: number | null;
        onchoose: (id: number) => void;
    }
    let { paints, chosen, onchoose }: Props = $props();

    const families = $derived(
        paints.reduce<{ name: string; paints: Paint[] }[]>((found, paint) => {
            const last = found[found.length - 1];
            if (last?.name === paint.family) last.paints.push(paint);
            else found.push({ name: paint.family, paints: [paint] });
            return found;
        }, []),
    );

    const guessed = (paint: Paint) => paint.source === 'guessed' || paint.source === 'pictured';

    function left(paint: Paint): string {
        if (!paint.owned) return 'not owned';
        if (paint.left_ml === null) return '';
        return paint.left_ml === 0 ? 'empty' : millilitres(paint.left_ml);
    }
    /** in what it comes, where that is no bottle */
    const form = (paint: Paint) =>
        paint.form === 'bottle' || paint.form === 'powder' ? '' : paint.form.replace('-ready', '');
</script>

{#each families as family (family.name)}
    <section>
        <h2>{family.name}</h2>
        <ul>
            {#each family.paints as paint (paint.id)}
                <li>
                    <button
                        class="plain-button"
                        aria-pressed={paint.id === chosen}
                        onclick={() => onchoose(paint.id)}
                        class:away={!paint.at_hand}
                    >
                        <span class="swatch" style:background={paint.look ?? 'none'} class:clear={!paint.look}></span>
                        <span class="bottle" aria-hidden="true">
                            {#if paint.fill !== null}
                                <i style:width="{paint.fill}%"></i>
                            {/if}
                        </span>
                        <span class="name"
                            >{paint.name}{#if paint.certainty !== null}<small
                                    >{guessed(paint) ? 'guess ' : ''}±{paint.certainty}</small
                                >{/if}</span
                        >
                        <span class="kind"
                            >{[paint.behaviour, form(paint), left(paint)].filter(Boolean).join(' · ')}</span
                        >
                    </button>
                </li>
            {/each}
        </ul>
    </section>
{/each}

<style>
    section {
        content-visibility: auto;
        contain-intrinsic-size: auto 320px;
        margin: 0 -6px 18px;
        padding: 4px 6px 0;
    }
    h2 {
        margin-bottom: 8px;
        font-size: var(--size-body);
    }
    h2::first-letter {
        text-transform: uppercase;
    }
    ul {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(112px, 1fr));
        gap: 12px;
        margin: 0;
        padding: 0;
        list-style: none;
    }
    button {
        display: block;
        width: 100%;
    }
    .swatch {
        display: block;
        height: 62px;
    }
    .swatch.clear {
        border: 1px dashed var(--rule);
    }
    .bottle {
        display: block;
        height: 4px;
        margin-top: 3px;
        background: var(--surround-deep);
    }
    .bottle i {
        display: block;
        height: 100%;
        background: var(--ink-soft);
    }
    .name {
        display: flex;
        gap: 6px;
        justify-content: space-between;
        margin-top: 4px;
        font-size: var(--size-plain);
        line-height: 1.2;
    }
    .name small {
        font-size: var(--size-fine);
        font-weight: 400;
        color: var(--ink-soft);
    }
    .kind {
        display: block;
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    .away .name {
        text-decoration: line-through;
    }
    [aria-pressed='true'] .swatch {
        outline: 2px solid var(--ink);
        outline-offset: 2px;
    }
    [aria-pressed='true'] .name {
        font-weight: 600;
    }
</style>
