import { Button } from '@mantine/core';
import { useState } from 'react';
import { useKeyPlans } from '../../api/plans';
import { Wrong } from '../../ui/Wrong';
import { PlanCard } from '../../parts/plans/PlanCard';
import { PlanDialog } from '../../parts/plans/PlanDialog';
import classes from './StudentPage.module.css';

/** The key plans of a student; without one, the offer to make one. */
export function StudentPlans({ studentId }: { studentId: number }) {
  const plans = useKeyPlans(studentId);
  const [planning, setPlanning] = useState(false);
  if (plans.isError) return <Wrong error={plans.error} again={() => plans.refetch()} />;
  return (
    <section aria-label="Key plans" className={classes.plans}>
      {plans.data?.map((plan) => (
        <PlanCard key={plan.id} plan={plan} />
      ))}
      {plans.data?.length === 0 && (
        <p className={classes.soft}>
          No key plan.{' '}
          <Button size="compact-sm" variant="default" onClick={() => setPlanning(true)}>
            Go through the keys
          </Button>
        </p>
      )}
      {planning && <PlanDialog studentId={studentId} onClose={() => setPlanning(false)} />}
    </section>
  );
}
