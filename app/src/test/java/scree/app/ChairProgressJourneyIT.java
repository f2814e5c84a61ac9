package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.core.routine.Amount;
import scree.core.routine.Course;
import scree.core.routine.OrderCode;
import scree.core.routine.Progress;
import scree.core.routine.Step;
import scree.core.routine.StepCode;
import scree.core.routine.WorkZone;

/** The page of the chair counts by itself, by the rule that the server counts by. */
class ChairProgressJourneyIT extends MainLane {
    /** The page tells how far the work is by itself; it must tell what the server tells. */
    @Test
    void thePageCountsAsTheServerDoes() {
        load("progress", "chairProgress");
        Random random = new Random(20260620);
        Course course = course(random);
        StringBuilder plan = new StringBuilder("{\"steps\":[");
        course.codes().forEach(c -> plan.append("{\"code\":\"").append(c).append("\"},"));
        plan.setLength(plan.length() - 1);
        plan.append("],\"lags\":[");
        course.lags()
                .forEach(l -> plan.append(
                        "{\"from\":\"%s\",\"to\":\"%s\",\"least\":%d},".formatted(l.from(), l.to(), 30 * l.least())));
        plan.setLength(plan.length() - 1);
        plan.append("]}");
        Instant begun = Instant.ofEpochMilli(1_750_000_000_000L);
        for (int round = 0; round < 200; round++) {
            List<Progress.Event> events = events(random, course, begun);
            StringBuilder told = new StringBuilder("[");
            for (Progress.Event e : events) {
                told.append("{\"kind\":\"%s\",\"step\":\"%s\",\"at\":%d,\"device\":\"%s\",\"seq\":%d},"
                        .formatted(e.kind(), e.step(), e.at().toEpochMilli(), e.device(), e.seq()));
            }
            told.setLength(Math.max(1, told.length() - 1));
            Object page = browser.executeScript(
                    "const plan = JSON.parse(arguments[0]);"
                            + "const p = window.chairProgress(plan, Number(arguments[1]), JSON.parse(arguments[2]));"
                            + "return [p.current, p.since, p.paused, p.finished].concat(plan.steps.map((s) => p.states[s.code])"
                            + ".map((s) => [s.stand, s.ended, s.taken, s.different.join()].join())).join(';')",
                    plan.toString(),
                    String.valueOf(begun.toEpochMilli()),
                    told + "]");
            assertThat(page).as("round " + round).isEqualTo(server(course, begun, events));
        }
    }

    /** Any page will do. */
    private void load(String script, String made) {
        if (!browser.getCurrentUrl().endsWith("/sign-in")) {
            go("/sign-in");
        }
        browser.executeScript(
                "const s = document.createElement('script'); s.src = '/js/chair/' + arguments[0] + '.js'; document.head.append(s)",
                script);
        until(() -> Boolean.TRUE.equals(browser.executeScript("return Boolean(window[arguments[0]])", made)));
    }

    /** Three steps, the first of which has to settle for half a minute and must not wait for more than four. */
    private static final String PLAN = """
            {"begun": 0, "zone": "Europe/Oslo", "next": null,
             "words": {"settles": "{0} settles", "settled": "{0} has settled", "judged": "look", "within": "{0} within {1}",
                       "late": "{0} waited too long", "behind": "{0} behind", "ahead": "{0} ahead", "onTime": "on time", "end": "done at {0}",
                       "nextFace": "then {0}", "nextWaits": "{0} waits {1}"},
             "steps": [{"code": "MOIST", "shortly": "cream", "start": 0, "hands": 60},
                       {"code": "BASE", "shortly": "base", "start": 90, "hands": 120},
                       {"code": "BLUSH", "shortly": "blush", "start": 210, "hands": 20}],
             "lags": [{"from": "MOIST", "to": "BASE", "least": 30, "most": 240, "judged": false}]}
            """;

    private static final String FOR_BLUSH =
            "{\"from\": \"MOIST\", \"to\": \"BLUSH\", \"least\": %d, \"most\": null, \"judged\": false}";

    private String clock(String said, String events, long seconds) {
        return clock(PLAN, said, events, seconds);
    }

    private String clock(String plan, String said, String events, long seconds) {
        return String.valueOf(browser.executeScript(
                "const S = JSON.parse(arguments[0]), c = chairClocks(S), t = 1000 * arguments[2];"
                        + "const p = chairProgress(S, 0, JSON.parse(arguments[1])); return " + said,
                plan,
                events,
                seconds));
    }

    @Test
    void clocksSayWhatIsDueWhatSettlesAndHowTheWorkStands() {
        load("words", "chairSay");
        load("progress", "chairProgress");
        load("clocks", "chairClocks");
        String none = "[]";
        String done = "[{\"kind\":\"DONE\",\"step\":\"MOIST\",\"at\":60000,\"device\":\"a\",\"seq\":1}]";
        assertThat(clock("c.text(61499) + ' ' + c.text(-5)", none, 0)).isEqualTo("1:01 0:00");
        assertThat(clock("c.running(p, 'MOIST', t)", none, 40)).isEqualTo("40000");
        assertThat(clock("c.pace(p, 'MOIST', t)", none, 40)).isEqualTo("on time done at 01:03");
        assertThat(clock("c.pace(p, 'MOIST', t)", none, 240)).isEqualTo("3 behind done at 01:06");
        String others = PLAN.replace("\"next\": null", "\"next\": {\"words\": \"01:05\", \"at\": 300000}");
        assertThat(clock(others, "c.pace(p, 'MOIST', t)", none, 40)).isEqualTo("on time done at 01:03 then 01:05");
        assertThat(clock(others, "c.pace(p, 'MOIST', t)", none, 240)).isEqualTo("3 behind done at 01:06 01:05 waits 2");
        assertThat(clock(others.replace("300000", "120000"), "c.pace(p, 'MOIST', t)", none, 40))
                .as("not on time for whoever waits")
                .isEqualTo("done at 01:03 01:05 waits 2");
        assertThat(clock("c.waiting(c.lagOf(p, 'BASE'))", done, 70)).isEqualTo("cream settles");
        assertThat(clock("c.settled(p, 'BASE')", done, 90)).isEqualTo("cream has settled");
        assertThat(clock("c.running(p, 'BASE', t)", done, 80))
                .as("hands wait while it settles")
                .isEqualTo("0");
        assertThat(clock("c.running(p, 'BASE', t)", done, 100)).isEqualTo("10000");
        assertThat(clock("c.between(p, 'BASE', 90000, t).code", done, 65)).isEqualTo("BLUSH");
        assertThat(clock("typeof c.between(p, 'BASE', 90000, t)", done, 88))
                .as("two seconds and what may be over are too short for it")
                .isEqualTo("undefined");
        assertThat(clock("c.settling(p, 'BASE', t)", done, 120)).isEqualTo("base within 3:00");
        assertThat(clock("c.settling(p, 'BASE', t)", done, 301)).isEqualTo("base waited too long");
        String longer = PLAN.replace("240", "null").replace("\"lags\": [", "\"lags\": [" + FOR_BLUSH + ", ");
        assertThat(clock(longer.formatted(120), "c.settling(p, 'BASE', t)", done, 70))
                .isEqualTo("cream settles 1:50");
        assertThat(clock(longer.formatted(20), "c.settling(p, 'BASE', t)", done, 70))
                .as("it is waited for and told already")
                .isEmpty();
        assertThat(clock("JSON.stringify(c.sums(p))", done, 301)).isEqualTo("{\"taken\":1,\"planned\":4}");
    }

    private static Course course(Random random) {
        StepCode[] codes = {StepCode.CLEANSE, StepCode.MOIST, StepCode.BASE, StepCode.BLUSH, StepCode.LOOK};
        List<Course.Leg> legs = new ArrayList<>();
        for (StepCode code : codes) {
            legs.add(new Course.Leg(
                    new Step(
                            code,
                            java.util.Set.of(WorkZone.CHEEK),
                            new Amount(Amount.Kind.TAPS, 2, 0),
                            1 + random.nextInt(6),
                            1,
                            0,
                            false,
                            false,
                            0,
                            false),
                    4 * legs.size()));
        }
        List<Course.Lag> lags = List.of(
                new Course.Lag(StepCode.CLEANSE, StepCode.MOIST, 0, null, OrderCode.LIGHT_TO_RICH),
                new Course.Lag(StepCode.MOIST, StepCode.BASE, 6, null, OrderCode.LET_SETTLE),
                new Course.Lag(StepCode.BASE, StepCode.LOOK, 9, null, OrderCode.LOOK_LAST));
        return new Course(legs, lags);
    }

    private static List<Progress.Event> events(Random random, Course course, Instant begun) {
        List<Progress.Event> events = new ArrayList<>();
        Progress.Kind[] kinds = Progress.Kind.values();
        for (int i = random.nextInt(16); i > 0; i--) {
            events.add(new Progress.Event(
                    kinds[random.nextInt(kinds.length)],
                    course.codes().get(random.nextInt(course.codes().size())),
                    begun.plusSeconds(random.nextInt(900)),
                    random.nextBoolean() ? "a" : "b",
                    i));
        }
        return events;
    }

    private static String server(Course course, Instant begun, List<Progress.Event> events) {
        Progress p = Progress.of(course, begun, events);
        StringBuilder told = new StringBuilder();
        told.append(p.current().map(Enum::name).orElse(""))
                .append(';')
                .append(p.since().toEpochMilli());
        told.append(';').append(millis(p.paused())).append(';').append(millis(p.finished()));
        for (Progress.State s : p.states()) {
            told.append(';').append(s.stand()).append(',').append(millis(s.ended()));
            told.append(',').append(s.taken().toMillis()).append(',');
            told.append(String.join(",", s.different().stream().map(Enum::name).toList()));
        }
        return told.toString();
    }

    private static String millis(Instant at) {
        return at == null ? "" : String.valueOf(at.toEpochMilli());
    }
}
