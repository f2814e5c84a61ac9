package scree.app.chair;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import scree.app.kit.Product;
import scree.app.look.Lines;
import scree.app.look.PictureFrame;
import scree.app.look.Stones;
import scree.core.colour.CieDe2000;
import scree.core.colour.Srgb;
import scree.core.image.Point;
import scree.core.routine.Aftermath;
import scree.core.routine.Course;
import scree.core.routine.Flaw;
import scree.core.routine.OrderCode;
import scree.core.routine.StepCode;
import scree.core.shade.Role;

/**
 * What the chair shows: every step, so that the page goes on without the server, and what its script counts with.
 *
 * @param script all that the script needs
 */
record ChairView(
        PictureFrame picture,
        boolean pictured,
        List<LineOf> lines,
        List<StepOf> steps,
        List<Looked> looks,
        String offer,
        Script script) {
    private static final Stones STONES = new Stones();
    private static final double DOT = 11;
    /** Pixels of the screen a point of a sheet's pen. */
    private static final double PEN = 1.9;

    private static final double WARE = 34;
    /** A pebble is up to a third wider than its radius. */
    private static final double WARE_RADIUS = 25;
    /** From a zone to the arrow beside it, px. */
    private static final double BESIDE_ZONE = 20;
    /** Under it an arrow is only its head, px. */
    private static final double SHORTEST_WAY = 64;
    /** Letters of a title or of words that still fit two lines. */
    private static final int LONG_TITLE = 34;

    private static final int SECONDS_A_HALF = 30;
    /** Under it a way goes up or down more than sideways. */
    private static final double STEEP = .35;

    /** A line of the drawn face. */
    record LineOf(String path, double width, boolean soft, boolean filled) {}

    /**
     * A step.
     *
     * @param large whether its title fits at full size
     * @param cautions what is said first
     * @param stops what it must not pass
     * @param others what could be used instead
     */
    record StepOf(
            String code,
            int number,
            String title,
            boolean large,
            String words,
            List<WareOf> wares,
            String amount,
            String tool,
            String look,
            List<String> cautions,
            List<String> stops,
            boolean gone,
            String dot,
            List<ShapeOf> shapes,
            List<WareOf> others) {}

    record WareOf(Long id, String name, String path, String colour) {}

    /**
     * A place on the face.
     *
     * @param edge null where the hand goes over the whole face
     * @param family the pattern it is filled with, null for none
     */
    record ShapeOf(String edge, boolean exact, String family, List<WayOf> ways, List<String> stops) {}

    record WayOf(String path, double startX, double startY) {}

    /** What is looked for in one light. */
    record Looked(String light, List<FlawOf> flaws) {}

    record FlawOf(String code, String place, String words) {}

    /**
     * What the script counts with; times in seconds, moments in milliseconds since 1970.
     *
     * @param next null for none
     */
    record Script(
            long sitting,
            int no,
            long begun,
            long now,
            String zone,
            Next next,
            List<Leg> steps,
            List<Lag> lags,
            Map<String, Mend> flaws,
            List<NoteOf> notes,
            Map<String, String> words) {}

    /**
     * A step.
     *
     * @param asks what a deviation asks for, by event: the last one holds whose step is done
     */
    record Leg(String code, String name, String shortly, int start, int hands, Map<String, List<Asks>> asks) {}

    /** @param once the step after which it holds, null from the first */
    record Asks(String once, List<Ask> asked) {}

    /** @param step that it is about, null where it is none that can be brought up */
    record Ask(String code, String words, String step, String minutes) {}

    /** @param judged whether it is only waited for to judge the base's colour */
    record Lag(String from, String to, int least, Integer most, boolean judged) {}

    /** The artist's next face: when it begins, in words and as a moment. */
    record Next(String words, long at) {
        /**
         * Returns what a device is told.
         *
         * @param start on the clock of the zone, null for none
         * @return null for none
         */
        static Next of(LocalDateTime start, ZoneId zone, ChairWords w) {
            return start == null
                    ? null
                    : new Next(
                            w.date("chair.time", start),
                            start.atZone(zone).toInstant().toEpochMilli());
        }
    }

    record Mend(String words, List<String> back, boolean comesOff) {}

    /** A note as the browser keeps it. */
    record NoteOf(long no, String device, int seq, String kind, String step, long at, String words, Long picture) {
        static NoteOf of(ChairNote n) {
            return new NoteOf(
                    n.no(),
                    n.device(),
                    n.seq(),
                    n.kind().name(),
                    n.step() == null ? null : n.step().name(),
                    n.at().toInstant().toEpochMilli(),
                    n.words(),
                    n.picture());
        }
    }

    /**
     * What the page beside the plan needs to know.
     *
     * @param nextFace when the artist begins the next one, on the studio's clock, null for none
     * @param others products by role that this client may have
     * @param gone steps whose product left the kit
     * @param cautions of the client
     */
    record Beside(
            Instant now,
            ZoneId zone,
            LocalDateTime nextFace,
            Map<Role, List<Product>> others,
            List<StepCode> gone,
            List<String> cautions,
            ChairPlan.Difference offer) {}

    static ChairView of(TakenChair t, Beside beside, ChairWords w) {
        ChairPlan plan = t.plan();
        List<StepOf> steps = new ArrayList<>();
        for (Course.Leg leg : plan.course().legs()) {
            steps.add(step(plan, leg, steps.size() + 1, beside, w));
        }
        return new ChairView(
                plan.frame(),
                plan.pictured(),
                plan.lines().stream()
                        .map(l ->
                                new LineOf(Lines.open(points(plan, l.points())), PEN * l.width(), l.soft(), l.filled()))
                        .toList(),
                steps,
                looks(plan, w),
                beside.offer() == null ? null : w.difference(beside.offer()),
                script(t, beside, w));
    }

    private static StepOf step(ChairPlan plan, Course.Leg leg, int number, Beside beside, ChairWords w) {
        StepCode code = leg.code();
        String title = w.step(code);
        List<String> cautions = new ArrayList<>();
        if (code == StepCode.ASK) {
            cautions.addAll(beside.cautions());
            plan.remarks().forEach(r -> cautions.add(w.remark(r)));
        }
        return new StepOf(
                code.name(),
                number,
                title,
                title.length() <= LONG_TITLE,
                w.doing(code),
                plan.wares(code).stream()
                        .map(x -> ware(x.id(), x.name(), x.stone(), Srgb.hex(x.colour())))
                        .toList(),
                w.amount(leg.step()),
                w.tool(code),
                w.look(code),
                cautions,
                plan.shapes(code).stream()
                        .flatMap(x -> x.limits().stream())
                        .distinct()
                        .map(w::stop)
                        .toList(),
                beside.gone().contains(code),
                STONES.pebble("chair-" + code, DOT, DOT, DOT - 2),
                plan.shapes(code).stream().map(s -> shape(plan, s)).toList(),
                others(plan, code, beside));
    }

    private static WareOf ware(Long id, String name, String stone, String hex) {
        return new WareOf(id, name, STONES.pebble(stone, WARE, WARE, WARE_RADIUS), hex);
    }

    private static List<WareOf> others(ChairPlan plan, StepCode code, Beside beside) {
        List<Long> used = plan.wares(code).stream().map(ChairPlan.Ware::id).toList();
        return plan.roles(code).stream()
                .flatMap(r -> beside.others().getOrDefault(r, List.of()).stream())
                .filter(p -> !used.contains(p.id()))
                .sorted(nearest(plan.wares(code)))
                .map(p -> ware(p.id(), p.fullName(), p.stoneId(), Srgb.hex(p.settled())))
                .toList();
    }

    /** What is most like the planned one first. */
    private static Comparator<Product> nearest(List<ChairPlan.Ware> to) {
        return Comparator.comparingDouble(
                p -> to.isEmpty() ? 0 : CieDe2000.between(p.settled(), to.get(0).colour()));
    }

    private static ShapeOf shape(ChairPlan plan, ChairPlan.Shape s) {
        List<double[]> edge = points(plan, s.edge());
        return new ShapeOf(
                edge.isEmpty() ? null : Lines.closed(edge),
                s.exact(),
                s.family(),
                s.ways().stream()
                        .map(w -> way(s.exact() ? beside(points(plan, w), edge) : points(plan, w)))
                        .toList(),
                s.stops().stream().map(x -> Lines.open(points(plan, x))).toList());
    }

    /** Moves a way out of its zone, downwards, so that both are seen; one that goes straight down goes outwards. */
    private static List<double[]> beside(List<double[]> way, List<double[]> edge) {
        double[] from = way.get(0);
        double[] to = way.get(way.size() - 1);
        double length = Math.max(1, Math.hypot(to[0] - from[0], to[1] - from[1]));
        double nx = -(to[1] - from[1]) / length;
        double ny = (to[0] - from[0]) / length;
        boolean steep = Math.abs(ny) < STEEP;
        boolean turned = steep ? nx * (from[0] - ChairPlans.WIDTH / 2.0) < 0 : ny < 0;
        double sign = turned ? -1 : 1;
        double far = edge.stream()
                .mapToDouble(p -> sign * ((p[0] - from[0]) * nx + (p[1] - from[1]) * ny))
                .max()
                .orElse(0);
        double by = sign * (Math.max(0, far) + BESIDE_ZONE);
        double longer = Math.max(1, SHORTEST_WAY / length);
        double mx = (from[0] + to[0]) / 2;
        double my = (from[1] + to[1]) / 2;
        return way.stream()
                .map(p -> new double[] {mx + (p[0] - mx) * longer + nx * by, my + (p[1] - my) * longer + ny * by})
                .toList();
    }

    private static WayOf way(List<double[]> line) {
        return new WayOf(Lines.open(line), line.get(0)[0], line.get(0)[1]);
    }

    private static List<double[]> points(ChairPlan plan, List<Double> flat) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i + 1 < flat.size(); i += 2) {
            points.add(plan.frame().at(new Point(flat.get(i), flat.get(i + 1))));
        }
        return points;
    }

    private static List<Flaw> flaws(ChairPlan plan) {
        return Flaw.of(plan.course().codes(), plan.needs().event().flash());
    }

    private static List<Looked> looks(ChairPlan plan, ChairWords w) {
        Map<Flaw.Light, List<FlawOf>> by = new EnumMap<>(Flaw.Light.class);
        for (Flaw f : flaws(plan)) {
            by.computeIfAbsent(f.light(), k -> new ArrayList<>())
                    .add(new FlawOf(f.name(), w.say("chair.flawPlace." + f.place()), w.flaw(f)));
        }
        return by.entrySet().stream()
                .map(e -> new Looked(w.say("chair.light." + e.getKey()), e.getValue()))
                .toList();
    }

    // ---- what the script counts with ----

    private static Script script(TakenChair t, Beside beside, ChairWords w) {
        ChairPlan plan = t.plan();
        Aftermath aftermath = Aftermath.in(plan.needs(), plan.school(), plan.course());
        List<StepCode> codes = plan.course().codes();
        List<Leg> legs = new ArrayList<>();
        for (Course.Leg leg : plan.course().legs()) {
            Map<String, List<Asks>> asks = new java.util.TreeMap<>();
            for (Aftermath.Event event : Aftermath.Event.values()) {
                List<Asks> all = asks(aftermath, event, leg.code(), codes, w);
                if (!all.isEmpty()) {
                    asks.put(event.name(), all);
                }
            }
            legs.add(new Leg(
                    leg.code().name(),
                    w.step(leg.code()),
                    w.shortly(leg.code()),
                    leg.start() * SECONDS_A_HALF,
                    leg.step().hands() * SECONDS_A_HALF,
                    asks));
        }
        Map<String, Mend> flaws = new java.util.TreeMap<>();
        for (Flaw f : flaws(plan)) {
            List<String> back =
                    f.back().stream().filter(codes::contains).map(Enum::name).toList();
            flaws.put(f.name(), new Mend(w.say("chair.mend." + f), back, f.comesOff()));
        }
        return new Script(
                t.sitting().id(),
                t.no(),
                t.begun().toEpochMilli(),
                beside.now().toEpochMilli(),
                beside.zone().getId(),
                Next.of(beside.nextFace(), beside.zone(), w),
                legs,
                plan.course().lags().stream().map(ChairView::lag).toList(),
                flaws,
                t.notes().stream().map(NoteOf::of).toList(),
                w.script());
    }

    private static Lag lag(Course.Lag l) {
        return new Lag(
                l.from().name(),
                l.to().name(),
                l.least() * SECONDS_A_HALF,
                l.most() == null ? null : l.most() * SECONDS_A_HALF,
                l.reason() == OrderCode.LOOK_LAST);
    }

    /** What an event asks for, step by step that is done after it: only where it changes. */
    private static List<Asks> asks(
            Aftermath aftermath, Aftermath.Event event, StepCode code, List<StepCode> codes, ChairWords w) {
        List<Asks> all = new ArrayList<>();
        List<Aftermath.Asked> before = List.of();
        for (int i = codes.indexOf(code); i < codes.size(); i++) {
            List<Aftermath.Asked> now = aftermath.of(event, code, codes.subList(0, i + 1));
            if (!now.equals(before)) {
                String once = all.isEmpty() && i == codes.indexOf(code)
                        ? null
                        : codes.get(i).name();
                all.add(new Asks(
                        once, now.stream().map(a -> ask(a, code, codes, w)).toList()));
                before = now;
            }
        }
        return all;
    }

    private static Ask ask(Aftermath.Asked a, StepCode of, List<StepCode> codes, ChairWords w) {
        boolean up = a.ask().bringsUp() && a.at() != of && codes.contains(a.at());
        return new Ask(
                a.ask().name(), w.asked(a), up ? a.at().name() : null, a.halves() == 0 ? null : w.minutes(a.halves()));
    }
}
