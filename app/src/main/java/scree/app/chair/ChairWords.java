package scree.app.chair;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.order.OrderWords;
import scree.app.web.Words;
import scree.core.placement.Stop;
import scree.core.routine.Aftermath;
import scree.core.routine.Flaw;
import scree.core.routine.Hygiene;
import scree.core.routine.Progress;
import scree.core.routine.Step;
import scree.core.routine.StepCode;

/** What the chair says; of the steps themselves it speaks as the order does. */
@Component
class ChairWords extends Words {
    /** What the script fills in itself. */
    private static final List<String> SCRIPT = List.of(
            "left",
            "over",
            "settles",
            "judged",
            "settled",
            "within",
            "late",
            "onTime",
            "behind",
            "ahead",
            "end",
            "nextFace",
            "nextWaits",
            "paused",
            "online",
            "sending",
            "offline",
            "offlineNone",
            "signIn",
            "refused",
            "unkept",
            "shallow",
            "next",
            "last",
            "of",
            "minutes",
            "noted");

    private final OrderWords order;

    ChairWords(MessageSource messages, OrderWords order) {
        super(messages);
        this.order = order;
    }

    String step(StepCode code) {
        return order.step(code);
    }

    String shortly(StepCode code) {
        return order.shortly(code);
    }

    String stop(Stop.Kind kind) {
        return say("chair.stop." + kind);
    }

    String minutes(int halves) {
        return order.minutes(halves);
    }

    String doing(StepCode code) {
        return say("chair.do." + code);
    }

    String amount(Step step) {
        return order.amount(step.amount());
    }

    /** Returns the tool and what keeps it clean, in one line. */
    String tool(StepCode code) {
        List<String> all = new ArrayList<>();
        String tool = order.tool(code.tool());
        if (!tool.isEmpty()) {
            all.add(tool);
        }
        if (code.hygiene() != Hygiene.NONE) {
            all.add(order.hygiene(code));
        }
        return String.join(". ", all);
    }

    String look(StepCode code) {
        return order.look(code);
    }

    String remark(ChairPlan.Remark remark) {
        return say(
                "order.say." + remark.code(),
                remark.about().stream().map(this::step).toArray());
    }

    String asked(Aftermath.Asked asked) {
        return say("chair.ask." + asked.ask(), step(asked.at()));
    }

    /** Returns what a newer plan has otherwise, in one sentence. */
    String difference(ChairPlan.Difference d) {
        List<String> all = new ArrayList<>();
        names(all, "added", d.added());
        names(all, "gone", d.gone());
        names(all, "changed", d.changed());
        if (d.moved()) {
            all.add(say("chair.offer.moved"));
        }
        String list = String.join("; ", all);
        return say("chair.offer.list", list.substring(0, 1).toUpperCase(locale()) + list.substring(1));
    }

    private void names(List<String> all, String key, List<StepCode> codes) {
        if (!codes.isEmpty()) {
            all.add(say("chair.offer." + key, codes.stream().map(this::step).collect(Collectors.joining(", "))));
        }
    }

    String flaw(Flaw flaw) {
        return say("chair.flaw." + flaw);
    }

    /** Returns what the script says, by key. */
    Map<String, String> script() {
        Map<String, String> all = new TreeMap<>();
        SCRIPT.forEach(key -> all.put(key, say("chair.script." + key)));
        for (Progress.Kind kind : Progress.Kind.values()) {
            find("chair.kind.told." + kind).ifPresent(w -> all.put(kind.name(), w));
        }
        return all;
    }
}
