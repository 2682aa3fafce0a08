package pebblestep.exchange.calendar;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.Recur;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.RecurrenceId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableStatus;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import net.fortuna.ical4j.transform.recurrence.Frequency;
import net.fortuna.ical4j.validate.ValidationException;
import pebblestep.core.Refusal;

/**
 * A calendar as a file (RFC 5545): lessons as series in their time zone, a lesson that does not take place as a cancelled one
 * of its series, days of practice as whole days that do not fill anybody's time. It is a calendar and no message: a method would
 * make it one (RFC 5546), which needs somebody who invites.
 */
public final class CalendarFile {
    /** The media type of such a file. */
    public static final String MEDIA_TYPE = "text/calendar;charset=UTF-8";

    /** Calendars that follow it ask again after so long. */
    private static final String AGAIN = "PT6H";

    private static final TimeZoneRegistry ZONES =
            TimeZoneRegistryFactory.getInstance().createRegistry();

    private CalendarFile() {}

    /**
     * The file.
     *
     * @param name what calendars call it
     * @param stamp when it was made; the same content made at the same moment is the same bytes
     */
    public static byte[] write(
            String name, ZoneId zone, Instant stamp, List<WeeklyLesson> lessons, List<PracticeDay> days) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Pebble Step//Calendar 1//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(new XProperty("X-WR-CALNAME", name));
        calendar.add(new XProperty("X-PUBLISHED-TTL", AGAIN));
        if (lessons.stream().anyMatch(lesson -> lesson.time().isPresent())) {
            calendar.add(ZONES.getTimeZone(zone.getId()).getVTimeZone());
        }
        lessons.forEach(lesson -> events(lesson, zone, stamp).forEach(calendar::add));
        days.forEach(day -> calendar.add(event(day, stamp)));
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            // One without events is no calendar to the standard, and yet what a follower has to be answered.
            boolean any = !lessons.isEmpty() || !days.isEmpty();
            new CalendarOutputter(any).output(calendar, bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (ValidationException e) {
            throw new IllegalStateException(e);
        }
        return Folding.inOctets(bytes.toString(StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8);
    }

    /** The zone of that name; refuses names that no calendar would know. */
    public static ZoneId zone(String name) {
        if (knows(name)) return ZoneId.of(name);
        throw Refusal.of("zone", "There is no time zone \"" + name + "\".")
                .fits("Choose one from the list, such as Europe/Lisbon.");
    }

    /** Whether a calendar knows the zone of that name. */
    public static boolean knows(String name) {
        return ZoneId.getAvailableZoneIds().contains(name) && ZONES.getTimeZone(name) != null;
    }

    private static List<VEvent> events(WeeklyLesson lesson, ZoneId zone, Instant stamp) {
        List<VEvent> events = new ArrayList<>();
        VEvent series = lessonOn(lesson, lesson.first(), zone, stamp);
        series.add(new RRule<>(
                new Recur.Builder<Temporal>().frequency(Frequency.WEEKLY).build()));
        series.add(ImmutableStatus.VEVENT_CONFIRMED);
        events.add(series);
        for (LocalDate day : lesson.off()) {
            boolean one = day.getDayOfWeek() == lesson.first().getDayOfWeek() && !day.isBefore(lesson.first());
            if (!one) continue;
            VEvent off = lessonOn(lesson, day, zone, stamp);
            off.add(new RecurrenceId<>(start(lesson, day, zone)));
            off.add(ImmutableStatus.VEVENT_CANCELLED);
            events.add(off);
        }
        return events;
    }

    private static VEvent lessonOn(WeeklyLesson lesson, LocalDate day, ZoneId zone, Instant stamp) {
        VEvent event = bare(lesson.uid(), stamp, lesson.summary());
        event.add(new DtStart<>(start(lesson, day, zone)));
        event.add(new DtEnd<>(
                lesson.time().isPresent()
                        ? day.atTime(lesson.time().get()).plus(lesson.lasts()).atZone(zone)
                        : day.plusDays(1)));
        event.add(new Sequence(lesson.changes()));
        return event;
    }

    private static Temporal start(WeeklyLesson lesson, LocalDate day, ZoneId zone) {
        return lesson.time().isPresent() ? day.atTime(lesson.time().get()).atZone(zone) : day;
    }

    private static VEvent event(PracticeDay day, Instant stamp) {
        VEvent event = bare(day.uid(), stamp, day.summary());
        event.add(new DtStart<>(day.day()));
        event.add(new DtEnd<>(day.day().plusDays(1)));
        event.add(new Description(day.description()));
        event.add(ImmutableTransp.TRANSPARENT);
        boolean stands = day.state() == PracticeDay.State.STANDS;
        event.add(new Sequence(stands ? 0 : 1));
        event.add(stands ? ImmutableStatus.VEVENT_CONFIRMED : ImmutableStatus.VEVENT_CANCELLED);
        return event;
    }

    private static VEvent bare(String uid, Instant stamp, String summary) {
        VEvent event = new VEvent(false);
        for (Property property : List.of(new Uid(uid), new DtStamp(stamp), new Summary(summary))) event.add(property);
        return event;
    }
}
