package pebblestep.codec;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import com.eclipsesource.json.ParseException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Days;
import pebblestep.core.Numbers;
import pebblestep.core.Refusal;

/** Reads fields of JSON; what is not what it should be is refused with the place where it stands. */
public final class JsonFields {
    /** Characters of a number at most. */
    private static final int LONGEST_NUMBER = 40;

    private static final String DAY = "2026-11-29";

    private JsonFields() {}

    /** The value that a text says. */
    public static JsonValue parse(String text) {
        try {
            return Json.parse(text);
        } catch (ParseException e) {
            throw Refusal.of("This is not JSON: " + e.getMessage());
        }
    }

    /** An object that has no other fields than these. */
    public static JsonObject object(JsonValue value, Set<String> known) {
        if (!value.isObject()) throw Refusal.of(shortened(value) + " does not fit here.");
        JsonObject object = value.asObject();
        for (JsonObject.Member member : object) {
            if (!known.contains(member.getName())) {
                throw Refusal.of(List.of(member.getName()), "There is no field \"" + member.getName() + "\" here.");
            }
        }
        return object;
    }

    /** What a field says; null where it is not there. */
    public static <T> @Nullable T field(JsonObject object, String name, Function<JsonValue, T> read) {
        JsonValue value = object.get(name);
        if (value == null || value.isNull()) return null;
        try {
            return read.apply(value);
        } catch (Refusal e) {
            throw e.under(name);
        }
    }

    /** What a field says that has to be there. */
    public static <T> T required(JsonObject object, String name, Function<JsonValue, T> read) {
        T value = field(object, name, read);
        if (value == null) throw Refusal.of(List.of(name), "The field \"" + name + "\" is missing.");
        return value;
    }

    /** Each value of a list. */
    public static <T> List<T> list(JsonValue value, Function<JsonValue, T> read) {
        if (!value.isArray()) throw Refusal.of(shortened(value) + " does not fit here.");
        JsonArray array = value.asArray();
        List<T> list = new ArrayList<>(array.size());
        for (int i = 0; i < array.size(); i++) {
            try {
                if (array.get(i).isNull()) throw Refusal.of("null does not fit here.");
                list.add(read.apply(array.get(i)));
            } catch (Refusal e) {
                throw e.under(Integer.toString(i));
            }
        }
        return list;
    }

    /** Each value of an object whose fields are not known beforehand. */
    public static <T> Map<String, T> map(JsonValue value, Function<JsonValue, T> read) {
        if (!value.isObject()) throw Refusal.of(shortened(value) + " does not fit here.");
        Map<String, T> map = new LinkedHashMap<>();
        for (JsonObject.Member member : value.asObject()) {
            try {
                map.put(member.getName(), read.apply(member.getValue()));
            } catch (Refusal e) {
                throw e.under(member.getName());
            }
        }
        return map;
    }

    /** A text. */
    public static String text(JsonValue value) {
        if (!value.isString()) throw Refusal.of(shortened(value) + " does not fit here.");
        return value.asString();
    }

    /** True or false. */
    public static boolean truth(JsonValue value) {
        if (!value.isBoolean()) throw Refusal.of(shortened(value) + " does not fit here.");
        return value.asBoolean();
    }

    /** A whole number. */
    public static int whole(JsonValue value) {
        return (int) within(value, Integer.MIN_VALUE, Integer.MAX_VALUE);
    }

    /** A long whole number. */
    public static long longWhole(JsonValue value) {
        return within(value, Long.MIN_VALUE, Long.MAX_VALUE);
    }

    private static long within(JsonValue value, long least, long most) {
        BigDecimal number = decimal(value);
        try {
            long whole = number.longValueExact();
            if (whole >= least && whole <= most) return whole;
        } catch (ArithmeticException e) {
            // Said below.
        }
        throw Refusal.of(shortened(value) + " does not fit here.");
    }

    /** A number as it is spelled; refuses numbers outside {@link pebblestep.core.Numbers the limits}. */
    public static BigDecimal decimal(JsonValue value) {
        String spelled = value.toString();
        if (value.isNumber() && spelled.length() <= LONGEST_NUMBER) {
            BigDecimal number = new BigDecimal(spelled);
            if (Numbers.isWithinLimits(number)) return number;
        }
        throw Refusal.of(shortened(value) + " does not fit here.");
    }

    /** A number for reckoning. */
    public static double number(JsonValue value) {
        return decimal(value).doubleValue();
    }

    /**
     * A day of the calendar, as ISO 8601 writes it: {@code 2026-11-29}. Read here, because the platform's own formats bring a
     * quarter of a megabyte of names and time zones to the page.
     */
    public static LocalDate day(JsonValue value) {
        return Days.parse(text(value)).filter(Days::isWithinLimits).orElseThrow(() -> Refusal.of(
                        shortened(value) + " does not fit here.")
                .fits("A day, such as " + DAY + "."));
    }

    private static String shortened(JsonValue value) {
        String text = value.toString();
        return text.length() <= LONGEST_NUMBER ? text : text.substring(0, LONGEST_NUMBER) + "…";
    }
}
