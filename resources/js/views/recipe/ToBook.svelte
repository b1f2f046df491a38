<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import { useWrite } from '../../api/write.svelte';
    import type { Book, Recipe } from '../../api/wire';
    import Refused from '../../parts/Refused.svelte';

    interface Props {
        recipe: Recipe;
        ondone: () => void;
    }
    let { recipe, ondone }: Props = $props();

    const write = useWrite();
    // svelte-ignore state_referenced_locally
    let name = $state(recipe.area.name);
    let tags = $state('');
    let notes = $state('');

    async function keep(event: Event) {
        event.preventDefault();
        const body = { area_id: recipe.area.id, name, tags: tags.split(','), notes };
        if (await write.send<Book>('book', 'POST', 'book', body)) ondone();
    }
</script>

<form onsubmit={keep}>
    <TextInput size="sm" labelText="Name in the book" bind:value={name} />
    <TextInput size="sm" labelText="Tags, with commas" placeholder="cloth, winter" bind:value={tags} />
    <TextInput size="sm" labelText="Notes" bind:value={notes} />
    <Button type="submit" size="field">Keep it</Button>
    <a href="#/book">to the recipe book</a>
</form>
<Refused {write} />

<style>
    form {
        display: grid;
        grid-template-columns: 1fr 1fr 1fr auto auto;
        gap: 10px 14px;
        align-items: end;
        margin-bottom: 14px;
    }
    a {
        padding-bottom: 9px;
        font-size: var(--size-plain);
    }
    @media (max-width: 980px) {
        form {
            grid-template-columns: 1fr;
        }
    }
</style>
