<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { lessonsQuery } from '../../api/queries';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    interface Props {
        /** the paint */
        id: number;
    }
    let { id }: Props = $props();

    const write = useWrite();
    const found = createQuery(() => lessonsQuery(id));
    const HOW = { reader: 'by the reader', picture: 'in a picture', words: 'in words' };

    const takeBack = (lesson: number) => write.send('lesson', 'DELETE', `lessons/${lesson}`);
</script>

<section>
    <h2>Learned from mixes</h2>
    {#if found.isError}
        <Waiting problem={found.error} />
    {:else if found.data}
        {#if found.data.learned}<p>{found.data.learned}</p>{/if}
        {#each found.data.lessons as lesson (lesson.id)}
            <div class="lesson">
                <div role="img" aria-label="Predicted {lesson.predicted}, seen {lesson.seen}">
                    <i style:background={lesson.predicted}></i><i style:background={lesson.seen}></i>
                </div>
                <p>
                    {lesson.mix_words}<br /><span class="soft"
                        >{lesson.words}, {lesson.off.toFixed(1)} off, told {HOW[lesson.how]} to ±{lesson.certainty.toFixed(
                            1,
                        )}{lesson.place ? ` · ${lesson.place}` : ''} · {lesson.at.slice(0, 10)}</span
                    >
                </p>
                <button
                    class="link-button"
                    aria-label="Take back what {lesson.mix_words} told"
                    onclick={() => takeBack(lesson.id)}>take back</button
                >
            </div>
        {:else}
            <p class="soft">
                Nothing yet. Say how a mix with it came out, on <a href="#/tables/thin">Mix and thin</a>, at a step or
                at the Bench, and it is predicted better.
            </p>
        {/each}
    {/if}
    <Refused {write} />
</section>

<style>
    section {
        margin-top: 26px;
    }
    h2 {
        margin-bottom: 6px;
        font-size: var(--size-head);
    }
    .lesson {
        display: grid;
        grid-template-columns: 88px 1fr auto;
        gap: 12px;
        align-items: center;
        margin-top: 8px;
        padding: 8px 0 0;
        border-top: 1px solid var(--rule);
    }
    .lesson div {
        display: grid;
        grid-template-columns: 1fr 1fr;
    }
    i {
        height: 48px;
    }
</style>
