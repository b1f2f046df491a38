<script lang="ts">
    import type { Relative } from '../../api/wire';

    interface Props {
        /** the paint itself */
        id: number;
        relatives: Relative[];
    }
    let { id, relatives }: Props = $props();

    function told(other: Relative): string {
        const light = Math.abs(other.lightness);
        const way = light < 1 ? 'as light' : `${light.toFixed(0)} ${other.lightness > 0 ? 'lighter' : 'darker'}`;
        return `${other.difference.toFixed(1)} away, ${way}${other.at_hand ? '' : ', not in stock'}`;
    }
</script>

<h2>Nearest relatives</h2>
<ul>
    {#each relatives as other (other.id)}
        <li>
            <a href="#/shelf/{other.id}">
                <i style:background={other.hex}></i>
                <span><b>{other.name}</b><br /><span class="soft">{told(other)}</span></span>
            </a>
        </li>
    {/each}
</ul>
<p><a href="#/shelf?like={id}">All like this one</a></p>

<style>
    h2 {
        margin: 26px 0 8px;
        font-size: var(--size-head);
    }
    ul {
        margin: 0 0 20px;
        padding: 0;
        list-style: none;
    }
    li a {
        display: grid;
        grid-template-columns: 88px 1fr;
        gap: 14px;
        align-items: center;
        padding: 4px 0;
        color: inherit;
        font-size: var(--size-plain);
        line-height: 1.25;
        text-decoration: none;
    }
    li a:hover b {
        text-decoration: underline;
    }
    b {
        font-weight: 600;
    }
    i {
        height: 42px;
    }
</style>
