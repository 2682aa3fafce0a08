import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { sentenceOf } from '../../api/client';
import { useOpenRecipe } from '../../api/climbs';
import { useCatalogue } from '../../core/useCatalogue';
import type { Recipe } from '../../api/types';
import { Shape, shapeWords } from './Shape';
import { signs } from '../../ui/signs';
import classes from './Shelf.module.css';

/** A ready recipe, and the way to the bench with it, from any tonic. */
export function RecipeCard({ recipe }: { recipe: Recipe }) {
  const catalogue = useCatalogue();
  const open = useOpenRecipe();
  const navigate = useNavigate();
  const [tonic, setTonic] = useState(recipe.tonic);
  const take = () =>
    open.mutate(
      { id: recipe.id, tonic },
      {
        onSuccess: (routine) => navigate(`/bench/${routine.id}`),
        onError: (error) => notifications.show({ message: sentenceOf(error), color: 'clay' }),
      },
    );
  return (
    <li className={classes.card}>
      <h3>{recipe.title}</h3>
      <Shape shape={recipe.shape} seed={recipe.id} />
      <p>
        {recipe.words}
        <br />
        {shapeWords(recipe.shape, recipe.minutes)}
      </p>
      <div className={classes.foot}>
        <label>
          from{' '}
          <select
            aria-label={`Tonic of ${recipe.title}`}
            value={tonic}
            onChange={(event) => setTonic(event.currentTarget.value)}
          >
            {(catalogue.data?.tonics ?? [recipe.tonic]).map((one) => (
              <option key={one} value={one}>
                {signs(one)}
              </option>
            ))}
          </select>
        </label>
        <Button
          size="compact-sm"
          variant="default"
          loading={open.isPending}
          aria-label={`Take ${recipe.title} to the bench`}
          onClick={take}
        >
          To the bench
        </Button>
      </div>
    </li>
  );
}
