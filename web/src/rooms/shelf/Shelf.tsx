import { Button } from '@mantine/core';
import { lazy, Suspense, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useRecipes } from '../../api/climbs';
import { useArchiveRoutine, useRoutines } from '../../api/routines';
import type { RoutineRow } from '../../api/types';
import { Pages } from '../../ui/Pages';
import { undoNote } from '../../ui/undo';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { PlanDialog } from '../../parts/plans/PlanDialog';
import { GiveDialog } from './GiveDialog';
import { RecipeCard } from './RecipeCard';
import { Shape, shapeWords } from './Shape';
import drop from './BringIn.module.css';
import { useDropped } from './useDropped';
import classes from './Shelf.module.css';

const BringArchive = lazy(async () => ({ default: (await import('./BringArchive')).BringArchive }));

const BringIn = lazy(async () => ({ default: (await import('./BringIn')).BringIn }));

const TakeAwayDialog = lazy(async () => ({
  default: (await import('../../parts/takeaway/TakeAwayDialog')).TakeAwayDialog,
}));

const READ = '.musicxml,.mxl,.xml,.mid,.midi,.json,.zip';

/** An archive is a zip; every other file is looked into for what it holds. */
const isArchive = (file: File) => file.name.toLowerCase().endsWith('.zip');

/** The shelf: the studio's own routines and the ready recipes, each by its shape. */
export function Shelf() {
  const [page, setPage] = useState(0);
  const [file, setFile] = useState<File>();
  const picker = useRef<HTMLInputElement>(null);
  const over = useDropped(setFile);
  const routines = useRoutines(page);
  const recipes = useRecipes();
  if (routines.isError && !routines.data)
    return <Wrong error={routines.error} again={() => routines.refetch()} />;
  if (recipes.isError && !recipes.data)
    return <Wrong error={recipes.error} again={() => recipes.refetch()} />;
  if (!routines.data || !recipes.data) return <Waiting />;
  const { items, pages, total } = routines.data;
  return (
    <div className={classes.shelf}>
      <header className={classes.head}>
        <h1>Shelf</h1>
        <p>
          {total} {total === 1 ? 'routine' : 'routines'} of yours · {recipes.data.length} recipes to begin
          with
        </p>
        <span className={classes.push} />
        <Button variant="default" onClick={() => picker.current?.click()}>
          Bring in a file
        </Button>
        <input
          ref={picker}
          type="file"
          hidden
          accept={READ}
          aria-label="A file to bring in"
          onChange={(event) => {
            setFile(event.currentTarget.files?.[0]);
            // The same file can be chosen again.
            event.currentTarget.value = '';
          }}
        />
        <Button component={Link} to="/bench">
          A new routine
        </Button>
      </header>
      {items.length > 0 ? (
        <ul className={classes.cards} aria-label="Your routines">
          {items.map((routine) => (
            <RoutineCard key={routine.id} routine={routine} />
          ))}
        </ul>
      ) : (
        <p>Nothing of your own yet. Begin with a recipe, and change what you like at the bench.</p>
      )}
      <Pages page={page} pages={pages} onPage={setPage} />
      {over && <div className={drop.drop}>Drop it here to see what it holds</div>}
      <Suspense>
        {file && !isArchive(file) && <BringIn file={file} onClose={() => setFile(undefined)} />}
        {file && isArchive(file) && <BringArchive file={file} onClose={() => setFile(undefined)} />}
      </Suspense>
      <h2>Recipes</h2>
      <ul className={classes.cards} aria-label="Recipes">
        {recipes.data.map((recipe) => (
          <RecipeCard key={recipe.id} recipe={recipe} />
        ))}
      </ul>
    </div>
  );
}

function RoutineCard({ routine }: { routine: RoutineRow }) {
  const archive = useArchiveRoutine();
  const [giving, setGiving] = useState(false);
  const [planning, setPlanning] = useState(false);
  const [taking, setTaking] = useState(false);
  const { id } = routine;
  const putAway = () =>
    archive.mutate(
      { id },
      {
        onSuccess: () =>
          undoNote(`“${routine.title}” is put away.`, () => archive.mutateAsync({ id, restore: true })),
      },
    );
  const more = routine.count > routine.steps.length ? ' …' : '';
  return (
    <li className={classes.card}>
      <h3>
        <Link to={`/bench/${id}`}>{routine.title}</Link>
      </h3>
      <Shape shape={routine.shape} seed={`routine ${id}`} />
      <p>
        {routine.steps.join(', ')}
        {more}
      </p>
      <div className={classes.foot}>
        <span className={classes.line}>{shapeWords(routine.shape, routine.minutes)}</span>
        <Button
          size="compact-sm"
          variant="default"
          aria-label={`Give ${routine.title} to students`}
          onClick={() => setGiving(true)}
        >
          Give
        </Button>
        <Button
          size="compact-sm"
          variant="default"
          aria-label={`Give ${routine.title} through the keys`}
          onClick={() => setPlanning(true)}
        >
          Keys
        </Button>
        <Button
          size="compact-sm"
          variant="subtle"
          color="gray"
          aria-label={`Take ${routine.title} away`}
          onClick={() => setTaking(true)}
        >
          Take away
        </Button>
        <Button
          size="compact-sm"
          variant="subtle"
          color="gray"
          aria-label={`Put ${routine.title} away`}
          onClick={putAway}
        >
          Put away
        </Button>
      </div>
      <Suspense>
        {taking && (
          <TakeAwayDialog
            things={[{ label: routine.title, subject: { request: { routine: id } } }]}
            paper={{
              name: 'Class sheet',
              words: 'to print: a step in the notes of each who plays.',
              href: `/shelf/${id}/class`,
            }}
            onClose={() => setTaking(false)}
          />
        )}
      </Suspense>
      {planning && <PlanDialog routineId={id} onClose={() => setPlanning(false)} />}
      {giving && <GiveDialog routine={routine} onClose={() => setGiving(false)} />}
    </li>
  );
}
