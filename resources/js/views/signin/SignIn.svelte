<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { invitationQuery } from '../../api/queries';
    import type { Session } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import NameAndPassword from './NameAndPassword.svelte';
    import SampleOffer from './SampleOffer.svelte';

    interface Props {
        session: Session;
        /** the secret of the link by which somebody was invited; empty without */
        invitation: string;
    }
    let { session, invitation }: Props = $props();

    const write = useWrite();
    const invited = createQuery(() => invitationQuery(invitation));
    const makes = $derived(invited.isSuccess || session.fresh);

    async function enter(path: string, body?: object) {
        const entered = await write.send<Session>('session', 'POST', path, body, (answer) => ({
            key: ['session'],
            data: answer,
        }));
        if (entered && path === 'session/workshop') location.hash = '#/start';
    }
</script>

<main>
    <div class="layers" aria-hidden="true"><i></i><i></i><i></i><i></i><i></i></div>
    <section>
        <h1>Kalokroma</h1>
        <p class="lead">Paint recipes for miniature figures, worked out from the paints on your own shelf.</p>
        {#if invitation && invited.isError}
            <p class="note" role="alert">
                This invitation was used already, taken back, or is too old. Ask for a new link.
            </p>
        {/if}
        {#if makes}
            <h2>Make your workshop</h2>
            <p class="soft said">
                {#if invited.isSuccess}{invited.data.by} invites you. Your paints, figures and recipes will be yours alone.
                {:else}Your paints, figures and recipes stay on this computer. You sign in with this name and password;
                    nothing is sent anywhere.{/if}
            </p>
            <NameAndPassword
                {write}
                makes
                action="Make my workshop"
                onenter={(name, password) => enter('session/workshop', { name, password, invitation })}
            />
        {:else}
            <h2>Sign in</h2>
            <NameAndPassword
                {write}
                action="Sign in"
                onenter={(name, password) => enter('session', { name, password })}
            />
            <details class="soft">
                <summary>No workshop yet, or password forgotten?</summary>
                Whoever made the first workshop here can send you a link (under their name, at the top of every page). A forgotten
                password is reset where Kalokroma runs:
                <span class="mono">php artisan kalokroma:painter NAME --reset</span>
            </details>
        {/if}
        {#if session.demo}<SampleOffer busy={write.pending} onenter={() => enter('session/sample')} />{/if}
    </section>
</main>

<style>
    main {
        display: grid;
        grid-template-columns: 1fr minmax(340px, 480px);
        min-height: 100vh;
    }
    .layers {
        display: grid;
        align-content: end;
        padding: 0 8vw 12vh;
    }
    .layers i {
        height: 9vh;
        margin-top: 8px;
    }
    .layers i:nth-child(1) {
        background: linear-gradient(90deg, #754711 33.3%, #9c8042 33.3% 66.6%, #c4b17e 66.6%);
    }
    .layers i:nth-child(2) {
        background: linear-gradient(90deg, #754711 33.3%, #93752d 33.3% 66.6%, #977931 66.6%);
    }
    .layers i:nth-child(3) {
        background: linear-gradient(90deg, #754711 33.3%, #87621a 33.3% 66.6%, #8e702a 66.6%);
        margin-top: 26px;
    }
    .layers i:nth-child(4) {
        background: #917733;
        margin-top: 0;
    }
    .layers i:nth-child(5) {
        background: #868686;
        margin-top: 0;
    }
    section {
        padding: 11vh 48px 48px;
        background: var(--panel);
    }
    h1 {
        font-size: var(--size-display);
    }
    h2 {
        margin: 12px 0 8px;
    }
    .lead {
        margin: 10px 0 28px;
        font-size: var(--size-head);
    }
    .said {
        margin-bottom: 16px;
    }
    .note {
        margin-bottom: 20px;
        padding-left: 12px;
        border-left: 4px solid var(--warn);
    }
    details {
        margin-top: 18px;
    }
    @media (max-width: 720px) {
        main {
            grid-template-columns: 1fr;
        }
        .layers {
            display: none;
        }
        section {
            padding: 48px 20px;
        }
    }
</style>
