<script lang="ts">
    import { Button, TextArea } from 'carbon-components-svelte';
    import { sentence } from '../../api/client';
    import { counted } from '../../parts/words';
    import HeardLine from './HeardLine.svelte';
    import type { RecipeState } from './recipe.svelte';
    import { Told } from './told.svelte';
    import ToldLook from './ToldLook.svelte';

    interface Props {
        page: RecipeState;
        /** whether there are steps already that these can be added to */
        drafted: boolean;
    }
    let { page, drafted }: Props = $props();

    const told = new Told(() => page.area);
    const ready = $derived(told.settled && (told.heard?.steps ?? 0) > 0 && !page.busy);
    const bring = (add: boolean) => page.bring('told', { text: told.text, ...(add ? { add } : {}) });
</script>

<section>
    <h3>Type it in your own words</h3>
    <p class="soft">
        One line a step, as it was said: paints with their amounts, how thin, where and where not, how often, until
        when, how long to wait, for whom.
    </p>
    <TextArea
        labelText="The recipe, line by line"
        hideLabel
        rows={5}
        placeholder={'basecoat: 2 dark brown + 1 red, thin 2:1, two coats\nrecesses only: brown wash, neat\nlayer with ochre and a little bone, leave the folds\nagain until bright enough, smaller each time, three times: bone'}
        bind:value={told.text}
    />
    {#if told.problem}<p role="alert">{sentence(told.problem)}</p>{/if}
    {#if told.write.problem}<p role="alert">{told.write.problem}</p>{/if}
    {#if told.heard}
        <p class="sum">
            {counted(told.heard.lines.length, 'line')} read, {told.open
                ? counted(told.open, 'question')
                : 'nothing to ask'}{told.unread ? `, ${counted(told.unread, 'piece')} not read` : ''}.
        </p>
        <div class="read">
            <ol aria-label="As it is read">
                {#each told.heard.lines as line (line.line)}<HeardLine {line} {told} />{/each}
            </ol>
            {#if told.heard.looks.length}<ToldLook looks={told.heard.looks} takes={told.heard.takes} />{/if}
        </div>
        <div class="do">
            <Button size="small" disabled={!ready} onclick={() => bring(false)}
                >Use this recipe: {counted(told.heard.steps, 'step')}</Button
            >
            {#if drafted}<Button size="small" kind="tertiary" disabled={!ready} onclick={() => bring(true)}
                    >Add to the steps that are there</Button
                >{/if}
        </div>
    {/if}
</section>

<style>
    section {
        max-width: 960px;
        margin-top: 16px;
    }
    .sum {
        margin-top: 12px;
        color: var(--ink-soft);
    }
    .read {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 0 28px;
    }
    ol {
        margin: 8px 0 12px;
        padding: 0;
        list-style: none;
    }
    .do {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
    }
    @media (max-width: 720px) {
        .read {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
