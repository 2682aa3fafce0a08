package pebblestep.app.keyplans;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import pebblestep.app.keyplans.KeyPlanViews.Deciding;
import pebblestep.core.keyplan.KeyPlan;

/** Something that moved a plan, or takes back what did; never changed. */
@Entity
@Immutable
@Table(name = "key_plan_events")
class KeyPlanEventEntity {
    /** What happened. */
    enum Kind {
        LEARNED,
        SKIP,
        REPEAT,
        HOLD,
        GO_ON,
        UNDO;

        static Kind of(Deciding decision) {
            return switch (decision) {
                case SKIP -> SKIP;
                case REPEAT -> REPEAT;
                case HOLD -> HOLD;
                case GO_ON -> GO_ON;
            };
        }

        /** As the teacher decided it; null for what came about by itself and for what takes something back. */
        @Nullable
        Deciding decision() {
            return switch (this) {
                case SKIP -> Deciding.SKIP;
                case REPEAT -> Deciding.REPEAT;
                case HOLD -> Deciding.HOLD;
                case GO_ON -> Deciding.GO_ON;
                case LEARNED, UNDO -> null;
            };
        }
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    Long planId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    Kind kind;

    @Nullable
    Long undoes;

    /** The teacher who decided; null where the plan went on by itself, or nobody knows. */
    @Nullable
    Long decidedBy;

    Instant decidedAt;
    LocalDate decidedOn;

    /** As the rules see it. */
    KeyPlan.Event event() {
        return switch (kind) {
            case LEARNED -> new KeyPlan.Learned(decidedOn);
            case SKIP -> new KeyPlan.Skip(decidedOn);
            case REPEAT -> new KeyPlan.Repeat(decidedOn);
            case HOLD -> new KeyPlan.Stay(decidedOn);
            case GO_ON -> new KeyPlan.GoOn(decidedOn);
            case UNDO -> throw new IllegalStateException("what is taken back is left out");
        };
    }
}
