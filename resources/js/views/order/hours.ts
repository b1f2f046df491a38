import type { FreeHours } from '../../api/wire';

export const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

export interface Hours {
    zone: string;
    week: { day: string; from: string; to: string }[];
    single: { date: string; from: string; to: string }[];
    holidays: { dates: string; from: string; to: string };
}

/** Free hours as the form has them: a row for each span, an empty one for each day without. */
export function shown(free: FreeHours | null): Hours {
    const spans = (free?.weekly ?? []).flatMap(({ days, from, to }) => days.map((day) => ({ day, from, to })));
    const span = free?.holidays?.free[0];
    return {
        zone: free?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone,
        week: DAYS.flatMap((day) => {
            const its = spans.filter((s) => s.day === day);
            return its.length ? its : [{ day, from: '', to: '' }];
        }),
        single: (free?.exceptions ?? []).flatMap(({ date, free: its }) =>
            its.length ? its.map(({ from, to }) => ({ date, from, to })) : [{ date, from: '', to: '' }],
        ),
        holidays: { dates: (free?.holidays?.dates ?? []).join(', '), from: span?.from ?? '', to: span?.to ?? '' },
    };
}

/** The same to be kept: a row without a beginning or an end is no hour; a single day without any is not free. */
export function kept(hours: Hours): FreeHours {
    const whole = (s: { from: string; to: string }) => s.from !== '' && s.to !== '';
    const dates = [...new Set(hours.single.map((s) => s.date).filter((d) => d !== ''))];
    const holidays = hours.holidays.dates.split(/[,;\s]+/).filter((d) => d !== '');
    return {
        zone: hours.zone,
        weekly: hours.week.filter(whole).map(({ day, from, to }) => ({ days: [day], from, to })),
        exceptions: dates.map((date) => ({
            date,
            free: hours.single.filter((s) => s.date === date && whole(s)).map(({ from, to }) => ({ from, to })),
        })),
        ...(holidays.length
            ? {
                  holidays: {
                      dates: holidays,
                      free: whole(hours.holidays) ? [{ from: hours.holidays.from, to: hours.holidays.to }] : [],
                  },
              }
            : {}),
    };
}
