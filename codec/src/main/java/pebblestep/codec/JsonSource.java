package pebblestep.codec;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.ArrayType;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.ExecutableType;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;
import javax.lang.model.util.Elements;
import javax.lang.model.util.Types;

/** The source of one class that reads and writes records, as it grows. */
final class JsonSource {
    private static final String FIELDS = "pebblestep.codec.JsonFields";
    private static final String VALUE = "com.eclipsesource.json.JsonValue";
    private static final String DAY = "java.time.LocalDate";

    private final Types types;
    private final Elements elements;
    private final String home;
    private final StringBuilder body = new StringBuilder();
    private final Deque<Runnable> ahead = new ArrayDeque<>();
    private final Set<String> done = new HashSet<>();
    private final Map<String, Integer> numbers = new HashMap<>();

    JsonSource(Types types, Elements elements, String home) {
        this.types = types;
        this.elements = elements;
        this.home = home;
    }

    /** Adds the reading of a record. */
    void read(TypeMirror type) {
        body.append("    /** Reads a {@code ")
                .append(type)
                .append("}; refuses what it cannot be. */\n")
                .append("    public static ")
                .append(type)
                .append(" read")
                .append(simple(type))
                .append("(String json) {\n        return ")
                .append(reader(type))
                .append("(")
                .append(FIELDS)
                .append(".parse(json));\n    }\n\n");
        work();
    }

    /** Adds the writing of a record. */
    void write(TypeMirror type) {
        body.append("    /** Writes a {@code ")
                .append(type)
                .append("}. */\n")
                .append("    public static String write(")
                .append(type)
                .append(" value) {\n        pebblestep.codec.JsonText out = new pebblestep.codec.JsonText();\n        ")
                .append(writer(type))
                .append("(out, value);\n        return out.toString();\n    }\n\n");
        work();
    }

    private void work() {
        while (!ahead.isEmpty()) ahead.pop().run();
    }

    String text() {
        return "package " + home
                + ";\n\n/** Reads and writes documents; written by the compiler from their records. */\n"
                + "@org.jspecify.annotations.NullUnmarked\n@SuppressWarnings(\"all\")\nfinal class Json {\n    private Json() {}\n\n"
                + body + "}\n";
    }

    private String simple(TypeMirror type) {
        return ((DeclaredType) type).asElement().getSimpleName().toString();
    }

    private int number(TypeMirror type) {
        return numbers.computeIfAbsent(type.toString(), name -> numbers.size());
    }

    /** The components of a record with their types as they are in this use of it. */
    private List<Map.Entry<RecordComponentElement, TypeMirror>> components(DeclaredType type) {
        TypeElement record = (TypeElement) type.asElement();
        return record.getRecordComponents().stream()
                .map(one -> Map.entry(one, component(type, one)))
                .toList();
    }

    private TypeMirror component(DeclaredType type, RecordComponentElement one) {
        ExecutableElement accessor = one.getAccessor();
        return plain(((ExecutableType) types.asMemberOf(type, accessor)).getReturnType());
    }

    /** The type without the annotations on it. */
    private TypeMirror plain(TypeMirror type) {
        if (type.getKind() == TypeKind.DECLARED) {
            DeclaredType declared = (DeclaredType) type;
            TypeElement element = (TypeElement) declared.asElement();
            TypeMirror[] arguments =
                    declared.getTypeArguments().stream().map(this::plain).toArray(TypeMirror[]::new);
            return types.getDeclaredType(element, arguments);
        }
        if (type instanceof ArrayType) throw new IllegalArgumentException("No arrays in documents: " + type);
        return type.getKind().isPrimitive() ? types.getPrimitiveType(type.getKind()) : type;
    }

    private boolean isRecord(TypeMirror type) {
        return type.getKind() == TypeKind.DECLARED
                && ((DeclaredType) type).asElement().getKind() == ElementKind.RECORD;
    }

    private boolean isEnum(TypeMirror type) {
        return type.getKind() == TypeKind.DECLARED
                && ((DeclaredType) type).asElement().getKind() == ElementKind.ENUM;
    }

    private String raw(TypeMirror type) {
        return type.getKind() == TypeKind.DECLARED
                ? ((TypeElement) ((DeclaredType) type).asElement())
                        .getQualifiedName()
                        .toString()
                : type.toString();
    }

    private TypeMirror argument(TypeMirror type, int place) {
        return ((DeclaredType) type).getTypeArguments().get(place);
    }

    private boolean isIdentified(TypeMirror type) {
        TypeElement identified = elements.getTypeElement("pebblestep.core.Identified");
        return types.isAssignable(type, identified.asType());
    }

    // --- writing ---------------------------------------------------------------------------------------------------

    private String writer(TypeMirror record) {
        String name = "write" + number(record);
        if (done.add(name)) ahead.add(() -> writeRecord(name, (DeclaredType) record));
        return name;
    }

    private void writeRecord(String name, DeclaredType record) {
        StringBuilder code = new StringBuilder();
        for (Map.Entry<RecordComponentElement, TypeMirror> one : components(record)) {
            String field = one.getKey().getSimpleName().toString();
            String value = "value." + field + "()";
            String named = "out.name(\"" + field + "\"); ";
            if (one.getValue().getKind().isPrimitive()) {
                code.append("        ")
                        .append(named)
                        .append(writing(one.getValue(), value, 0))
                        .append("\n");
            } else {
                code.append("        if (")
                        .append(value)
                        .append(" != null) { ")
                        .append(named)
                        .append(writing(one.getValue(), value, 0))
                        .append(" }\n");
            }
        }
        body.append("    private static void ")
                .append(name)
                .append("(pebblestep.codec.JsonText out, ")
                .append(record)
                .append(" value) {\n        out.open('{');\n")
                .append(code)
                .append("        out.close('}');\n    }\n\n");
    }

    /** A statement that writes a value. */
    private String writing(TypeMirror type, String value, int depth) {
        String raw = raw(type);
        if (isRecord(type)) return writer(type) + "(out, " + value + ");";
        if (isEnum(type)) return "out.text(" + ids(type) + "[" + value + ".ordinal()]);";
        return switch (raw) {
            case "java.lang.String" -> "out.text(" + value + ");";
            case "int", "long", "java.lang.Integer", "java.lang.Long" -> "out.number((long) " + value + ");";
            case "double", "java.lang.Double" -> "out.number((double) " + value + ");";
            case "boolean", "java.lang.Boolean" -> "out.truth(" + value + ");";
            case "java.math.BigDecimal" -> "out.spelled(" + value + ".toString());";
            case "java.util.List" -> {
                String each = "each" + depth;
                yield "out.open('['); for (" + argument(type, 0) + " " + each + " : " + value + ") { "
                        + writing(argument(type, 0), each, depth + 1) + " } out.close(']');";
            }
            case "java.util.Map" -> {
                String each = "each" + depth;
                yield "out.open('{'); for (var " + each + " : " + value + ".entrySet()) { out.anyName(" + each
                        + ".getKey()); " + writing(argument(type, 1), each + ".getValue()", depth + 1)
                        + " } out.close('}');";
            }
            default -> {
                if (raw.equals(DAY)) yield "out.text(" + value + ".toString());";
                throw new IllegalArgumentException("No documents have a " + type + ".");
            }
        };
    }

    /** The array with the ids of a closed set, in the order of its members: made once. */
    private String ids(TypeMirror type) {
        String name = "IDS_" + number(type);
        if (done.add(name)) {
            String raw = raw(type);
            String id = isIdentified(type) ? "id" : "name";
            ahead.add(() -> body.append("    private static final String[] ")
                    .append(name)
                    .append(" = java.util.Arrays.stream(")
                    .append(raw)
                    .append(".values()).map(")
                    .append(raw)
                    .append("::")
                    .append(id)
                    .append(").toArray(String[]::new);\n\n"));
        }
        return name;
    }

    // --- reading ---------------------------------------------------------------------------------------------------

    private String reader(TypeMirror record) {
        String name = "read" + number(record);
        if (done.add(name)) ahead.add(() -> readRecord(name, (DeclaredType) record));
        return name;
    }

    private void readRecord(String name, DeclaredType record) {
        List<Map.Entry<RecordComponentElement, TypeMirror>> components = components(record);
        String known = components.stream()
                .map(one -> "\"" + one.getKey().getSimpleName() + "\"")
                .collect(Collectors.joining(", "));
        String fields = components.stream()
                .map(one -> FIELDS + (one.getValue().getKind().isPrimitive() ? ".required" : ".field") + "(object, \""
                        + one.getKey().getSimpleName() + "\", " + reading(one.getValue()) + ")")
                .collect(Collectors.joining(",\n                "));
        body.append("    private static final java.util.Set<String> FIELDS_OF_")
                .append(name)
                .append(" = java.util.Set.of(")
                .append(known)
                .append(");\n\n")
                .append("    private static ")
                .append(record)
                .append(" ")
                .append(name)
                .append("(")
                .append(VALUE)
                .append(" value) {\n        com.eclipsesource.json.JsonObject object = ")
                .append(FIELDS)
                .append(".object(value, FIELDS_OF_")
                .append(name)
                .append(");\n        return new ")
                .append(record)
                .append("(\n                ")
                .append(fields)
                .append(");\n    }\n\n");
    }

    /** A function that reads a value. */
    private String reading(TypeMirror type) {
        String raw = raw(type);
        if (isRecord(type)) {
            String reader = reader(type);
            return "one -> " + reader + "(one)";
        }
        if (isEnum(type)) {
            if (!isIdentified(type)) throw new IllegalArgumentException(type + " has no ids.");
            return "one -> pebblestep.core.Identified.of(" + raw + ".class, " + FIELDS + ".text(one))";
        }
        return switch (raw) {
            case "java.lang.String" -> FIELDS + "::text";
            case "int", "java.lang.Integer" -> FIELDS + "::whole";
            case "long", "java.lang.Long" -> FIELDS + "::longWhole";
            case "double", "java.lang.Double" -> FIELDS + "::number";
            case "boolean", "java.lang.Boolean" -> FIELDS + "::truth";
            case "java.math.BigDecimal" -> FIELDS + "::decimal";
            case "java.util.List" -> "list -> " + FIELDS + ".list(list, " + reading(argument(type, 0)) + ")";
            case "java.util.Map" -> "map -> " + FIELDS + ".map(map, " + reading(argument(type, 1)) + ")";
            default -> {
                if (raw.equals(DAY)) yield FIELDS + "::day";
                throw new IllegalArgumentException("No documents have a " + type + ".");
            }
        };
    }
}
