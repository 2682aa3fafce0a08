import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import type { CalendarView } from './types';

/** The calendar of a student, or without one of the studio. */
export function useCalendar(student: number | undefined) {
  return useQuery({
    queryKey: ['calendar', student ?? 'studio'],
    queryFn: (): Promise<CalendarView> =>
      student === undefined
        ? data(api.GET('/api/calendar'))
        : data(api.GET('/api/students/{id}/calendar', { params: { path: { id: student } } })),
  });
}

function useCalendarsChanged() {
  const client = useQueryClient();
  return () => client.invalidateQueries({ queryKey: ['calendar'] });
}

/** In which zone lessons are held, and how long they last. */
export function useChangeCalendar() {
  const changed = useCalendarsChanged();
  return useMutation({
    mutationFn: (body: { zone: string; lessonMinutes: number }) => data(api.PUT('/api/calendar', { body })),
    onSuccess: changed,
  });
}

/** Makes a new address. */
export function useRenewCalendar(student: number | undefined) {
  const changed = useCalendarsChanged();
  return useMutation({
    mutationFn: (): Promise<CalendarView> =>
      student === undefined
        ? data(api.POST('/api/calendar/renew'))
        : data(api.POST('/api/students/{id}/calendar/renew', { params: { path: { id: student } } })),
    onSuccess: changed,
  });
}

/** Says that there is no lesson on a day. */
export function useDayOff() {
  const changed = useCalendarsChanged();
  return useMutation({
    mutationFn: (body: { date: string; student?: number }) => data(api.POST('/api/calendar/off', { body })),
    onSuccess: changed,
  });
}

/** There is a lesson after all. */
export function useDayOn() {
  const changed = useCalendarsChanged();
  return useMutation({
    mutationFn: (id: number) => data(api.DELETE('/api/calendar/off/{id}', { params: { path: { id } } })),
    onSuccess: changed,
  });
}
