<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { figuresQuery } from '../../api/queries';
    import Waiting from '../../parts/Waiting.svelte';
    import Questions from './Questions.svelte';

    const figures = createQuery(figuresQuery);
</script>

<main>
    <h1>What you own and how you like to paint</h1>
    {#if !figures.isSuccess}
        <Waiting problem={figures.error} />
    {:else}
        <Questions ways={figures.data.vocabulary.ways} schools={figures.data.vocabulary.schools} />
    {/if}
</main>

<style>
    main {
        max-width: 620px;
        padding: 28px 28px 60px;
    }
    h1 {
        margin-bottom: 18px;
    }
    @media (max-width: 720px) {
        main {
            padding: 18px 16px 40px;
        }
    }
</style>
