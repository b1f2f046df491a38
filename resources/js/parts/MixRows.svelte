<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Paint } from '../api/wire';
    import PaintSelect from './PaintSelect.svelte';
    import Stepper from './Stepper.svelte';

    interface Props {
        paints: Paint[];
        /** `12*2+40*1`: paint and drops; 0 drops for an amount that is left open */
        mix: string;
        /** whether an amount may be left open */
        mayBeOpen?: boolean;
        onchange: (mix: string) => void;
    }
    let { paints, mix, mayBeOpen = false, onchange }: Props = $props();

    const MOST = 4;
    const rows = $derived(
        mix
            .split('+')
            .filter(Boolean)
            .map((part) => {
                const [id = '', drops = '1'] = part.split('*');
                return { id, drops: Number(drops) };
            }),
    );

    function put(all: { id: string; drops: number }[]) {
        onchange(all.map((row) => `${row.id}*${row.drops}`).join('+'));
    }

    function change(at: number, change: Partial<{ id: string; drops: number }>) {
        put(rows.map((row, i) => (i === at ? { ...row, ...change } : row)));
    }
    const free = $derived(paints.find((p) => p.at_hand && !rows.some((row) => row.id === String(p.id))));
</script>

<div class="mix">
    {#each rows as row, i (i)}
        <div class="row">
            <i style:background={paints.find((p) => String(p.id) === row.id)?.look ?? 'none'}></i>
            <PaintSelect
                label={i ? 'and' : 'Paint'}
                paints={paints.filter((p) => String(p.id) === row.id || !rows.some((r) => r.id === String(p.id)))}
                value={row.id}
                onchoose={(id) => id && change(i, { id })}
            />
            <div role="group" aria-label="Drops of paint {i + 1}">
                <Stepper
                    value={row.drops}
                    least={mayBeOpen && rows.length > 1 ? 0 : 1}
                    most={99}
                    fewer="One drop less"
                    more="One drop more"
                    open="?"
                    onchange={(drops) => change(i, { drops })}
                />
            </div>
            {#if rows.length > 1}
                <button
                    class="link-button"
                    aria-label="Remove paint {i + 1}"
                    onclick={() => put(rows.filter((_, at) => at !== i))}>out</button
                >
            {/if}
        </div>
    {/each}
    {#if rows.length < MOST && free}
        <Button size="small" kind="ghost" on:click={() => put([...rows, { id: String(free.id), drops: 1 }])}
            >Add a paint to the mix</Button
        >
    {/if}
</div>

<style>
    .mix {
        container-type: inline-size;
    }
    .row {
        display: grid;
        grid-template-columns: 56px minmax(0, 1fr) auto 32px;
        gap: 10px;
        align-items: end;
        margin-bottom: 10px;
        --stepper-width: 106px;
    }
    i {
        height: 40px;
    }
    .link-button {
        height: 40px;
    }
    @container (max-width: 400px) {
        .row {
            grid-template-columns: 36px minmax(0, 1fr) auto;
            row-gap: 6px;
            margin-bottom: 16px;
        }
        .row > div[role='group'] {
            grid-row: 2;
            grid-column: 2;
        }
        .row > button {
            grid-row: 2;
            grid-column: 3;
        }
        .row > :global(.bx--form-item) {
            grid-column: 2 / -1;
        }
    }
</style>
