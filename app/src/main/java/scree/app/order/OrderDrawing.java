package scree.app.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import scree.app.look.Stones;
import scree.core.routine.RunningOrder;
import scree.core.routine.Step;
import scree.core.routine.StepCode;
import scree.core.routine.Tool;
import scree.core.routine.Waits;
import scree.core.routine.WorkLayer;
import scree.core.routine.WorkZone;

/**
 * The order as a course of stones: hands-on above the ground line, a row a place, the tool as a ribbon under them, waits below the line with
 * what fills them.
 */
record OrderDrawing(
        int width,
        int height,
        double groundY,
        List<Lane> lanes,
        List<Stone> stones,
        List<Ribbon> tools,
        List<Tick> ticks,
        List<WaitBar> waits) {
    private static final Stones STONES = new Stones();
    private static final int WIDTH = 1072;
    private static final double LEFT = 92;
    private static final double RIGHT = 14;
    private static final double TOP = 8;
    private static final double STONE = 36;
    private static final double GAP = 4;
    private static final double RIBBON = 30;
    private static final double WAIT_ROW = 18;
    /** Waits under a minute are not drawn. Half minutes. */
    private static final int SHORTEST_WAIT = 2;

    private static final double PER_LETTER = 6.7;
    private static final double NUMBER_WIDE = 15;
    /** A letter of a wait's words, room beside its bar and behind its words, px. */
    private static final double WAIT_LETTER = 7;

    private static final double BESIDE = 6;
    private static final double APART = 12;
    private static final int TICK_MINUTES = 5;

    /** Rows of stones. */
    enum Place {
        FACE,
        EYES,
        LIPS_AND_BROWS,
        OFF_FACE;

        static Place of(Step step) {
            WorkLayer layer = step.layer();
            if (layer == WorkLayer.CHORE || layer == WorkLayer.LOOK || layer == WorkLayer.SAFE) {
                return OFF_FACE;
            }
            if (layer == WorkLayer.EYE_DRY || step.zones().stream().allMatch(Place::eye)) {
                return EYES;
            }
            return step.zones().stream().allMatch(z -> z == WorkZone.LIPS || z == WorkZone.BROW)
                    ? LIPS_AND_BROWS
                    : FACE;
        }

        private static boolean eye(WorkZone zone) {
            return zone == WorkZone.LID || zone == WorkZone.LASH;
        }
    }

    record Lane(String name, double y) {}

    /**
     * A step.
     *
     * @param tone care, colour or setting
     * @param label its name or its number, as fits; empty where neither does
     */
    record Stone(
            String code,
            int number,
            String path,
            double x,
            double y,
            double width,
            String tone,
            String label,
            String words,
            boolean chosen,
            boolean critical,
            boolean broken) {}

    record Ribbon(double x, double width, double y, String name) {}

    record Tick(double x, String minutes) {}

    /** A wait with what is done in it. */
    record WaitBar(
            double x, double width, double y, List<double[]> filled, double labelX, boolean labelLeft, String words) {}

    static OrderDrawing of(TakenOrder taken, StepCode chosen, OrderWords w) {
        return new Drawing(taken, chosen, w).drawn();
    }

    /** Puts one together. */
    private static final class Drawing {
        private final TakenOrder taken;
        private final RunningOrder order;
        private final StepCode chosen;
        private final OrderWords w;
        private final double perHalf;
        private final Map<StepCode, Integer> numbers;
        private final double groundY = TOP + Place.values().length * (STONE + GAP) + RIBBON + 16;

        Drawing(TakenOrder taken, StepCode chosen, OrderWords w) {
            this.taken = taken;
            this.order = taken.order();
            this.chosen = chosen;
            this.w = w;
            this.perHalf = (WIDTH - LEFT - RIGHT) / Math.max(1, order.end());
            this.numbers = taken.numbers();
        }

        private double x(int halves) {
            return LEFT + halves * perHalf;
        }

        private static double y(Place place) {
            return TOP + place.ordinal() * (STONE + GAP);
        }

        OrderDrawing drawn() {
            List<Lane> lanes = new ArrayList<>();
            for (Place place : Place.values()) {
                lanes.add(new Lane(w.say("order.place." + place), y(place) + STONE / 2 + 5));
            }
            List<WaitBar> waits = waits();
            double bottom = waits.stream().mapToDouble(WaitBar::y).max().orElse(groundY) + WAIT_ROW;
            return new OrderDrawing(
                    WIDTH, (int) Math.ceil(bottom + 4), groundY, lanes, stones(), ribbons(), ticks(), waits);
        }

        private List<Stone> stones() {
            List<Integer> slack = Waits.slack(order);
            List<Stone> all = new ArrayList<>();
            for (int i = 0; i < order.timed().size(); i++) {
                RunningOrder.Timed t = order.timed().get(i);
                StepCode code = t.step().code();
                double wide = t.step().hands() * perHalf - 1.6;
                double y = y(Place.of(t.step()));
                String name = w.shortly(code);
                int number = numbers.get(code);
                String label = name.length() * PER_LETTER < wide ? name : wide >= NUMBER_WIDE ? "" + number : "";
                boolean broken = taken.broken().stream().anyMatch(b -> b.first() == code || b.then() == code);
                all.add(new Stone(
                        code.name(),
                        number,
                        STONES.slab("step-" + code, x(t.start()) + .8, y, wide, STONE),
                        x(t.start()) + .8 + wide / 2,
                        y + STONE / 2 + 4.5,
                        wide,
                        tone(code.layer()),
                        label,
                        w.say(
                                "order.stone",
                                number,
                                w.step(code),
                                w.minutes(t.start()),
                                w.minutes(t.step().hands())),
                        code == chosen,
                        slack.get(i) == 0,
                        broken));
            }
            return all;
        }

        private static String tone(WorkLayer layer) {
            return switch (layer) {
                case SAFE, CARE, PRIME, CHORE, LOOK -> "care";
                case POWDER, SWEEP, CREASE, SPRAY, MIST, REINFORCE -> "setting";
                default -> "colour";
            };
        }

        private List<Ribbon> ribbons() {
            List<Ribbon> all = new ArrayList<>();
            double y = TOP + Place.values().length * (STONE + GAP) + 2;
            Tool tool = Tool.NONE;
            int from = 0;
            int to = 0;
            for (RunningOrder.Timed t : order.timed()) {
                Tool next = t.step().code().tool();
                if (next != tool && next != Tool.NONE) {
                    ribbon(all, tool, from, to, y);
                    tool = next;
                    from = t.start();
                }
                to = next == Tool.NONE ? to : t.end();
            }
            ribbon(all, tool, from, to, y);
            return all;
        }

        private void ribbon(List<Ribbon> all, Tool tool, int from, int to, double y) {
            if (tool != Tool.NONE) {
                double wide = x(to) - x(from) - 1.4;
                String name = w.tool(tool);
                all.add(new Ribbon(x(from) + .7, wide, y, name.length() * 6.1 < wide ? name : ""));
            }
        }

        private List<Tick> ticks() {
            List<Tick> all = new ArrayList<>();
            for (int m = 0; 2 * m <= order.end(); m += TICK_MINUTES) {
                all.add(new Tick(x(2 * m), String.valueOf(m)));
            }
            return all;
        }

        private List<WaitBar> waits() {
            List<WaitBar> all = new ArrayList<>();
            List<Double> free = new ArrayList<>();
            for (Waits.Wait wait : Waits.of(order)) {
                if (wait.length() < SHORTEST_WAIT) {
                    continue;
                }
                double x = x(wait.from());
                double wide = wait.length() * perHalf;
                String words = words(wait);
                double letters = words.length() * WAIT_LETTER;
                boolean right = x + wide + BESIDE + letters <= WIDTH;
                double from = right ? x : x - BESIDE - letters;
                int row = 0;
                while (row < free.size() && free.get(row) > from) {
                    row++;
                }
                if (row == free.size()) {
                    free.add(0.0);
                }
                free.set(row, (right ? x + wide + BESIDE + letters : x + wide) + APART);
                double labelX = right ? x + wide + BESIDE : x - BESIDE;
                all.add(new WaitBar(x, wide, groundY + 10 + row * WAIT_ROW, filled(wait), labelX, !right, words));
            }
            return all;
        }

        private List<double[]> filled(Waits.Wait wait) {
            List<double[]> all = new ArrayList<>();
            for (StepCode code : wait.filledBy()) {
                RunningOrder.Timed t = order.find(code).orElseThrow();
                double from = x(Math.max(wait.from(), t.start()));
                all.add(new double[] {from, x(Math.min(wait.to(), t.end())) - from});
            }
            return all;
        }

        private String words(Waits.Wait wait) {
            String by = wait.filledBy().stream()
                    .map(c -> String.valueOf(numbers.get(c)))
                    .reduce((a, b) -> a + ", " + b)
                    .orElse("");
            String settles =
                    w.say("order.wait", numbers.get(wait.step()), w.shortly(wait.step()), w.minutes(wait.length()));
            if (by.isEmpty()) {
                return w.say("order.wait.nothing", settles);
            }
            return wait.idle() == 0
                    ? w.say("order.wait.filled", settles, by)
                    : w.say("order.wait.filledIdle", settles, by, w.minutes(wait.idle()));
        }
    }
}
