package scree.app.order;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import scree.core.reason.Severity;
import scree.core.routine.CutAction;
import scree.core.routine.Needs;
import scree.core.routine.OrderSchool;
import scree.core.routine.RunningOrder;
import scree.core.routine.StepCode;
import scree.core.routine.TimeCut;
import scree.core.routine.Waits;

/** What the Order page shows, with all geometry done. */
record OrderView(
        OrderDrawing line,
        String verdict,
        List<Open> open,
        List<String> notes,
        List<String> cautions,
        List<Choice> schools,
        String why,
        List<Choice> blends,
        List<Switch> switches,
        List<Row> rows,
        Chosen chosen,
        List<BrokenRow> broken,
        Integer minutes,
        String cutWords,
        List<CutRow> cuts,
        String shorter,
        boolean undoable,
        boolean redoable) {
    /** What Scree would save has to be worth a surprise, half minutes. */
    private static final int WORTH = 4;

    /** A stage that has nothing to hand over yet. */
    record Open(String stage, String words) {}

    record Choice(String value, String name, boolean chosen) {}

    /**
     * Something that is done or left out.
     *
     * @param sent what a tap sends, as a part of JSON
     */
    record Switch(String name, String words, boolean on, String sent) {
        static Switch of(String field, String words, boolean on) {
            return new Switch(field, words, on, "\"%s\":%s".formatted(field, !on));
        }

        static Switch of(OrderSheet.Extra extra, String words, boolean on) {
            return new Switch(extra.name(), words, on, "\"extra\":\"%s\",\"on\":%s".formatted(extra, !on));
        }
    }

    /** A step in the list. */
    record Row(String code, int number, String name, String minutes, String start, boolean open, boolean broken) {}

    /** The step whose doing is shown. */
    record Chosen(
            String code,
            int number,
            String title,
            String with,
            List<String[]> facts,
            String look,
            String hygiene,
            boolean first,
            boolean last) {}

    /** A rule that the order goes against, with the tap that mends it. */
    record BrokenRow(String words, boolean caution, String first, String then) {}

    /** What is left out for want of time. */
    record CutRow(String action, String words, boolean kept) {}

    static OrderView of(TakenOrder t, StepCode wanted, OrderWords w) {
        StepCode chosen =
                t.order().codes().contains(wanted) ? wanted : t.order().codes().get(0);
        return new OrderView(
                OrderDrawing.of(t, chosen, w),
                verdict(t, w),
                t.gathered().open().stream()
                        .map(s -> new Open(s, w.say("order.open." + s)))
                        .toList(),
                notes(t, w),
                cautions(t, w),
                schools(t, w),
                w.say("order.why." + t.choice().why()),
                blends(t, w),
                switches(t, w),
                rows(t, chosen, w),
                chosen(t, chosen, w),
                broken(t, w),
                t.sheet().minutes(),
                cutWords(t, w),
                cuts(t, w),
                shorter(t, w),
                t.undoable(),
                t.redoable());
    }

    private static String verdict(TakenOrder t, OrderWords w) {
        LocalDateTime done = t.sitting().startsAt().plusMinutes((t.order().end() + 1) / 2);
        int idle = t.order().end() - t.order().hands();
        return w.say(
                idle == 0 ? "order.verdict" : "order.verdict.idle",
                w.minutes(t.order().end()),
                w.date("order.at", done),
                w.minutes(Math.max(0, idle)));
    }

    private static List<String> notes(TakenOrder t, OrderWords w) {
        List<String> all = new ArrayList<>();
        t.order().remarks().stream()
                .filter(r -> r.severity() == Severity.NOTE)
                .map(w::remark)
                .distinct()
                .forEach(all::add);
        if (t.asLastTime()) {
            all.add(w.say("order.asLastTime"));
        }
        if (!t.byHand() && !t.order().proven()) {
            all.add(w.say("order.gap", w.minutes(t.order().end() - t.order().bound())));
        }
        return all;
    }

    private static List<String> cautions(TakenOrder t, OrderWords w) {
        return t.order().remarks().stream()
                .filter(r -> r.severity() != Severity.NOTE)
                .map(w::remark)
                .distinct()
                .toList();
    }

    private static List<Choice> schools(TakenOrder t, OrderWords w) {
        List<Choice> all = new ArrayList<>();
        for (OrderSchool school : OrderSchool.values()) {
            all.add(new Choice(
                    school.name(),
                    w.say("order.school." + school),
                    school == t.choice().school()));
        }
        return all;
    }

    private static List<Choice> blends(TakenOrder t, OrderWords w) {
        List<Choice> all = new ArrayList<>();
        for (Needs.Blend blend : Needs.Blend.values()) {
            all.add(new Choice(
                    blend.name(),
                    w.say("order.blend." + blend),
                    blend == t.sheet().blend()));
        }
        return all;
    }

    private static List<Switch> switches(TakenOrder t, OrderWords w) {
        List<Switch> all = new ArrayList<>();
        if (t.gathered().needs().finish().eyes().lid() != Needs.Lid.NONE) {
            all.add(Switch.of("eyesFirst", w.say("order.eyesFirst"), t.sheet().eyesFirst()));
        }
        all.add(Switch.of("oneBrush", w.say("order.oneBrush"), t.sheet().oneBrush()));
        EnumSet<OrderSheet.Extra> offered = EnumSet.noneOf(OrderSheet.Extra.class);
        offered.addAll(t.gathered().offered());
        for (OrderSheet.Extra extra : offered) {
            all.add(Switch.of(
                    extra, w.say("order.extra." + extra), t.gathered().done().contains(extra)));
        }
        return all;
    }

    private static boolean broken(TakenOrder t, StepCode code) {
        return t.broken().stream().anyMatch(b -> b.first() == code || b.then() == code);
    }

    private static List<Row> rows(TakenOrder t, StepCode chosen, OrderWords w) {
        List<Row> all = new ArrayList<>();
        for (RunningOrder.Timed timed : t.order().timed()) {
            StepCode code = timed.step().code();
            all.add(new Row(
                    code.name(),
                    all.size() + 1,
                    w.step(code),
                    w.minutes(timed.step().hands()),
                    w.date("order.at", t.sitting().startsAt().plusSeconds(30L * timed.start())),
                    code == chosen,
                    broken(t, code)));
        }
        return all;
    }

    private static Chosen chosen(TakenOrder t, StepCode code, OrderWords w) {
        RunningOrder.Timed timed = t.order().find(code).orElseThrow();
        int at = t.order().codes().indexOf(code);
        List<String[]> facts = new ArrayList<>();
        fact(facts, w.say("order.fact.tool"), w.tool(code.tool()));
        fact(facts, w.say("order.fact.amount"), w.amount(timed.step().amount()));
        fact(facts, w.say("order.fact.stroke"), w.stroke(timed.step()));
        fact(facts, w.say("order.fact.zones"), w.zones(timed.step()));
        fact(facts, w.say("order.fact.hands"), w.minutes(timed.step().hands()));
        wait(t, code)
                .ifPresent(x -> fact(
                        facts,
                        w.say("order.fact.wait"),
                        x.filledBy().isEmpty()
                                ? w.minutes(x.length())
                                : w.say(
                                        "order.fact.waitFilled",
                                        w.minutes(x.length()),
                                        String.join(
                                                ", ",
                                                x.filledBy().stream()
                                                        .map(w::shortly)
                                                        .toList()))));
        return new Chosen(
                code.name(),
                at + 1,
                w.step(code),
                w.with(t, code),
                facts,
                w.look(code),
                w.hygiene(code),
                at == 0,
                at == t.order().timed().size() - 1);
    }

    private static void fact(List<String[]> facts, String name, String value) {
        if (!value.isEmpty()) {
            facts.add(new String[] {name, value});
        }
    }

    private static Optional<Waits.Wait> wait(TakenOrder t, StepCode code) {
        return Waits.of(t.order()).stream().filter(x -> x.step() == code).findFirst();
    }

    private static List<BrokenRow> broken(TakenOrder t, OrderWords w) {
        return t.broken().stream()
                .map(b -> new BrokenRow(
                        w.broken(b),
                        b.severity() == Severity.CAUTION,
                        b.first().name(),
                        b.then().name()))
                .toList();
    }

    private static String cutWords(TakenOrder t, OrderWords w) {
        return t.cut()
                .map(c -> !c.reached()
                        ? w.say(
                                "order.cut.tooShort",
                                w.minutes(c.end()),
                                t.sheet().minutes())
                        : c.taken().isEmpty()
                                ? w.say(
                                        "order.cut.fits",
                                        w.minutes(c.full()),
                                        t.sheet().minutes())
                                : w.say("order.cut.made", w.minutes(c.end()), w.minutes(c.full())))
                .orElse(null);
    }

    private static List<CutRow> cuts(TakenOrder t, OrderWords w) {
        List<CutRow> all = new ArrayList<>();
        t.cut().map(TimeCut::taken).orElse(List.of()).stream()
                .sorted(Comparator.comparingInt(CutAction::ordinal))
                .forEach(a -> all.add(new CutRow(a.name(), w.cut(a), false)));
        t.sheet().kept().stream()
                .sorted()
                .forEach(a -> all.add(new CutRow(a.name(), w.say("order.cut.keptNow", w.cut(a)), true)));
        return all;
    }

    private static String shorter(TakenOrder t, OrderWords w) {
        int saved = t.order().end() - t.shortest().end();
        return t.byHand()
                ? w.say(saved >= WORTH ? "order.shorter" : "order.byHand", w.minutes(Math.max(0, saved)))
                : null;
    }
}
