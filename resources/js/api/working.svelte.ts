/** How far the server is with recipes it has to predict again before it can answer. */
class WorkingOut {
    /** recipes still to do; 0 while nobody waits */
    left = $state(0);
    /** how many there were when the waiting began */
    of = $state(0);

    tell(left: number): void {
        this.of = Math.max(this.of, left);
        this.left = left;
    }

    end(): void {
        this.left = this.of = 0;
    }
}

export const working = new WorkingOut();
