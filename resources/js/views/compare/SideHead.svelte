<script lang="ts">
    import type { Compared } from '../../api/wire';
    import { counted, duration } from '../../parts/words';
    import SmallSelect from '../../parts/SmallSelect.svelte';
    import type { Asked } from './sides';

    interface Props {
        /** its place among the sides */
        side: number;
        data: Compared;
        onask: (name: keyof Asked, value: string) => void;
        /** takes it away; the first two stay */ ondrop?: (() => void) | undefined;
    }
    let { side, data, onask, ondrop }: Props = $props();
    const title = $derived(['First', 'Second', 'Third', 'Fourth'][side] ?? '');
    const draft = $derived(data.sides[side]!);
    const masked = $derived(data.sides.some((s) => s.masks));
    const lists = $derived([
        { name: 'way' as keyof Asked, label: 'way', none: 'as planned', items: data.ways },
        ...(data.area === null
            ? []
            : [
                  {
                      name: 'from' as keyof Asked,
                      label: 'or from',
                      none: 'no other',
                      items: [...data.starts, ...data.sources],
                  },
              ]),
        { name: 'ground' as keyof Asked, label: 'ground', none: 'as it is', items: data.grounds },
        { name: 'contrast' as keyof Asked, label: 'contrast', none: 'as it is', items: data.contrasts },
        {
            name: 'trial' as keyof Asked,
            label: 'colours',
            none: 'as they are',
            items: data.trials.map((t) => ({ id: String(t.id), words: t.words })),
        },
    ]);
</script>

<section aria-label="{title} draft">
    <h2>{draft.words}</h2>
    <div class="choices">
        {#each lists as list (list.name)}
            <SmallSelect
                label={list.label}
                name="{title}: {list.label}"
                none={list.none}
                options={list.items}
                value={draft.asked[list.name]}
                onpick={(id) => onask(list.name, id)}
            />
        {/each}
        {#if data.area !== null}
            <label class="told"
                >or in your own words
                <textarea
                    rows="2"
                    aria-label="{title}: as it was told"
                    placeholder="basecoat: 2 dark brown + 1 red, two coats"
                    value={draft.asked.told}
                    onchange={(e) => onask('told', e.currentTarget.value)}></textarea></label
            >
        {/if}
    </div>
    {#if draft.said}<p class="said">{draft.said}</p>{/if}
    {#if ondrop}<button class="link-button" onclick={ondrop}>Remove this side</button>{/if}
    <dl>
        <div>
            <dt>coats</dt>
            <dd>{draft.coats}</dd>
        </div>
        <div>
            <dt>work</dt>
            <dd>{duration(draft.minutes)}</dd>
        </div>
        <div>
            <dt>drying in a row</dt>
            <dd>{duration(draft.waiting)}</dd>
        </div>
        <div>
            <dt>paints</dt>
            <dd>{draft.paints.length}</dd>
        </div>
        {#if masked}
            <div>
                <dt>masks, on and off</dt>
                <dd>{draft.masks ? `${draft.masks}, ${duration(draft.mask_minutes)}` : 'none'}</dd>
            </div>
        {/if}
        <div>
            <dt>pairs told apart</dt>
            <dd>{draft.pairs - draft.lost} of {draft.pairs}</dd>
        </div>
    </dl>
    {#if draft.missing.length}<p class="soft">
            Not in stock: {draft.missing.join(', ')} ({counted(draft.missing.length, 'paint')}).
        </p>{/if}
</section>

<style>
    h2 {
        font-size: var(--size-head);
        line-height: 1.2;
    }
    .choices {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 8px 12px;
        margin: 10px 0 14px;
    }
    .told {
        grid-column: 1 / -1;
        font-size: var(--size-small);
    }
    textarea {
        display: block;
        width: 100%;
        padding: 6px 8px;
        border: 1px solid var(--ink-soft);
        background: var(--panel);
        color: var(--ink);
        font: inherit;
    }
    .said {
        margin-bottom: 8px;
    }
    dl {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(78px, 1fr));
        gap: 8px 12px;
        margin: 0;
        padding: 10px 0;
        border-top: 1px solid var(--ink);
    }
    dt {
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    dd {
        margin: 0;
        font-size: var(--size-head);
        font-weight: 600;
    }
    @media (max-width: 720px) {
        .choices {
            grid-template-columns: 1fr;
        }
    }
</style>
