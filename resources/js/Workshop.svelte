<script lang="ts">
    import { createQuery, useIsFetching, useQueryClient } from '@tanstack/svelte-query';
    import Router, { router } from 'svelte-spa-router';
    import FirstSteps from './parts/FirstSteps.svelte';
    import { firstSteps } from './parts/first-steps.svelte';
    import Header from './parts/Header.svelte';
    import Keys from './parts/Keys.svelte';
    import Refused from './parts/Refused.svelte';
    import WorkingOut from './parts/WorkingOut.svelte';
    import SignIn from './views/signin/SignIn.svelte';
    import { sentence } from './api/client';
    import { sessionQuery, startQuery } from './api/queries';
    import { useWrite } from './api/write.svelte';
    import { routes } from './routes';
    import { surround } from './theme/surround.svelte';

    const client = useQueryClient();
    const session = createQuery(sessionQuery);
    const write = useWrite();
    let keys = $state(false);
    const start = createQuery(() => ({ ...startQuery(), enabled: !!session.data?.painter }));
    const led = $derived(
        start.isSuccess &&
            !start.data.walked &&
            !firstSteps.hidden &&
            router.location !== '/start' &&
            !session.data?.sample,
    );
    $effect(() => {
        document.documentElement.classList.toggle('led', led);
    });

    $effect(() => {
        surround.atBench = router.location.startsWith('/bench');
        surround.apply();
    });

    // How many questions are on their way, for whoever drives the page.
    const asking = useIsFetching();
    $effect(() => {
        document.documentElement.dataset['asking'] = String(asking.current);
    });

    async function leave() {
        if ((await write.send('session', 'DELETE', 'session')) === undefined) return;
        location.hash = '#/';
        location.reload(); // nothing of this painter stays in memory
    }

    client.getQueryCache().subscribe((event) => {
        const state = event.query.state as { status: string; error: unknown };
        if (event.type === 'updated' && (state.error as { status?: number } | null)?.status === 401) {
            void write.stale('session');
        }
    });
</script>

{#if session.isPending}
    <p class="wait">Opening the workshop …</p>
{:else if session.isError}
    <p class="wait" role="alert">{sentence(session.error)}</p>
{:else if session.data.painter === null}
    <SignIn session={session.data} invitation={/^\/join\/([0-9a-f]{32})$/.exec(router.location)?.[1] ?? ''} />
{:else}
    <Header
        painter={session.data.painter.name}
        location={router.location}
        begun={session.data.begun}
        onleave={leave}
        onkeys={() => (keys = true)}
    />
    {#if led && start.data}<FirstSteps start={start.data} location={router.location} />{/if}
    <Keys location={router.location} bind:open={keys} />
    <Refused {write} />
    <Router {routes} />
    <WorkingOut />
{/if}

<style>
    .wait {
        padding: 40px;
    }
</style>
