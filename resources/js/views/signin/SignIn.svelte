<script lang="ts">
    import { Button, PasswordInput, TextInput } from 'carbon-components-svelte';
    import type { Session } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';

    interface Props {
        /** whether the sample workshop can be entered */
        demo: boolean;
    }
    let { demo }: Props = $props();

    const write = useWrite();
    let name = $state('');
    let password = $state('');

    const enter = (path: string, body?: object) =>
        write.send<Session>('session', 'POST', path, body, (session) => ({ key: ['session'], data: session }));

    function submit(event: SubmitEvent) {
        event.preventDefault();
        void enter('session', { name, password });
    }
</script>

<main>
    <div class="layers" aria-hidden="true"><i></i><i></i><i></i><i></i><i></i></div>
    <section>
        <h1>Kalokroma</h1>
        <p class="lead">Paint recipes for miniature figures, computed from the paints on your own shelf.</p>
        {#if demo}
            <div class="sample">
                <Button disabled={write.pending} onclick={() => enter('session/sample')}
                    >Enter the sample workshop</Button
                >
                <p class="soft">
                    A salt-marsh company of twelve lamplighters, half painted, and the shelf of paint it is painted
                    from. Nothing to sign up for.
                </p>
            </div>
            <h2>Or sign in to your own</h2>
        {:else}
            <h2>Sign in</h2>
        {/if}
        <form onsubmit={submit}>
            <TextInput labelText="Name" bind:value={name} autocomplete="username" required />
            <PasswordInput labelText="Password" bind:value={password} autocomplete="current-password" required />
            <Refused {write} />
            <Button type="submit" kind={demo ? 'tertiary' : 'primary'} disabled={write.pending}>Sign in</Button>
        </form>
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
        padding: 14vh 48px 48px;
        background: var(--panel);
    }
    h1 {
        font-size: var(--size-display);
    }
    h2 {
        margin: 36px 0 12px;
    }
    .lead {
        margin: 10px 0 28px;
        font-size: var(--size-head);
    }
    .sample p {
        margin-top: 10px;
    }
    form {
        display: grid;
        gap: 16px;
        justify-items: start;
    }
    form > :global(*) {
        width: 100%;
        max-width: none;
    }
    form > :global(button) {
        width: auto;
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
