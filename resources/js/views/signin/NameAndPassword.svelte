<script lang="ts">
    import { Button, PasswordInput, TextInput } from 'carbon-components-svelte';
    import type { Write } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';

    interface Props {
        write: Write;
        /** whether both are chosen now, for a new workshop */
        makes?: boolean;
        action: string;
        onenter: (name: string, password: string) => void;
    }
    let { write, makes = false, action, onenter }: Props = $props();

    let name = $state('');
    let password = $state('');

    function submit(event: SubmitEvent) {
        event.preventDefault();
        onenter(name, password);
    }
</script>

<form onsubmit={submit}>
    <TextInput labelText={makes ? 'Your name' : 'Name'} bind:value={name} autocomplete="username" required />
    <PasswordInput
        labelText={makes ? 'A password, 8 characters or more' : 'Password'}
        bind:value={password}
        autocomplete={makes ? 'new-password' : 'current-password'}
        required
    />
    <Refused {write} />
    <Button type="submit" disabled={write.pending}>{action}</Button>
</form>

<style>
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
</style>
