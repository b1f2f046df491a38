<script lang="ts">
    import { Button, CopyButton, TextInput } from 'carbon-components-svelte';
    import type { Account, Invited } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';

    interface Props {
        account: Account;
    }
    let { account }: Props = $props();

    const write = useWrite();
    let link = $state('');

    async function invite() {
        const made = await write.send<Invited>('account', 'POST', 'account/invitations', undefined, (answer) => ({
            key: ['account'],
            data: answer.account,
        }));
        if (made) link = `${location.origin}/#/join/${made.secret}`;
    }
    const withdraw = (id: number) =>
        write.send<Account>('account', 'DELETE', `account/invitations/${id}`, undefined, (answer) => ({
            key: ['account'],
            data: answer,
        }));
</script>

<section>
    <h2>Let others paint here too</h2>
    <p class="soft">
        A link lets one more painter make a workshop of their own, once and within {account.days} days. Nobody sees anybody
        else’s paints or figures.
    </p>
    {#if link}
        <div class="link">
            <TextInput labelText="Send this link; it is shown only now" value={link} readonly />
            <CopyButton text={link} feedback="Copied" iconDescription="Copy the link" />
        </div>
    {/if}
    <Refused {write} />
    <Button kind="tertiary" disabled={write.pending} onclick={invite}
        >{link ? 'Make another link' : 'Make a link'}</Button
    >
    {#if account.invitations.length}
        <ul>
            {#each account.invitations as invitation (invitation.id)}
                <li>
                    {#if invitation.taken_by}
                        {invitation.taken_by} came by a link of yours.
                    {:else}
                        Open until {invitation.expires}
                        <button class="link-button" onclick={() => withdraw(invitation.id)}>Withdraw</button>
                    {/if}
                </li>
            {/each}
        </ul>
    {/if}
</section>

<style>
    section {
        margin-top: 36px;
    }
    p {
        margin: 6px 0 14px;
    }
    .link {
        display: grid;
        grid-template-columns: 1fr auto;
        gap: 8px;
        align-items: end;
        margin-bottom: 14px;
    }
    ul {
        margin: 16px 0 0;
        padding: 0;
        list-style: none;
    }
    li {
        padding: 6px 0;
        border-top: 1px solid var(--rule);
    }
</style>
