<script lang="ts">
    import Explained from '../../parts/Explained.svelte';
    import type { Figure, SurveyQuestion } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';
    import { counted } from '../../parts/words';

    interface Props {
        figure: Figure;
    }
    let { figure }: Props = $props();

    const write = useWrite();
    const open = $derived(figure.survey.filter((q) => !q.found && !q.no));
    const settled = $derived(figure.survey.filter((q) => q.found || q.no));

    const answer = (question: SurveyQuestion, said: 'yes' | 'no' | 'open') =>
        write.send('figure', 'PUT', `companies/${figure.id}/survey`, { question: question.id, answer: said });
</script>

<section aria-labelledby="survey">
    <h2 id="survey">
        {open.length ? `Look again: ${counted(open.length, 'question')} open` : 'Nothing overlooked'}
    </h2>
    <Refused {write} />
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <ol tabindex="0" aria-label="Open questions">
        {#each open as question (question.id)}
            <li>
                <p class="ask">{question.ask}</p>
                <p class="soft"><Explained text={question.why} /></p>
                <p class="answers">
                    <button class="link-button" onclick={() => answer(question, 'yes')}
                        >Yes, add {question.added}</button
                    >
                    <button class="link-button" onclick={() => answer(question, 'no')}
                        >No<span class="visually-hidden">: {question.ask}</span></button
                    >
                </p>
            </li>
        {/each}
    </ol>
    {#if settled.length}
        <details>
            <summary>{counted(settled.length, 'question')} settled</summary>
            <ul>
                {#each settled as question (question.id)}
                    <li>
                        {question.ask}
                        {#if question.found}<strong>{question.found}</strong>{:else}<strong>no</strong>
                            <button class="link-button" onclick={() => answer(question, 'open')}>ask again</button>{/if}
                    </li>
                {/each}
            </ul>
        </details>
    {/if}
</section>

<style>
    ol {
        max-height: 372px;
        overflow-y: auto;
    }
    ol,
    ul {
        margin: 10px 0;
        padding: 0;
        list-style: none;
    }
    ol li {
        padding: 9px 0;
        border-top: 1px solid var(--rule);
    }
    .ask {
        font-size: var(--size-body);
        font-weight: 600;
    }
    ol .soft {
        font-size: var(--size-small);
    }
    .answers {
        display: flex;
        gap: 18px;
    }
    details li {
        padding: 4px 0;
        font-size: var(--size-plain);
    }
    summary {
        cursor: pointer;
    }
</style>
