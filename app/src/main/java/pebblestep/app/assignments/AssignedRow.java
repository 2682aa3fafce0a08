package pebblestep.app.assignments;

import java.math.BigDecimal;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** An assignment without its step and climb, which are read once and kept. */
record AssignedRow(
        long id,
        long studioId,
        long studentId,
        String title,
        @Nullable String startAt,
        @Nullable BigDecimal goalBpm,
        @Nullable LocalDate goalOn,
        LocalDate startsOn,
        @Nullable LocalDate endsOn,
        int weekdays,
        int dailyMinutes) {
    static AssignedRow of(AssignmentEntity entity) {
        return new AssignedRow(
                entity.id,
                entity.studioId,
                entity.studentId,
                entity.title,
                entity.startAt,
                entity.goalBpm,
                entity.goalOn,
                entity.startsOn,
                entity.endsOn,
                entity.weekdays,
                entity.dailyMinutes);
    }
}
