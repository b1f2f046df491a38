// Svelte reads TypeScript by itself, and the styles are plain CSS: nothing has to be prepared.
export default {};
