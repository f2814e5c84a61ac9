package scree.app.method;

import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import scree.app.web.Words;
import scree.core.placement.Area;

/**
 * The method of a level as the page shows it.
 *
 * @param url where changes are sent
 * @param own how many settings this level settled itself, in words
 * @param settled whether any
 * @param changes what the face shows against the method under it, in sentences
 */
record MethodView(
        String url,
        List<Tab> tabs,
        String title,
        String lead,
        boolean open,
        String own,
        boolean settled,
        List<Group> groups,
        TrialDrawing.Drawn face,
        List<Choice> ages,
        List<String> changes) {
    /** A level. */
    record Tab(String words, String address, boolean here) {}

    record Choice(String value, String words, boolean chosen) {}

    record Group(String key, String title, List<Row> rows) {}

    /**
     * A setting.
     *
     * @param choices empty for an amount
     * @param amount as it stands
     * @param does what the value that holds does
     * @param by who settled it
     * @param back what giving it back brings, null where this level did not settle it
     */
    record Row(
            String key,
            String name,
            List<Choice> choices,
            String amount,
            String unit,
            String does,
            String by,
            String back) {
        public boolean counted() {
            return choices.isEmpty();
        }
    }

    /**
     * Whose method is shown.
     *
     * @param client name of the client, or null
     */
    record Asked(Methods.Whose whose, String client, boolean mayChange, TrialDrawing face, TrialDrawing.Age age) {}

    /** What is known of the level. */
    record Known(Method method, Method under, Map<Setting, MethodMapper.Said> own) {}

    static MethodView of(Asked asked, Known known, List<Tab> tabs, ZoneId zone, Words w) {
        Methods.Whose whose = asked.whose();
        TrialDrawing.Drawn face = asked.face().drawn(known.method(), known.under(), asked.age());
        return new MethodView(
                url(whose),
                tabs,
                w.say("method.title." + whose.level(), asked.client()),
                w.say("method.lead." + whose.level(), asked.client()),
                asked.mayChange(),
                own(known.own().size(), w),
                !known.own().isEmpty(),
                Arrays.stream(Setting.Group.values())
                        .map(g -> new Group(g.name(), w.say("method.group." + g), rows(g, whose, known, zone, w)))
                        .filter(g -> !g.rows().isEmpty())
                        .toList(),
                face,
                Arrays.stream(TrialDrawing.Age.values())
                        .map(a -> new Choice(a.name(), w.say("method.age." + a), a == asked.age()))
                        .toList(),
                changes(face, whose.level(), w));
    }

    private static String own(int settled, Words w) {
        return switch (settled) {
            case 0 -> w.say("method.own.none");
            case 1 -> w.say("method.own.one");
            default -> w.say("method.own", settled);
        };
    }

    static String url(Methods.Whose whose) {
        return switch (whose.level()) {
            case STUDIO -> "/method/studio";
            case CLIENT -> "/method/clients/" + whose.client();
            default -> "/method";
        };
    }

    private static List<Row> rows(Setting.Group group, Methods.Whose whose, Known known, ZoneId zone, Words w) {
        return Arrays.stream(Setting.values())
                .filter(s -> s.group() == group && !(whose.client() != null && s.ofTheHouse()))
                .map(s -> row(s, known, zone, w))
                .toList();
    }

    private static Row row(Setting s, Known known, ZoneId zone, Words w) {
        String value = known.method().value(s);
        MethodMapper.Said said = known.own().get(s);
        String by = said == null
                ? w.say("method.by." + known.method().by(s))
                : w.say(
                        "method.by.own",
                        said.who(),
                        w.date("date.day", said.at().atZoneSameInstant(zone)));
        return new Row(
                s.name(),
                w.say("method." + s),
                s.options().stream()
                        .map(o -> new Choice(o, option(s, o, w), o.equals(value)))
                        .toList(),
                s.amount() ? value : null,
                s.amount() ? w.say("method." + s + ".unit") : null,
                s.amount()
                        ? w.say("method." + s + ".does", s.least(), s.most(), s.usual())
                        : w.find("method." + s + "." + value + ".does").orElseGet(() -> w.say("method." + s + ".does")),
                by,
                said == null
                        ? null
                        : w.say("method.back", shown(s, known.under().value(s), w)));
    }

    private static String shown(Setting s, String value, Words w) {
        return s.amount() ? value + " " + w.say("method." + s + ".unit") : option(s, value, w);
    }

    /** The word of an option: its own, or that of all yes and no and of all habits. */
    private static String option(Setting s, String value, Words w) {
        return w.find("method." + s + "." + value).orElseGet(() -> w.say("method.option." + value));
    }

    private static List<String> changes(TrialDrawing.Drawn face, Level level, Words w) {
        List<String> said = Stream.of(
                        part("method.face.more", face.more(), w),
                        part("method.face.fewer", face.fewer(), w),
                        part("method.face.moved", face.moved(), w))
                .filter(s -> !s.isEmpty())
                .toList();
        return said.isEmpty() ? List.of(w.say("method.face.same." + level)) : said;
    }

    private static String part(String key, List<Area> areas, Words w) {
        return areas.isEmpty()
                ? ""
                : w.say(key, areas.stream().map(a -> w.say("area." + a)).collect(Collectors.joining(", ")));
    }
}
