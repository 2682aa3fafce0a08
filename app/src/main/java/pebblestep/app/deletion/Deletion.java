package pebblestep.app.deletion;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.AccountService;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.accounts.StudioGate;
import pebblestep.app.deletion.KeptTables.Kept;
import pebblestep.app.platform.Problems;
import pebblestep.core.Refusal;

/** Deletes students and studios: out of sight at once, back for thirty days, then really gone. */
@Service
class Deletion {
    /** Days for which something deleted can be taken back. */
    static final Duration BACK_FOR = AccountService.BACK_FOR;

    private static final int MOST_SHOWN = 200;

    private final JdbcClient database;
    private final StudioGate gate;
    private final SettingsService settings;
    private final Clock clock;

    Deletion(JdbcClient database, StudioGate gate, SettingsService settings, Clock clock) {
        this.settings = settings;
        this.database = database;
        this.gate = gate;
        this.clock = clock;
    }

    /** Somebody who is deleted; {@code goneOn} is the day from which on they cannot be taken back. */
    record DeletedView(long id, String name, LocalDate goneOn) {}

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    /** Deletes a student who is put away; refuses where the name that was typed is not theirs. */
    @Transactional
    void deleteStudent(long studioId, long id, String typed) {
        String name = database.sql(
                        "select name from students where id = ? and studio_id = ? and deleted_at is null and archived = true")
                .params(id, studioId)
                .query(String.class)
                .optional()
                .orElseThrow(() -> Problems.notFound("student who is put away"));
        requireTyped(name, typed);
        database.sql("update students set deleted_at = ?, version = version + 1 where id = ?")
                .params(now(), id)
                .update();
    }

    private static void requireTyped(String name, String typed) {
        if (!name.strip().equals(typed.strip())) {
            throw Refusal.of("name", "This is not the name.").fits("Type \"" + name + "\".");
        }
    }

    /** Takes a deleted student back, among those put away. */
    @Transactional
    void takeBackStudent(long studioId, long id) {
        int found = database.sql(
                        "update students set deleted_at = null, version = version + 1 where id = ? and studio_id = ? and"
                                + " deleted_at > ?")
                .params(id, studioId, now().minus(BACK_FOR))
                .update();
        if (found == 0) throw Problems.notFound("deleted student");
    }

    /** The students of a studio who are deleted and can be taken back. */
    @Transactional(readOnly = true)
    List<DeletedView> deletedStudents(long studioId) {
        return database.sql(
                        "select id, name, deleted_at from students where studio_id = ? and deleted_at > ? order by name limit "
                                + MOST_SHOWN)
                .params(studioId, now().minus(BACK_FOR))
                .query((row, i) -> new DeletedView(
                        row.getLong("id"),
                        row.getString("name"),
                        goneOn(row.getObject("deleted_at", OffsetDateTime.class).toInstant())))
                .list();
    }

    private LocalDate goneOn(Instant deleted) {
        return LocalDate.ofInstant(deleted.plus(BACK_FOR), clock.getZone());
    }

    /** Deletes a studio with everything in it; refuses where the name that was typed is not its. */
    @Transactional
    void deleteStudio(long studioId, String typed) {
        String name = database.sql("select name from studios where id = ?")
                .param(studioId)
                .query(String.class)
                .single();
        requireTyped(name, typed);
        database.sql("update studios set deleted_at = ?, version = version + 1 where id = ?")
                .params(now(), studioId)
                .update();
        gate.changed(studioId, version(studioId));
    }

    /** Takes a deleted studio back. */
    @Transactional
    void takeBackStudio(long studioId) {
        database.sql("update studios set deleted_at = null, version = version + 1 where id = ?")
                .param(studioId)
                .update();
        gate.changed(studioId, version(studioId));
    }

    private long version(long studioId) {
        return database.sql("select version from studios where id = ?")
                .param(studioId)
                .query(Long.class)
                .single();
    }

    /**
     * Takes away what was deleted thirty days ago, and what is older than a studio keeps; one at a time, so that nobody
     * waits long.
     */
    @Scheduled(initialDelayString = "PT10M", fixedDelayString = "PT6H")
    void sweep() {
        OffsetDateTime before = now().minus(BACK_FOR);
        for (long id : ids("select id from students where deleted_at <= ?", before)) {
            gone(KeptTables.OF_A_STUDENT, id);
        }
        for (long id : ids("select id from studios where deleted_at <= ?", before)) {
            gone(KeptTables.OF_A_STUDIO, id);
        }
        for (long id : database.sql("select id from studios where settings is not null and deleted_at is null")
                .query(Long.class)
                .list()) {
            Integer years = settings.of(id).keepYears();
            if (years != null) tooOld(id, LocalDate.now(clock).minusYears(years));
        }
    }

    /**
     * Takes away what was over before a day: a step with its whole log, never a part of one, so that what is left still
     * comes to what stands beside it.
     */
    private void tooOld(long studioId, LocalDate day) {
        String over =
                """
                select a.id from assignments a
                where a.studio_id = :studio and a.starts_on < :day and (a.ended = true or a.ends_on < :day)
                  and not exists (select 1 from takes t where t.assignment_id = a.id and t.taken_on >= :day)
                  and not exists (select 1 from key_plans p where p.id = a.plan_id and p.ended = false)
                limit 5000""";
        List<Long> ids = database.sql(over)
                .param("studio", studioId)
                .param("day", day)
                .query(Long.class)
                .list();
        for (long id : ids) gone(KeptTables.OF_AN_ASSIGNMENT, id);
        database.sql("delete from words_to_teacher where studio_id = ? and said_on < ?")
                .params(studioId, day)
                .update();
    }

    private List<Long> ids(String query, OffsetDateTime before) {
        return database.sql(query).param(before).query(Long.class).list();
    }

    private void gone(List<Kept> tables, long id) {
        for (Kept table : tables) {
            if (KeptTables.pointsAtItself(table.name())) {
                database.sql("update " + table.name() + " set undoes = null where " + table.where())
                        .param("id", id)
                        .update();
            }
            database.sql("delete from " + table.name() + " where " + table.where())
                    .param("id", id)
                    .update();
        }
    }
}
