<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { glossaryQuery } from '../api/queries';
    import { explained } from './explained';
    import Term from './Term.svelte';

    interface Props {
        /** in which words of the craft are explained, each where it comes first */
        text: string;
    }
    let { text }: Props = $props();

    const glossary = createQuery(glossaryQuery);
    const pieces = $derived(explained(text, glossary.data?.terms ?? []));
</script>

{#each pieces as piece, i (i)}{#if piece.meaning}<Term
            text={piece.text}
            meaning={piece.meaning}
        />{:else}{piece.text}{/if}{/each}
