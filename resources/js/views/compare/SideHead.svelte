<script lang="ts">
    import type { Compared } from '../../api/wire';
    import { counted, duration } from '../../parts/words';
    import SmallSelect from '../../parts/SmallSelect.svelte';

    interface Props {
        side: 'a' | 'b';
        title: string;
        data: Compared;
        question: Record<string, string | undefined>;
        onask: (name: string, value: string) => void;
    }
    let { side, title, data, question, onask }: Props = $props();
    const draft = $derived(data[side]);
    const lists = $derived([
        { name: 'way', label: 'way', none: 'as planned', items: data.ways },
        { name: 'ground', label: 'ground', none: 'as it is', items: data.grounds },
        { name: 'contrast', label: 'contrast', none: 'as it is', items: data.contrasts },
        {
            name: 'trial',
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
                value={question[`${side}[${list.name}]`] ?? ''}
                onpick={(id) => onask(`${side}[${list.name}]`, id)}
            />
        {/each}
    </div>
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
        {#if data.a.masks || data.b.masks}
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
            Not at hand: {draft.missing.join(', ')} ({counted(draft.missing.length, 'paint')}).
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
