<script lang="ts">
    import { Button, PasswordInput } from 'carbon-components-svelte';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';

    const changing = useWrite();
    const ending = useWrite();
    let current = $state('');
    let password = $state('');
    let again = $state('');
    let done = $state('');

    async function change(event: SubmitEvent) {
        event.preventDefault();
        done = '';
        if ((await changing.send('account', 'PUT', 'account/password', { current, password })) === undefined) return;
        [current, password] = ['', ''];
        done = 'Your password is changed. Other devices have to sign in again.';
    }

    async function end(event: SubmitEvent) {
        event.preventDefault();
        done = '';
        if ((await ending.send('account', 'POST', 'account/others', { current: again })) === undefined) return;
        again = '';
        done = 'All other devices are signed out.';
    }
</script>

{#if done}<p class="done" role="status">{done}</p>{/if}
<form onsubmit={change}>
    <h2>Change your password</h2>
    <PasswordInput labelText="Present password" bind:value={current} autocomplete="current-password" required />
    <PasswordInput
        labelText="New password, 8 characters or more"
        bind:value={password}
        autocomplete="new-password"
        required
    />
    <Refused write={changing} />
    <Button type="submit" disabled={changing.pending}>Change password</Button>
</form>
<form onsubmit={end}>
    <h2>Sign out all other devices</h2>
    <p class="soft">If you left yourself signed in on a telephone or a computer that is not yours.</p>
    <PasswordInput labelText="Your password" bind:value={again} autocomplete="current-password" required />
    <Refused write={ending} />
    <Button type="submit" kind="tertiary" disabled={ending.pending}>Sign out other devices</Button>
</form>

<style>
    form {
        display: grid;
        gap: 14px;
        justify-items: start;
        margin-top: 30px;
    }
    form > :global(*) {
        width: 100%;
        max-width: 420px;
    }
    form > :global(button) {
        width: auto;
    }
    .done {
        margin-top: 20px;
        padding: 10px 14px;
        border-left: 4px solid var(--accent);
        background: var(--raised);
    }
</style>
