import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, data } from './client';
import { useOnce } from './once';
import type {
  Climb,
  Goal,
  InstrumentRequest,
  Settings,
  StepDocument,
  StudentRequest,
  Verdict,
} from './types';

const AHEAD_MS = 30;

/** Who is signed in; asked once, and again after signing in or out. */
export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: () => data(api.GET('/api/session')),
    staleTime: Infinity,
  });
}

export function useSignIn() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { email: string; password: string }) => data(api.POST('/api/session', { body })),
    onSuccess: (session) => client.setQueryData(['session'], session),
  });
}

export function useSignUp() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { studio: string; name: string; email: string; password: string }) =>
      data(api.POST('/api/accounts', { body })),
    onSuccess: (session) => client.setQueryData(['session'], session),
  });
}

export function useSignOut() {
  return useMutation({
    mutationFn: () => data(api.DELETE('/api/session')),
    // A fresh page: nothing of the studio stays in this window's memory.
    onSuccess: () => window.location.assign('/sign-in'),
  });
}

export function useCatalogue() {
  return useQuery({
    queryKey: ['catalogue'],
    queryFn: () => data(api.GET('/api/catalogue')),
    staleTime: Infinity,
  });
}

/** How a step worked out for a student is asked for; shared, so that likely next steps can be asked for ahead. */
function passageQuery(step: StepDocument, student: number | undefined) {
  return {
    queryKey: ['passage', step, student],
    queryFn: ({ signal }: { signal: AbortSignal }) =>
      data(
        api.POST('/api/passages', {
          params: { query: { with: 'score,clicks,pulse,near' } },
          body: { step, student },
          signal,
        }),
      ),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  };
}

/** A step worked out for a student; the answer before stays on screen while the next one is on its way. */
export function usePassage(step: StepDocument, student: number | undefined) {
  return useQuery({ ...passageQuery(step, student), placeholderData: keepPreviousData });
}

/** Asks ahead for steps that are likely to be wanted next, so that a nudge answers at once. */
export function usePassagesAhead(steps: StepDocument[], student: number | undefined) {
  const client = useQueryClient();
  useEffect(() => {
    const timer = setTimeout(
      () => steps.forEach((step) => void client.prefetchQuery(passageQuery(step, student))),
      AHEAD_MS,
    );
    return () => clearTimeout(timer);
  }, [client, steps, student]);
}

/** How each of these students reads a step. */
export function useReadings(step: StepDocument, students: number[], wanted: boolean) {
  return useQuery({
    queryKey: ['passage', 'readings', step, students],
    queryFn: () => data(api.POST('/api/passages/readings', { body: { step, students } })),
    enabled: wanted && students.length > 0,
    retry: false,
  });
}

export function useRoutines(page = 0) {
  return useQuery({
    queryKey: ['routines', page],
    queryFn: () => data(api.GET('/api/routines', { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });
}

/** How one routine is asked for; shared, so that it can also be asked for anew. */
export function routineQuery(id: number) {
  return {
    queryKey: ['routine', id],
    queryFn: () => data(api.GET('/api/routines/{id}', { params: { path: { id } } })),
  };
}

/** One routine; nothing is asked for without an id. */
export function useRoutine(id: number | undefined) {
  return useQuery({ ...routineQuery(id ?? 0), enabled: id !== undefined, staleTime: 0 });
}

export interface RoutineToKeep {
  id?: number;
  version?: number;
  title: string;
  steps: { id?: number; document: StepDocument; climb: Climb }[];
}

export function useKeepRoutine() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: RoutineToKeep) =>
      id === undefined
        ? data(api.POST('/api/routines', { body }))
        : data(api.PUT('/api/routines/{id}', { params: { path: { id } }, body })),
    onSuccess: (routine) => {
      client.setQueryData(['routine', routine.id], routine);
      return client.invalidateQueries({ queryKey: ['routines'] });
    },
  });
}

export function useArchiveRoutine() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, restore }: { id: number; restore?: boolean }) => {
      const params = { path: { id } };
      return restore
        ? data(api.POST('/api/routines/{id}/restore', { params }))
        : data(api.POST('/api/routines/{id}/archive', { params }));
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ['routines'] }),
  });
}

/** The displacements to master with a step's line. */
export function useTour() {
  return useMutation({
    mutationFn: (step: StepDocument) => data(api.POST('/api/passages/tour', { body: { step } })),
  });
}

export function useStudents(page = 0, archived = false) {
  return useQuery({
    queryKey: ['students', page, archived],
    queryFn: () => data(api.GET('/api/students', { params: { query: { page, archived } } })),
    placeholderData: keepPreviousData,
  });
}

/** All students who are not put away, by name: for choosing among them. */
export function useEverybody() {
  return useQuery({
    queryKey: ['students', 'everybody'],
    queryFn: async () => {
      const page = (at: number) =>
        data(api.GET('/api/students', { params: { query: { page: at, archived: false } } }));
      const first = await page(0);
      const others = await Promise.all(Array.from({ length: first.pages - 1 }, (_, i) => page(i + 1)));
      return [first, ...others].flatMap((one) => one.items);
    },
  });
}

/** The classes that these students are in, by name. */
export function classesOf(students: { className?: string | null }[]): string[] {
  return [...new Set(students.flatMap((one) => one.className ?? []))].sort();
}

export function useStudent(id: number) {
  return useQuery({
    queryKey: ['student', id],
    queryFn: () => data(api.GET('/api/students/{id}', { params: { path: { id } } })),
  });
}

const SHOWING_STUDENTS = [
  'students',
  'student',
  'desk',
  'keyPath',
  'assignments',
  'passage',
  'forecast',
  'climb',
  'plans',
  'lesson',
  'required',
  'report',
  'quiz',
  'keyGrid',
  'history',
];

/** Everything that shows students; asked again after any of them changed. */
export function useStudentsChanged() {
  const client = useQueryClient();
  return () => Promise.all(SHOWING_STUDENTS.map((key) => client.invalidateQueries({ queryKey: [key] })));
}

export function useKeepStudent() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, ...body }: StudentRequest & { id?: number }) =>
      id === undefined
        ? data(api.POST('/api/students', { body }))
        : data(api.PUT('/api/students/{id}', { params: { path: { id } }, body })),
    onSuccess: changed,
  });
}

/** Lets a student's range grow, or shrink, by one note at one end. */
export function useGrowRange() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, ...body }: { id: number; end: 'top' | 'bottom'; notes: number }) =>
      data(api.POST('/api/students/{id}/range', { params: { path: { id } }, body })),
    onSuccess: changed,
  });
}

export function useInstruments() {
  return useQuery({ queryKey: ['instruments'], queryFn: () => data(api.GET('/api/instruments')) });
}

export function useKeepInstrument() {
  const client = useQueryClient();
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, body }: { id?: number; body: InstrumentRequest }) =>
      id === undefined
        ? data(api.POST('/api/instruments', { body }))
        : data(api.PUT('/api/instruments/{id}', { params: { path: { id } }, body })),
    onSuccess: () => Promise.all([client.invalidateQueries({ queryKey: ['instruments'] }), changed()]),
  });
}

export function useArchiveInstrument() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, restore }: { id: number; restore?: boolean }) => {
      const params = { path: { id } };
      return restore
        ? data(api.POST('/api/instruments/{id}/restore', { params }))
        : data(api.POST('/api/instruments/{id}/archive', { params }));
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ['instruments'] }),
  });
}

export function useSettings() {
  return useQuery({
    queryKey: ['settings'],
    queryFn: () => data(api.GET('/api/settings')),
    staleTime: Infinity,
  });
}

export function useKeepSettings() {
  const client = useQueryClient();
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: (body: Settings) => data(api.PUT('/api/settings', { body })),
    onSuccess: (settings) => {
      client.setQueryData(['settings'], settings);
      return changed();
    },
  });
}

export function useArchiveStudent() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, restore }: { id: number; restore?: boolean }) => {
      const params = { path: { id } };
      return restore
        ? data(api.POST('/api/students/{id}/restore', { params }))
        : data(api.POST('/api/students/{id}/archive', { params }));
    },
    onSuccess: changed,
  });
}

export function useRenewLink() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: (id: number) => data(api.POST('/api/students/{id}/link', { params: { path: { id } } })),
    onSuccess: changed,
  });
}

export function useAssign() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: (body: {
      stepId: number;
      studentId: number;
      startsOn: string;
      endsOn?: string;
      weekdays?: number[];
      minutesADay: number;
      start?: number[];
      goal?: Goal;
    }) => data(api.POST('/api/assignments', { body })),
    onSuccess: changed,
  });
}

export function useEndAssignment() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, resume }: { id: number; resume?: boolean }) => {
      const params = { path: { id } };
      return resume
        ? data(api.POST('/api/assignments/{id}/resume', { params }))
        : data(api.POST('/api/assignments/{id}/end', { params }));
    },
    onSuccess: changed,
  });
}

/** Changes until when, on which days and how long something given is practised. */
export function useReschedule() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, ...body }: { id: number; endsOn?: string; weekdays: number[]; minutesADay: number }) =>
      data(api.PUT('/api/assignments/{id}/schedule', { params: { path: { id } }, body })),
    onSuccess: changed,
  });
}

export function useAssignments(studentId: number) {
  return useQuery({
    queryKey: ['assignments', studentId],
    queryFn: () => data(api.GET('/api/students/{id}/assignments', { params: { path: { id: studentId } } })),
  });
}

export function useDesk(page: number, verdict?: Verdict) {
  return useQuery({
    queryKey: ['desk', page, verdict],
    queryFn: () => data(api.GET('/api/desk', { params: { query: { page, verdict } } })),
    placeholderData: keepPreviousData,
    refetchOnWindowFocus: true,
  });
}

export function useKeyPath(studentId: number) {
  return useQuery({
    queryKey: ['keyPath', studentId],
    queryFn: () => data(api.GET('/api/students/{id}/key-path', { params: { path: { id: studentId } } })),
    refetchOnWindowFocus: true,
  });
}

/** What a student wrote to the teacher, newest first. */
export function useWords(studentId: number) {
  return useQuery({
    queryKey: ['words', studentId],
    queryFn: () => data(api.GET('/api/students/{id}/words', { params: { path: { id: studentId } } })),
  });
}

export function useTakes(studentId: number, page: number) {
  return useQuery({
    queryKey: ['keyPath', studentId, 'takes', page],
    queryFn: () =>
      data(api.GET('/api/students/{id}/takes', { params: { path: { id: studentId }, query: { page } } })),
    placeholderData: keepPreviousData,
  });
}
