package pebblestep.app.accounts;

import org.springframework.stereotype.Component;
import pebblestep.app.platform.Remembered;
import pebblestep.app.platform.Teacher;
import pebblestep.app.platform.TeacherSessions;

/** The epochs of accounts: asked with every request of a teacher, so they are remembered. */
@Component
class Epochs implements TeacherSessions {
    private static final int MOST_KNOWN = 10_000;

    private final Teachers teachers;
    private final Remembered<Long, Integer> known = Remembered.most(MOST_KNOWN);

    Epochs(Teachers teachers) {
        this.teachers = teachers;
    }

    @Override
    public boolean isCurrent(Teacher teacher) {
        int epoch = known.get(teacher.teacherId()).orElseGet(() -> read(teacher.teacherId()));
        return epoch == teacher.epoch();
    }

    private int read(long teacherId) {
        int epoch = teachers.findById(teacherId).map(found -> found.epoch).orElse(0);
        known.read(teacherId, epoch, epoch);
        return epoch;
    }

    /** Another epoch has begun; it counts once that is committed. */
    void changed(long teacherId, int epoch) {
        known.write(teacherId, () -> (long) epoch, () -> epoch);
    }
}
