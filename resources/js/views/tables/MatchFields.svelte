<script lang="ts">
    import { Checkbox, Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import type { RecipeVocabulary } from '../../api/wire';
    import type { Question } from './question.svelte';

    interface Props {
        question: Question;
        words: RecipeVocabulary | undefined;
    }
    let { question, words }: Props = $props();

    const kinds = $derived(question.get('kinds').split(',').filter(Boolean));

    function toggle(kind: string, taken: boolean) {
        const all = (words?.matched ?? []).filter((k) => (k === kind ? taken : kinds.includes(k)));
        if (all.length) question.set('kinds', all.join(','));
    }
</script>

<div class="fields">
    <Select
        size="sm"
        labelText="Paints in the mix, at most"
        selected={question.get('paints')}
        on:update={(e) => question.set('paints', String(e.detail))}
    >
        <SelectItem value="1" text="one" /><SelectItem value="2" text="two" /><SelectItem value="3" text="three" />
    </Select>
    <fieldset>
        <legend>Only what is</legend>
        {#each words?.matched ?? [] as kind (kind)}
            <Checkbox labelText={kind} checked={kinds.includes(kind)} on:check={(e) => toggle(kind, e.detail)} />
        {/each}
    </fieldset>
    <div class="two">
        <Select
            size="sm"
            labelText="Finish"
            selected={question.get('finish')}
            on:update={(e) => question.set('finish', String(e.detail ?? ''))}
        >
            <SelectItem value="" text="any" /><SelectItem value="matt" text="matt" />
            <SelectItem value="satin" text="satin" /><SelectItem value="gloss" text="gloss" />
        </Select>
        <TextInput
            size="sm"
            labelText="Left, ml at least"
            placeholder="any"
            value={question.get('least_ml')}
            on:input={(e) => question.set('least_ml', String(e.detail ?? '').trim())}
        />
    </div>
</div>

<style>
    .fields {
        display: grid;
        gap: 10px;
        align-content: start;
        padding-left: 28px;
    }
    fieldset {
        margin: 0;
        padding: 0;
        border: 0;
    }
    legend {
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    .two {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 12px;
    }
    @media (max-width: 720px) {
        .fields {
            grid-column: 1 / -1;
            padding: 12px 0 0;
        }
    }
</style>
