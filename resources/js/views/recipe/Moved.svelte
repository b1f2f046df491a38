<script lang="ts">
    import type { RecipeMoved } from '../../api/wire';

    interface Props {
        moved: Pick<RecipeMoved, 'notes' | 'changes'>;
        onclose: () => void;
    }
    let { moved, onclose }: Props = $props();
</script>

<section aria-label="What was guessed and replaced">
    {#if moved.notes.length}
        <h3>{moved.notes.some((n) => n.line) ? 'Entered, with some guesses' : 'Fixed'}</h3>
        <ul>
            {#each moved.notes as note (`${note.line} ${note.words}`)}<li>
                    {note.line ? `Line ${note.line}: ` : ''}{note.words}
                </li>{/each}
        </ul>
    {/if}
    {#if moved.changes.length}
        <h3>Replaced by what you own</h3>
        <table class="rows">
            <thead><tr><th>step</th><th>was</th><th>now</th><th>off</th><th>how it differs in place</th></tr></thead>
            <tbody>
                {#each moved.changes as change (`${change.key} ${change.was}`)}
                    <tr>
                        <td>{change.step}</td>
                        <td>{change.was}</td>
                        <td>{change.now ?? '–'}</td>
                        <td class="number">{change.difference === null ? '–' : change.difference.toFixed(1)}</td>
                        <td class="wide">{change.words}</td>
                    </tr>
                {/each}
            </tbody>
        </table>
    {/if}
    <button class="link-button" onclick={onclose}>Close this list</button>
</section>

<style>
    section {
        margin-bottom: 18px;
        padding: 14px 16px;
        overflow-x: auto;
        background: var(--rail);
    }
    ul {
        margin: 6px 0 10px;
        padding-left: 18px;
        font-size: var(--size-plain);
    }
    .wide {
        white-space: normal;
    }
</style>
