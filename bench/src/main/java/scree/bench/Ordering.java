package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import scree.core.reason.Reason;
import scree.core.routine.Needs;
import scree.core.routine.OrderCheck;
import scree.core.routine.OrderCode;
import scree.core.routine.OrderSchool;
import scree.core.routine.RunningOrder;
import scree.core.routine.TimeCut;
import scree.standins.day.EveryOrder;
import scree.standins.day.InventedNeeds;

/** How fast and how right the running order is, on made-up sittings that it was not tuned on. */
final class Ordering {
    private static final int SITTINGS = 1000;
    private static final int WARM = 60;
    private static final int SMALL_SITTINGS = 60;
    private static final int SMALL = 10;
    private static final int CUTS = 40;
    private static final double SHORT = .85;

    void run() {
        InventedNeeds warm = new InventedNeeds(5);
        for (int i = 0; i < WARM; i++) {
            Needs needs = warm.next();
            for (OrderSchool school : OrderSchool.values()) {
                RunningOrder.of(needs, school);
            }
        }
        whole();
        small();
        cut();
    }

    private void whole() {
        InventedNeeds invented = new InventedNeeds(2026);
        List<Double> took = new ArrayList<>();
        int broken = 0;
        int proven = 0;
        int worst = 0;
        int half = 0;
        for (int i = 0; i < SITTINGS; i++) {
            Needs needs = invented.next();
            for (OrderSchool school : OrderSchool.values()) {
                long from = System.nanoTime();
                RunningOrder order = RunningOrder.of(needs, school);
                took.add((System.nanoTime() - from) / 1e6);
                boolean apart = order.remarks().stream().map(Reason::code).anyMatch(OrderCode.PLACE_TOO_LONG::equals);
                half += apart ? 1 : 0;
                broken += apart ? 0 : OrderCheck.of(order).size();
                proven += order.proven() ? 1 : 0;
                worst = Math.max(worst, order.end() - order.bound());
            }
        }
        took.sort(null);
        say("running order of %d made-up sittings under five schools, simulated; one thread", SITTINGS);
        say(
                "proven shortest %.1f %%, worst open gap %.1f min, placed half a face at a time %d, slowest %.1f ms, median %.1f",
                100.0 * proven / took.size(), worst / 2.0, half, took.get(took.size() - 1), took.get(took.size() / 2));
        figure("order_ms", took.get((int) Math.ceil(.95 * took.size()) - 1), "ms, 95th");
        figure("order_violations", broken, "");
    }

    private void small() {
        InventedNeeds invented = new InventedNeeds(77);
        int gap = 0;
        int tried = 0;
        for (int i = 0; i < SMALL_SITTINGS; i++) {
            Needs needs = invented.next();
            for (OrderSchool school : OrderSchool.values()) {
                RunningOrder order =
                        RunningOrder.of(needs, school, EveryOrder.small(needs, school, SMALL), Set.of(), List.of());
                int least = EveryOrder.least(order);
                if (least < Integer.MAX_VALUE) {
                    gap = Math.max(gap, order.end() - least);
                    tried++;
                }
            }
        }
        say("against every order of %d small sittings", tried);
        figure("order_gap_minutes", gap / 2.0, "min");
    }

    private void cut() {
        InventedNeeds invented = new InventedNeeds(9);
        List<Double> took = new ArrayList<>();
        for (int i = 0; i < CUTS; i++) {
            Needs needs = invented.next();
            OrderSchool school = OrderSchool.values()[i % OrderSchool.values().length];
            int time = (int) (SHORT * RunningOrder.of(needs, school).end());
            long from = System.nanoTime();
            TimeCut.of(needs, school, time, Set.of());
            took.add((System.nanoTime() - from) / 1e6);
        }
        took.sort(null);
        say("%d sittings shortened by 15 %%", CUTS);
        figure("order_cut_ms", took.get((int) Math.ceil(.95 * took.size()) - 1), "ms, 95th");
    }
}
