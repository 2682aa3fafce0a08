import { createBrowserRouter, Navigate } from 'react-router';
import { RoomError } from './ui/RoomError';
import { Waiting } from './ui/Waiting';

/** Rooms are loaded when they are entered, so that a student's phone never loads the teacher's side. */
export const router = createBrowserRouter([
  {
    errorElement: <RoomError />,
    hydrateFallbackElement: <Waiting />,
    children: [
      { path: '/', element: <Navigate to="/desk" replace /> },
      { path: '/sign-in', lazy: async () => ({ Component: (await import('./rooms/door/SignIn')).SignIn }) },
      { path: '/sign-up', lazy: async () => ({ Component: (await import('./rooms/door/SignUp')).SignUp }) },
      {
        path: '/forgotten',
        lazy: async () => ({ Component: (await import('./rooms/door/Forgotten')).Forgotten }),
      },
      {
        path: '/new-password',
        lazy: async () => ({ Component: (await import('./rooms/door/NewPassword')).NewPassword }),
      },
      { path: '/join', lazy: async () => ({ Component: (await import('./rooms/door/Join')).Join }) },
      {
        path: '/letter',
        lazy: async () => ({ Component: (await import('./rooms/door/AnswerLetter')).AnswerLetter }),
      },
      { path: '/kept', lazy: async () => ({ Component: (await import('./rooms/door/KeptPage')).KeptPage }) },
      {
        path: '/mailbox',
        lazy: async () => ({ Component: (await import('./rooms/door/MailboxPage')).MailboxPage }),
      },
      {
        path: '/p/:token',
        lazy: async () => ({ Component: (await import('./rooms/practice/PracticeDoor')).PracticeDoor }),
        children: [
          {
            index: true,
            lazy: async () => ({ Component: (await import('./rooms/practice/PracticeDoor')).PracticeRoom }),
          },
          {
            path: 'keys',
            lazy: async () => ({ Component: (await import('./rooms/practice/PracticeDoor')).OwnKeyPath }),
          },
          {
            path: 'quiz',
            lazy: async () => ({ Component: (await import('./rooms/practice/OwnQuiz')).OwnQuiz }),
          },
          {
            path: 'sheet',
            lazy: async () => ({ Component: (await import('./rooms/practice/paper/WeekSheet')).WeekSheet }),
          },
        ],
      },
      {
        lazy: async () => ({ Component: (await import('./ui/Shell')).Shell }),
        children: [
          { path: '/desk', lazy: async () => ({ Component: (await import('./rooms/desk/Desk')).Desk }) },
          {
            path: '/bench/:routineId?',
            lazy: async () => ({ Component: (await import('./rooms/bench/Bench')).Bench }),
          },
          { path: '/shelf', lazy: async () => ({ Component: (await import('./rooms/shelf/Shelf')).Shelf }) },
          {
            path: '/sound-check',
            lazy: async () => ({ Component: (await import('./rooms/bench/SoundCheck')).SoundCheck }),
          },
          {
            path: '/students',
            lazy: async () => ({ Component: (await import('./rooms/students/Students')).Students }),
          },
          {
            path: '/students/instruments',
            lazy: async () => ({ Component: (await import('./rooms/students/Instruments')).Instruments }),
          },
          {
            path: '/students/:studentId/steps/:assignmentId',
            lazy: async () => ({ Component: (await import('./rooms/students/StepPage')).StepPage }),
          },
          {
            path: '/students/keys',
            lazy: async () => ({ Component: (await import('./rooms/students/KeyGridPage')).KeyGridPage }),
          },
          {
            path: '/students/:studentId/lesson',
            lazy: async () => ({ Component: (await import('./rooms/lesson/LessonPage')).LessonPage }),
          },
          {
            path: '/students/:studentId/quiz',
            lazy: async () => ({ Component: (await import('./rooms/quiz/QuizPage')).QuizPage }),
          },
          {
            path: '/students/:studentId/booklet',
            lazy: async () => ({ Component: (await import('./rooms/paper/BookletPage')).BookletPage }),
          },
          {
            path: '/shelf/:routineId/class',
            lazy: async () => ({ Component: (await import('./rooms/paper/ClassSheetPage')).ClassSheetPage }),
          },
          {
            path: '/letters',
            lazy: async () => ({ Component: (await import('./rooms/letters/LettersPage')).LettersPage }),
          },
          {
            path: '/students/:studentId/report',
            lazy: async () => ({ Component: (await import('./rooms/report/ReportPage')).ReportPage }),
          },
          {
            path: '/students/:studentId',
            lazy: async () => ({ Component: (await import('./rooms/students/StudentPage')).StudentPage }),
          },
        ],
      },
      { path: '*', lazy: async () => ({ Component: (await import('./ui/NowhereRoom')).NowhereRoom }) },
    ],
  },
]);
