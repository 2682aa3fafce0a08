package pebblestep.app.goals;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.goals.GoalViews.LineRefused;
import pebblestep.app.goals.GoalViews.RequiredRead;
import pebblestep.app.goals.GoalViews.RequiredRequest;
import pebblestep.app.goals.GoalViews.RequiredView;
import pebblestep.app.platform.Problems;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.practice.MonthReport;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.RequiredScale;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.documents.Fields;
import pebblestep.exchange.RequirementList;

/** Keeps the scales that students have to be able to play, and says how they stand. */
@Service
public class GoalService {
    private static final int MOST = 200;

    private final RequiredScaleRepository scales;
    private final AssignmentService assignments;
    private final ProgressStore progress;
    private final StudentService students;
    private final SettingsService settings;
    private final Clock clock;

    GoalService(
            RequiredScaleRepository scales,
            AssignmentService assignments,
            ProgressStore progress,
            StudentService students,
            SettingsService settings,
            Clock clock) {
        this.scales = scales;
        this.assignments = assignments;
        this.progress = progress;
        this.students = students;
        this.settings = settings;
        this.clock = clock;
    }

    /** A student's list, the next due first. */
    @Transactional(readOnly = true)
    public List<RequiredView> list(long studioId, long studentId) {
        Player player = students.player(studioId, studentId);
        List<RequiredScaleEntity> all = all(studioId, studentId);
        if (all.isEmpty()) return List.of();
        List<Progress> works = List.copyOf(progress.of(assignments.all(studioId, studentId), Map.of(studentId, player))
                .values());
        Speech speech = settings.of(studioId).speech();
        LocalDate today = LocalDate.now(clock);
        return all.stream().map(entity -> view(entity, works, speech, today)).toList();
    }

    private List<RequiredScaleEntity> all(long studioId, long studentId) {
        return scales.findByStudioIdAndStudentIdAndRemovedOrderByDueOnAscIdAsc(studioId, studentId, false);
    }

    private static RequiredView view(RequiredScaleEntity entity, List<Progress> works, Speech speech, LocalDate today) {
        RequiredScale scale = entity.scale();
        RequiredScale.State state = scale.of(works, today);
        return new RequiredView(
                entity.id,
                scale.inWords(speech),
                entity.tonic,
                entity.form,
                entity.octaves,
                entity.noteValue,
                scale.bpm().value(),
                entity.dueOn,
                state.kind(),
                state.sentence());
    }

    /** A required scale in plain words, for somebody who reads no notes: {@code B flat major}. */
    public String plainWords(RequiredView view) {
        return MonthReport.inWords(Key.of(NoteName.parse(view.tonic()), Forms.of(view.form())));
    }

    /** Adds a scale to a student's list. */
    @Transactional
    public List<RequiredView> add(long studioId, long studentId, RequiredRequest form) {
        students.get(studioId, studentId);
        keep(studioId, studentId, List.of(read(form)));
        return list(studioId, studentId);
    }

    private void keep(long studioId, long studentId, List<RequiredScale> more) {
        if (all(studioId, studentId).size() + more.size() > MOST) {
            throw Refusal.of("text", "A student has at most " + MOST + " required scales.")
                    .fits("Remove those that are met.");
        }
        for (RequiredScale scale : more) {
            RequiredScaleEntity entity = new RequiredScaleEntity();
            entity.studioId = studioId;
            entity.studentId = studentId;
            entity.createdAt = clock.instant();
            entity.fill(scale);
            scales.save(entity);
        }
    }

    /** Reads a list; what cannot be read, and what stands there already, is told. */
    @Transactional
    public RequiredRead read(long studioId, long studentId, String text) {
        students.get(studioId, studentId);
        List<RequiredScale> there = new ArrayList<>(all(studioId, studentId).stream()
                .map(RequiredScaleEntity::scale)
                .toList());
        List<RequiredScale> taken = new ArrayList<>();
        List<LineRefused> refused = new ArrayList<>();
        for (RequirementList.Read line : RequirementList.read(text)) {
            if (line.scale().isEmpty()) refused.add(new LineRefused(line.line(), null, line.refusal()));
            else if (there.contains(line.scale().get())) {
                refused.add(new LineRefused(line.line(), null, "It is on the list already."));
            } else {
                there.add(line.scale().get());
                taken.add(line.scale().get());
            }
        }
        keep(studioId, studentId, taken);
        return new RequiredRead(taken.size(), refused, list(studioId, studentId));
    }

    /** Takes a scale from the list, or puts it back. */
    @Transactional
    public List<RequiredView> remove(long studioId, long id) {
        RequiredScaleEntity entity = find(studioId, id);
        entity.removed = true;
        return list(studioId, entity.studentId);
    }

    /** Takes a removed scale back. */
    @Transactional
    public List<RequiredView> restore(long studioId, long id) {
        RequiredScaleEntity entity = find(studioId, id);
        entity.removed = false;
        return list(studioId, entity.studentId);
    }

    private RequiredScaleEntity find(long studioId, long id) {
        return scales.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("required scale"));
    }

    private static RequiredScale read(RequiredRequest form) {
        NoteName tonic = Fields.at("tonic", () -> NoteName.parse(form.tonic().strip()));
        Key key = Fields.at("tonic", () -> Key.of(tonic, Forms.of(form.form())));
        Fraction value = Fields.at("value", () -> Fraction.parse(form.value()));
        Bpm bpm = Fields.at("bpm", () -> Bpm.of(form.bpm()));
        return new RequiredScale(key, form.octaves(), value, bpm, form.date());
    }
}
