import type { Glossary } from '../api/wire';

interface Piece {
    text: string;
    /** what a word of the craft means; empty for any other text */
    meaning: string;
}

let known: {
    terms: Glossary['terms'];
    pattern: RegExp;
    meanings: Map<string, { term: string; words: string }>;
} | null = null;

/** All forms as one pattern, the longest first; made once. */
function patternOf(terms: Glossary['terms']) {
    if (known?.terms === terms) return known;
    const forms = terms.flatMap((t) => t.forms.map((form) => ({ form, term: t.term, words: t.words })));
    const all = forms
        .map((f) => f.form)
        .sort((a, b) => b.length - a.length)
        .map((f) => f.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
    known = {
        terms,
        pattern: new RegExp(`(?<![\\w-])(?:${all.join('|')})(?![\\w-])`, 'gi'),
        meanings: new Map(forms.map((f) => [f.form.toLowerCase(), { term: f.term, words: f.words }])),
    };
    return known;
}

/** The text in pieces: words of the craft with what they mean, each term once. */
export function explained(text: string, terms: Glossary['terms']): Piece[] {
    if (terms.length === 0) return [{ text, meaning: '' }];
    const { pattern, meanings } = patternOf(terms);
    const pieces: Piece[] = [];
    const seen = new Set<string>();
    let from = 0;
    for (const match of text.matchAll(pattern)) {
        const found = meanings.get(match[0].toLowerCase());
        if (!found || seen.has(found.term)) continue;
        seen.add(found.term);
        if (match.index > from) pieces.push({ text: text.slice(from, match.index), meaning: '' });
        pieces.push({ text: match[0], meaning: found.words });
        from = match.index + match[0].length;
    }
    if (from < text.length) pieces.push({ text: text.slice(from), meaning: '' });
    return pieces;
}
