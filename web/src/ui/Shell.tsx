import { ActionIcon, Menu } from '@mantine/core';
import {
  IconKey,
  IconKeyboard,
  IconLogout,
  IconMail,
  IconSettings,
  IconUser,
  IconUsers,
} from '@tabler/icons-react';
import { useState } from 'react';
import { Link, Navigate, NavLink, Outlet, useLocation } from 'react-router';
import { useSession } from '../api/session';
import { useSignOut } from '../keep/useSignOut';
import type { Session } from '../api/types';
import { Account } from './Account';
import { Brand } from './Brand';
import { DeletedStudio } from './DeletedStudio';
import { SchemeToggle } from './SchemeToggle';
import { ShortcutSheet } from './ShortcutSheet';
import { StudioSettings } from './StudioSettings';
import { TeachersDialog } from './TeachersDialog';
import { useKeys } from './useKeys';
import { Waiting } from './Waiting';
import { Wrong } from './Wrong';
import classes from './Shell.module.css';

const ROOMS = [
  { to: '/desk', name: 'Desk' },
  { to: '/bench', name: 'Bench' },
  { to: '/shelf', name: 'Shelf' },
  { to: '/students', name: 'Students' },
];

/** The teacher's side: the way between the rooms, and who is signed in. */
export function Shell() {
  const session = useSession();
  const location = useLocation();
  const [sheet, setSheet] = useState(false);
  useKeys({ '?': () => setSheet(true) });
  if (session.isPending) return <Waiting />;
  if (!session.data) return <Wrong error={session.error} again={() => session.refetch()} />;
  if (!session.data.teacher) return <Navigate to="/sign-in" state={{ from: location.pathname }} replace />;
  if (session.data.teacher.goneOn) return <DeletedStudio teacher={session.data.teacher} />;
  return (
    <div className={classes.shell}>
      <header className={classes.header}>
        <Link to="/desk" className={classes.home}>
          <Brand />
        </Link>
        <nav aria-label="Rooms" className={classes.rooms}>
          {ROOMS.map((room) => (
            <NavLink key={room.to} to={room.to} className={classes.room}>
              {room.name}
            </NavLink>
          ))}
        </nav>
        <div className={classes.side}>
          <ActionIcon
            className={classes.keyboard}
            variant="subtle"
            color="gray"
            size="lg"
            aria-label="Keyboard shortcuts"
            onClick={() => setSheet(true)}
          >
            <IconKeyboard size={20} />
          </ActionIcon>
          <SchemeToggle />
          <TeacherMenu teacher={session.data.teacher} />
        </div>
      </header>
      <main className={classes.main}>
        <Outlet />
      </main>
      <ShortcutSheet opened={sheet} onClose={() => setSheet(false)} />
    </div>
  );
}

function TeacherMenu({ teacher }: { teacher: NonNullable<Session['teacher']> }) {
  const [account, setAccount] = useState(false);
  const [teachers, setTeachers] = useState(false);
  const signOut = useSignOut();
  const [settings, setSettings] = useState(false);
  return (
    <>
      {teachers && <TeachersDialog owner={teacher.owner} onClose={() => setTeachers(false)} />}
      {account && <Account teacher={teacher} onClose={() => setAccount(false)} />}
      <StudioSettings opened={settings} onClose={() => setSettings(false)} />
      <Menu position="bottom-end" withinPortal>
        <Menu.Target>
          <button type="button" className={classes.teacher}>
            <IconUser size={17} aria-hidden="true" />
            <span>{teacher.name}</span>
          </button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Label>{teacher.studio}</Menu.Label>
          {teacher.owner && (
            <Menu.Item leftSection={<IconSettings size={16} />} onClick={() => setSettings(true)}>
              Studio settings
            </Menu.Item>
          )}
          <Menu.Item leftSection={<IconUsers size={16} />} onClick={() => setTeachers(true)}>
            Teachers
          </Menu.Item>
          <Menu.Item component={Link} to="/letters" leftSection={<IconMail size={16} />}>
            Letters
          </Menu.Item>
          <Menu.Item leftSection={<IconKey size={16} />} onClick={() => setAccount(true)}>
            Your account
          </Menu.Item>
          <Menu.Item leftSection={<IconLogout size={16} />} onClick={() => signOut.mutate()}>
            Sign out
          </Menu.Item>
        </Menu.Dropdown>
      </Menu>
    </>
  );
}
