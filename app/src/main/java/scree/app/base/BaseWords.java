package scree.app.base;

import java.util.ArrayList;
import java.util.List;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.kit.Product;
import scree.app.look.Figures;
import scree.app.web.StaleSave;
import scree.app.web.Words;
import scree.core.reason.Reason;
import scree.core.reason.Severity;
import scree.core.shade.Nearness;
import scree.core.shade.RankBases;

/** Puts figures and reasons of the Base stage into words. */
@Component
public class BaseWords extends Words {
    public BaseWords(MessageSource messages) {
        super(messages);
    }

    /** Puts axes of difference into one or two short sentences. */
    String why(List<Reason> reasons) {
        List<String> parts = new ArrayList<>();
        for (Reason reason : reasons) {
            String strength = reason.severity() == Severity.NOTE ? ".little" : ".much";
            parts.add(say("reason." + reason.code().name() + (reason.args().isEmpty() ? "" : strength)));
        }
        return String.join(" ", parts);
    }

    /** Says one reason with its figures, under a prefix for its subject. */
    public String reason(String prefix, Reason reason) {
        Object[] args = reason.args().stream()
                .map(a -> a instanceof Double d
                        ? (Object) Figures.one(Math.abs(d))
                        : a instanceof Enum<?> e ? say(prefix + "." + e.name()) : a)
                .toArray();
        return say(prefix + "." + reason.code().name(), args);
    }

    /** Says each reason of a list, those with a figure first by the list's own order. */
    public List<String> reasons(String prefix, List<Reason> reasons) {
        return reasons.stream().map(r -> reason(prefix, r)).toList();
    }

    /** Says a reason and, where it moves the base down the list, by how much. */
    String priced(String prefix, RankBases.Priced p) {
        String words = reason(prefix, p.reason());
        return p.cost() > 0 ? words + " " + say("base.costs", Figures.one(p.cost())) : words;
    }

    String what(Product p) {
        return say("form." + p.form()) + ", "
                + say("finish." + p.finish()).toLowerCase(locale()) + ", "
                + say("coverage." + p.coverage()).toLowerCase(locale());
    }

    /** Says a difference, ΔE00, as an artist would. */
    public String nearness(double difference) {
        return say("nearness." + Nearness.of(difference));
    }

    /** Returns what speaks against a base, as it stood on the page, or null when nothing does. */
    String overruled(Shortlist.Ranked r) {
        List<String> against = new ArrayList<>();
        r.struck().forEach(s -> against.add(say("struck." + s)));
        r.placed().undertone().forEach(u -> against.add(reason("family", u.reason())));
        r.placed().wear().stream()
                .filter(w -> w.reason().severity() != Severity.NOTE)
                .forEach(w -> against.add(reason("wear", w.reason())));
        return against.isEmpty() ? null : String.join(" ", against);
    }

    /** Returns what to say when another base was taken meanwhile: which, and what pressing again does. */
    public String meanwhile(StaleSave stale) {
        return stale.stored() instanceof BaseChoice other
                ? say("base.meanwhile", other.fullName())
                : say("base.meanwhile.off");
    }
}
