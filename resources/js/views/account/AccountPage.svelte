<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { accountQuery, sessionQuery } from '../../api/queries';
    import Waiting from '../../parts/Waiting.svelte';
    import Invitations from './Invitations.svelte';
    import Passwords from './Passwords.svelte';

    const account = createQuery(accountQuery);
    const session = createQuery(sessionQuery);
</script>

<main>
    {#if !account.isSuccess}
        <Waiting problem={account.error} />
    {:else}
        <h1>{account.data.name}</h1>
        <p class="soft">
            Your sign-in. What you own and how you like to paint is asked under <a href="#/own">What you own</a>.
        </p>
        {#if account.data.has_password}
            <Passwords />
        {:else}
            <p class="none">The sample workshop has no password: anybody on this computer may look around in it.</p>
        {/if}
        {#if session.data?.demo}<p class="none"><a href="#/devices">Simulated devices</a> of this demo</p>{/if}
        {#if account.data.first}<Invitations account={account.data} />{/if}
    {/if}
</main>

<style>
    main {
        max-width: 620px;
        padding: 28px 28px 60px;
    }
    h1 {
        margin-bottom: 6px;
    }
    .none {
        margin-top: 24px;
    }
    @media (max-width: 720px) {
        main {
            padding: 18px 16px 40px;
        }
    }
</style>
