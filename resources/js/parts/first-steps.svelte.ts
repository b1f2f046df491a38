const KEY = 'kalokroma.first-steps';

/** Whether the line of the first steps is put away on this device. */
class FirstSteps {
    hidden = $state(localStorage.getItem(KEY) === 'hidden');

    hide(hidden: boolean): void {
        this.hidden = hidden;
        localStorage.setItem(KEY, hidden ? 'hidden' : 'shown');
    }
}

export const firstSteps = new FirstSteps();
