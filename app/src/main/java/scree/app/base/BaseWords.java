package scree.app.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.context.MessageSource;
import scree.app.kit.Product;
import scree.app.look.Figures;
import scree.app.web.StaleSave;
import scree.core.reason.Reason;
import scree.core.reason.Severity;
import scree.core.shade.Nearness;

/** Puts figures and reasons of the Base stage into words. */
public final class BaseWords {
    private final MessageSource messages;
    private final Locale locale;

    public BaseWords(MessageSource messages, Locale locale) {
        this.messages = messages;
        this.locale = locale;
    }

    /** Returns the message under a key. */
    public String say(String key, Object... args) {
        return messages.getMessage(key, args.length == 0 ? null : args, locale);
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

    String what(Product p) {
        return say("form." + p.form()) + ", "
                + say("finish." + p.finish()).toLowerCase(locale) + ", "
                + say("coverage." + p.coverage()).toLowerCase(locale);
    }

    /** Says a difference, ΔE00, as an artist would. */
    public String nearness(double difference) {
        return say("nearness." + Nearness.of(difference));
    }

    /** Returns what speaks against a base, as it stood on the page, or null when nothing does. */
    String overruled(Shortlist.Ranked r) {
        List<String> against = new ArrayList<>();
        r.struck().forEach(s -> against.add(say("struck." + s)));
        r.placed().undertone().forEach(u -> against.add(reason("family", u)));
        r.placed().wear().stream()
                .filter(w -> w.severity() != Severity.NOTE)
                .forEach(w -> against.add(reason("wear", w)));
        return against.isEmpty() ? null : String.join(" ", against);
    }

    /** Returns what to say when another base was taken meanwhile: which, and what pressing again does. */
    public static String meanwhile(StaleSave stale, MessageSource messages, Locale locale) {
        return stale.stored() instanceof BaseChoice other
                ? messages.getMessage("base.meanwhile", new Object[] {other.fullName()}, locale)
                : messages.getMessage("base.meanwhile.off", null, locale);
    }
}
