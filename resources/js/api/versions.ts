/** Which versions this window's own changes led from and to, so that one that follows at once goes on from what the one before left. */
export class Versions {
    private made: { from: number; to: number }[] = [];

    /** The version to send with a change that was made on what the page showed. */
    after(seen: number): number {
        return (this.made.some((m) => m.from === seen) ? this.made.at(-1)?.to : undefined) ?? seen;
    }

    left(from: number, to: number): void {
        this.made.push({ from, to });
    }

    /** The page shows what was left: whatever comes next was seen. */
    caughtUp(seen: number): void {
        if (this.made.at(-1)?.to === seen) this.made = [];
    }
}
