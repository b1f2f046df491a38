<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sessionQuery } from '../../api/queries';
    import Waiting from '../../parts/Waiting.svelte';

    const session = createQuery(sessionQuery);
    /** Tonight for whoever has begun something, the shelf for who has not. */
    const page = $derived(session.data?.begun ? import('./TonightPage.svelte') : import('../shelf/ShelfPage.svelte'));
</script>

{#await page}
    <Waiting problem={null} />
{:then { default: Page }}
    <Page />
{/await}
