package scree.app.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.correct.Pot;
import scree.app.web.Words;
import scree.core.reason.Reason;
import scree.core.routine.Amount;
import scree.core.routine.CutAction;
import scree.core.routine.OrderCheck;
import scree.core.routine.Step;
import scree.core.routine.StepCode;
import scree.core.routine.Stroke;
import scree.core.routine.Tool;
import scree.core.routine.WorkZone;

/** Puts the running order into words. */
@Component
public class OrderWords extends Words {
    public OrderWords(MessageSource messages) {
        super(messages);
    }

    /** Returns what a step is called. */
    public String step(StepCode code) {
        return say("step." + code);
    }

    /** Returns the name where there is little room. */
    public String shortly(StepCode code) {
        return find("step.short." + code).orElseGet(() -> step(code));
    }

    /** Returns minutes, halves written as such. */
    public String minutes(int halves) {
        return halves % 2 == 0
                ? say("order.minutes", halves / 2)
                : halves == 1 ? say("order.minutes.half") : say("order.minutes.andHalf", halves / 2);
    }

    /** Returns how much is taken, empty for nothing that is counted. */
    public String amount(Amount amount) {
        if (amount.kind() == Amount.Kind.NONE) {
            return "";
        }
        double n = amount.count();
        String key = "step.amount." + amount.kind();
        String count = count(n);
        return n > 0 && n <= 1
                ? find(key + ".one", count, amount.other()).orElseGet(() -> say(key, count, amount.other()))
                : say(key, count, amount.other());
    }

    private String count(double n) {
        if (n == Math.rint(n)) {
            return String.valueOf((int) n);
        }
        return 2 * n == 1 ? say("step.amount.half") : say("step.amount.to", (int) Math.floor(n), (int) Math.ceil(n));
    }

    /** Returns the tool, empty for bare looking and talking. */
    public String tool(Tool tool) {
        return tool == Tool.NONE ? "" : say("tool." + tool);
    }

    /** Returns how the tool moves, and which way in which zone where these differ. */
    public String stroke(Step step) {
        if (step.code().stroke() == Stroke.NONE) {
            return "";
        }
        Map<String, List<String>> zones = new LinkedHashMap<>();
        for (WorkZone zone : step.zones()) {
            find("step.way." + zone)
                    .ifPresent(way ->
                            zones.computeIfAbsent(way, k -> new ArrayList<>()).add(zone(zone)));
        }
        String stroke = say("stroke." + step.code().stroke());
        if (zones.isEmpty()) {
            return stroke;
        }
        String ways = zones.size() == 1
                ? zones.keySet().iterator().next()
                : zones.entrySet().stream()
                        .map(e -> say("order.zoneWay", String.join(", ", e.getValue()), e.getKey()))
                        .collect(Collectors.joining("; "));
        return say("order.strokeWay", stroke, ways);
    }

    String zones(Step step) {
        return step.zones().stream().map(this::zone).collect(Collectors.joining(", "));
    }

    public String zone(WorkZone zone) {
        return say("workZone." + zone);
    }

    /** Returns what to look at when it is done, empty where nothing is. */
    public String look(StepCode code) {
        return find("step.look." + code).orElse("");
    }

    /** Returns what keeps it clean. */
    public String hygiene(StepCode code) {
        return find("hygiene." + code.hygiene()).orElse("");
    }

    String remark(Reason r) {
        Object[] args = r.args().stream()
                .map(a -> a instanceof StepCode code ? step(code) : a)
                .toArray();
        return say("order.say." + r.code(), args);
    }

    String broken(OrderCheck.Broken b) {
        return say("order.broken", say("order.say." + b.reason()), step(b.first()), step(b.then()));
    }

    String cut(CutAction action) {
        return say("order.cut." + action);
    }

    /** Returns what a step is done with. */
    public String with(TakenOrder taken, StepCode code) {
        return taken.wares(code).stream().map(Pot::name).collect(Collectors.joining(", "));
    }
}
