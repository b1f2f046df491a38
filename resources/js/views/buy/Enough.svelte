<script lang="ts">
    import type { Needs } from '../../api/wire';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted, millilitres } from '../../parts/words';

    interface Props {
        needs: Needs | null;
        problem: unknown;
        /** whether it speaks of one recipe only */
        one: boolean;
    }
    let { needs, problem, one }: Props = $props();

    const VERDICT = {
        missing: 'missing',
        short: 'too little',
        close: 'barely',
        enough: 'enough',
        unknown: 'not known',
    };
    const missing = $derived(needs?.paints.filter((p) => p.enough === 'missing').map((p) => p.name) ?? []);
    const short = $derived(needs?.paints.find((p) => p.enough === 'short' || p.enough === 'close'));
    const told = $derived(
        [
            missing.length === 1
                ? `${missing[0]} is missing already.`
                : missing.length
                  ? `${listed(missing)} are missing already.`
                  : '',
            short ? `${short.name} runs out first, after ${counted(short.figures ?? 0, 'figure')}.` : '',
        ]
            .filter(Boolean)
            .join(' ') || 'What is left is enough for all that is planned.',
    );

    /** "A, B and C", or "A, B, C and 4 more". */
    function listed(names: string[]): string {
        const rest = names.length - 3;
        return rest > 0
            ? `${names.slice(0, 3).join(', ')} and ${rest} more`
            : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
    }
</script>

<section aria-label="Enough?">
    <h2>Enough{one ? ' for this recipe' : ''}?</h2>
    {#if one}<p><a href="#/buy">for everything planned</a></p>{/if}
    {#if !needs}
        <Waiting {problem} />
    {:else if !needs.paints.length}
        <p>No recipe is drafted yet. <a href="#/recipe">Draft one</a>, and this page works out what it takes.</p>
    {:else}
        <p>{told}</p>
        <div class="table-frame">
            <table class="rows">
                <thead
                    ><tr
                        ><th></th><th>Paint</th><th class="number">Needed</th><th class="number">Left</th><th>Enough</th
                        ><th class="number">For figures</th></tr
                    ></thead
                >
                <tbody>
                    {#each needs.paints as need (need.id)}
                        <tr>
                            <td class="colour"><i style:background={need.hex ?? 'none'}></i></td>
                            <td><a href="#/shelf/{need.id}">{need.name}</a></td>
                            <td class="number">{need.needed_ml.toFixed(2)} ± {need.uncertain_ml.toFixed(2)} ml</td>
                            <td class="number">{need.left_ml === null ? 'unknown' : millilitres(need.left_ml)}</td>
                            <td class:bad={need.enough === 'missing' || need.enough === 'short'}
                                >{VERDICT[need.enough]}</td
                            >
                            <td class="number"
                                >{need.figures === null ? '?' : need.figures > 99 ? 'over 99' : need.figures}</td
                            >
                        </tr>
                    {/each}
                </tbody>
            </table>
        </div>
    {/if}
</section>

<style>
    h2 {
        margin-bottom: 6px;
        font-size: var(--size-head);
    }
    .table-frame {
        margin-top: 8px;
    }
    .colour i {
        display: block;
        width: 40px;
        height: 26px;
    }
    .bad {
        font-weight: 600;
    }
</style>
