import { Button, Menu } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { IconDots } from '@tabler/icons-react';
import { sentenceOf } from '../../api/client';
import { useDecidePlan, type PlanStep } from '../../api/plans';
import type { KeyPlan, PlanDeciding } from '../../api/types';
import { undoNote } from '../../ui/undo';
import { dayOf } from '../../ui/words';
import { signs } from '../../ui/signs';
import classes from './PlanCard.module.css';

const BACK: Record<PlanDeciding, string> = {
  skip: 'going on to this key',
  repeat: 'giving the key again',
  hold: 'the hold',
  'go-on': 'going on',
};

/** A key plan: where it stands, the keys of its round, and what the teacher can decide about it. */
export function PlanCard({ plan }: { plan: KeyPlan }) {
  const decide = useDecidePlan();
  const wrong = (error: unknown) => notifications.show({ message: sentenceOf(error), color: 'clay' });
  const take = (step: PlanStep, said: string) =>
    decide.mutate(
      { id: plan.id, step },
      {
        onSuccess: () =>
          undoNote(said, () => decide.mutateAsync({ id: plan.id, step: step === 'end' ? 'resume' : 'undo' })),
        onError: wrong,
      },
    );
  const next = plan.round.find((station) => station.state === 'next');
  return (
    <article className={classes.plan} aria-label={`Key plan: ${plan.title}`}>
      <div className={classes.words}>
        <strong>{plan.sentence}</strong>
        <span>
          {plan.title}, {plan.words}
          {plan.decidedBy && `; decided last by ${plan.decidedBy}`}
        </span>
        {plan.ahead && <span className={classes.ahead}>{plan.ahead}</span>}
      </div>
      <ol className={classes.round}>
        {plan.round.map((station, i) => (
          <li
            key={i}
            data-state={station.state}
            title={station.from ? `from ${dayOf(station.from)}` : undefined}
          >
            {signs(station.tonic)}
            <span className="visually-hidden">, {station.state}</span>
          </li>
        ))}
      </ol>
      <div className={classes.decide}>
        <Button
          size="compact-sm"
          variant="default"
          loading={decide.isPending}
          onClick={() =>
            take('skip', next ? `On to ${signs(next.tonic)} from today.` : 'On to the next key.')
          }
        >
          Next key
        </Button>
        <Button
          size="compact-sm"
          variant="default"
          onClick={() => take('repeat', `${signs(plan.tonic)} once more, from today.`)}
        >
          Once more
        </Button>
        <Button
          size="compact-sm"
          variant={plan.held ? 'filled' : 'default'}
          aria-pressed={plan.held}
          onClick={() =>
            plan.held ? take('go-on', 'The plan goes on.') : take('hold', `Held in ${signs(plan.tonic)}.`)
          }
        >
          {plan.held ? 'Held' : 'Hold'}
        </Button>
        <Menu position="bottom-end" withinPortal>
          <Menu.Target>
            <Button size="compact-sm" variant="default" px={6} aria-label={`More about ${plan.title}`}>
              <IconDots size={16} />
            </Button>
          </Menu.Target>
          <Menu.Dropdown>
            {plan.undo && (
              <Menu.Item
                onClick={() =>
                  decide.mutate(
                    { id: plan.id, step: 'undo' },
                    {
                      onSuccess: () =>
                        notifications.show({ message: 'The last decision is taken back.', color: 'river' }),
                      onError: wrong,
                    },
                  )
                }
              >
                Take back {BACK[plan.undo]}
              </Menu.Item>
            )}
            <Menu.Item onClick={() => take('end', `“${plan.title}” through the keys has ended.`)}>
              End this plan
            </Menu.Item>
          </Menu.Dropdown>
        </Menu>
      </div>
    </article>
  );
}
