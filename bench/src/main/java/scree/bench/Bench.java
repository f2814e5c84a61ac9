package scree.bench;

import java.util.List;
import java.util.Locale;

/** Prints what Scree reaches: {@code accuracy}, {@code speed}, or both when nothing is asked for. */
public final class Bench {
    private Bench() {}

    public static void main(String[] args) throws Exception {
        List<String> wanted = args.length == 0 ? List.of("accuracy", "speed") : List.of(args);
        for (String part : wanted) {
            switch (part) {
                case "accuracy" -> new Accuracy().run();
                case "swatches" -> new SwatchAccuracy().run();
                case "roles" -> new RoleAccuracy().run();
                case "cover" -> new CoverAccuracy().run();
                case "order" -> new Ordering().run();
                case "timetable" -> new Timing().run();
                case "derive" -> new Derive().run();
                case "speed" -> new Speed().run();
                case "photo" -> new Speed().photo();
                case "load" -> new Load().run();
                case "nodes" -> new Nodes().run();
                default -> {
                    System.err.println(
                            "bench knows accuracy, swatches, roles, cover, order, timetable, speed, photo, load, nodes and derive, not "
                                    + part);
                    System.exit(2);
                }
            }
        }
    }

    /** One figure a line, nothing else on it. */
    static void figure(String name, double value, String unit) {
        System.out.printf(Locale.ROOT, "figure %s %s %s%n", name, plain(value), unit);
    }

    private static String plain(double value) {
        return Math.abs(value) < 0.001 && value != 0
                ? String.format(Locale.ROOT, "%.1e", value)
                : String.format(Locale.ROOT, "%.3f", value);
    }

    static void say(String format, Object... args) {
        System.out.printf(Locale.ROOT, format + "%n", args);
    }
}
