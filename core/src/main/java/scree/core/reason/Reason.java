package scree.core.reason;

import java.util.List;

/**
 * Why something was decided.
 *
 * @param code which reason; its enum's comment gives the arguments
 * @param args what the words need: numbers or enums, in order
 */
public record Reason(Enum<?> code, Severity severity, List<Object> args) {
    public Reason {
        args = List.copyOf(args);
    }

    public static Reason note(Enum<?> code, Object... args) {
        return new Reason(code, Severity.NOTE, List.of(args));
    }

    public static Reason check(Enum<?> code, Object... args) {
        return new Reason(code, Severity.CHECK, List.of(args));
    }

    public static Reason caution(Enum<?> code, Object... args) {
        return new Reason(code, Severity.CAUTION, List.of(args));
    }
}
