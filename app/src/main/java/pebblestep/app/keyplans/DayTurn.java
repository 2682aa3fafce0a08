package pebblestep.app.keyplans;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.domain.Limit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Sees a day turn, and then brings the keys up whose days have come: the one place where time that has passed is
 * written down. It looks on its own, not when somebody asks. A week is given ahead, so nobody waits for it.
 */
@Component
public class DayTurn {
    private static final Logger LOG = LoggerFactory.getLogger(DayTurn.class);
    private static final int AT_ONCE = 200;

    private final KeyPlanRepository plans;
    private final KeyPlanKeeper keeper;
    private final Clock clock;
    private LocalDate seen = LocalDate.MIN;

    DayTurn(KeyPlanRepository plans, KeyPlanKeeper keeper, Clock clock) {
        this.plans = plans;
        this.keeper = keeper;
        this.clock = clock;
    }

    /** Does what the day asks for, once a day. Each plan for itself: one that fails does not hold up the others. */
    @Scheduled(fixedDelay = 20, timeUnit = TimeUnit.SECONDS)
    public synchronized void look() {
        LocalDate today = LocalDate.now(clock);
        if (today.equals(seen)) return;
        long after = 0;
        for (List<Long> due = due(after, today); !due.isEmpty(); due = due(after, today)) {
            due.forEach(this::keep);
            after = due.getLast();
        }
        seen = today;
    }

    private List<Long> due(long after, LocalDate today) {
        return plans.due(after, today, Limit.of(AT_ONCE));
    }

    private void keep(long id) {
        try {
            keeper.keepUp(id);
        } catch (RuntimeException e) {
            LOG.error("The keys of plan {} did not come up", id, e);
        }
    }
}
