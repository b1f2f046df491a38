import type { Working } from './wire';
import { working } from './working.svelte';

/** A refusal of the server: one sentence, and where it belongs in a form. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly fields: Record<string, string> = {},
    ) {
        super(message);
    }
}

const UNREACHABLE = 'The application does not answer. Is it still running?';

export function get<T>(path: string): Promise<T> {
    return send<T>('GET', path);
}

let waiting: Promise<unknown> = Promise.resolve();

/** For an answer that needs all recipes: after a change on the shelf they are worked out a part at a time, and the frame tells. */
export function getPatiently<T>(path: string): Promise<T> {
    const asked = waiting.then(() => askUntilReady<T>(path));
    waiting = asked.catch(() => undefined);
    return asked;
}

async function askUntilReady<T>(path: string): Promise<T> {
    try {
        for (;;) {
            const answer = await send<T | Working>('GET', path, undefined, { Prefer: 'respond-async' });
            if (!isWorking(answer)) return answer;
            working.tell(answer.recipes_left);
        }
    } finally {
        working.end();
    }
}

const isWorking = (answer: unknown): answer is Working =>
    typeof answer === 'object' && answer !== null && 'recipes_left' in answer;

/** Sends JSON, or a form with a file, and gives back the answer. */
export function put<T>(method: 'POST' | 'PUT' | 'PATCH' | 'DELETE', path: string, body?: unknown): Promise<T> {
    return send<T>(method, path, body);
}

async function send<T>(method: string, path: string, body?: unknown, more: Record<string, string> = {}): Promise<T> {
    const headers: Record<string, string> = { Accept: 'application/json', ...more };
    const token = /(?:^|;\s*)XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
    if (token) {
        headers['X-XSRF-TOKEN'] = decodeURIComponent(token);
    }
    const isForm = body instanceof FormData;
    if (body !== undefined && !isForm) {
        headers['Content-Type'] = 'application/json';
    }
    const response = await fetch(`/api/${path}`, {
        method,
        headers,
        credentials: 'same-origin',
        body: body === undefined ? null : isForm ? body : JSON.stringify(body),
    }).catch(() => {
        throw new Problem(0, UNREACHABLE);
    });
    const answer: unknown = await response.json().catch(() => null);
    if (!response.ok) {
        throw problemOf(response.status, answer);
    }
    return answer as T;
}

function problemOf(status: number, answer: unknown): Problem {
    const given = (answer ?? {}) as { message?: string; errors?: Record<string, string[]> };
    const fields = Object.fromEntries(Object.entries(given.errors ?? {}).map(([field, all]) => [field, all[0] ?? '']));
    const first = Object.values(fields)[0];
    return new Problem(status, first ?? given.message ?? 'Something went wrong here. Nothing was changed.', fields);
}

/** The sentence of whatever was thrown. */
export function sentence(problem: unknown): string {
    return problem instanceof Error ? problem.message : 'Something went wrong.';
}
