package scree.app.correct;

import java.util.List;
import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.look.Figures;
import scree.app.web.Words;
import scree.core.cover.Counted;
import scree.core.cover.CoverCode;
import scree.core.cover.Doing;
import scree.core.cover.Leaning;
import scree.core.cover.Mark;
import scree.core.cover.Stirred;
import scree.core.cover.Wanting;
import scree.core.reason.Reason;
import scree.core.shade.Amount;
import scree.core.shade.Role;

/** Puts correction into words. */
@Component
class CorrectWords extends Words {
    CorrectWords(MessageSource messages) {
        super(messages);
    }

    /** Returns where a mark is and what is seen there. */
    String title(Mark m) {
        String seen = say("correct.seen." + m.seen());
        return m.spot() == null
                ? say("correct.title", say("zone." + m.zone()), seen)
                : say(
                        "correct.title.spot",
                        say("spot." + m.spot().kind()),
                        m.spot().id());
    }

    String leaning(Leaning l) {
        return say("correct.leaning." + l);
    }

    String amount(double coats) {
        return say("amount." + Amount.of(coats));
    }

    String counted(Counted c) {
        return say("correct.counted." + c.unit() + (c.count() == 1 ? ".one" : ".more"), c.count());
    }

    /** Returns a step with its product, its amount and its reason. */
    String doing(Doing d) {
        String key = "correct.doing." + d.code();
        return switch (d.code()) {
            case SOFTEN, POWDER_BETWEEN -> say(key, d.number());
            case PRESS, TAP, TAP_SHEERED, PRESS_OVER ->
                say(key, name(d), amount(d.layer().amount()).toLowerCase(locale()));
            case BASE -> say(key, name(d));
            case POWDER_PRESSED, SET_LIGHTLY -> d.layer() == null ? say(key) : say(key + ".with", name(d));
            case GRIP, EDGES_OUT, NO_POWDER, KEEP_OFF -> say(key);
        };
    }

    private static String name(Doing d) {
        return ((Pot) d.layer().ware().what()).name();
    }

    String why(Reason r) {
        List<Object> a = r.args();
        CoverCode code = (CoverCode) r.code();
        return switch (code) {
            case CORRECTED -> corrected(a);
            case ONLY_CORRECTED -> say("correct.why.ONLY_CORRECTED", leaning((Leaning) a.get(0)));
            case OUT_OF_REACH ->
                say(
                        "correct.why.OUT_OF_REACH",
                        Figures.one((Double) a.get(0)),
                        say("correct.way." + a.get(1), Figures.one((Double) a.get(2))));
            case TABLE_HARMS ->
                say(
                        "correct.why.TABLE_HARMS",
                        leaning((Leaning) a.get(0)),
                        Figures.one((Double) a.get(1)),
                        Figures.one((Double) a.get(2)));
            case CAKES -> say("correct.why.CAKES", Math.round((Double) a.get(0)));
            case SOFTEN_FIRST -> say("correct.why.SOFTEN_FIRST", a.get(0));
            default -> say("correct.why." + code);
        };
    }

    private String corrected(List<Object> a) {
        String family = leaning((Leaning) a.get(0));
        double microns = ((Number) a.get(1)).doubleValue();
        int coats = (Integer) a.get(2);
        if (coats > 0) {
            return say(coats == 1 ? "correct.why.CORRECTED.coat" : "correct.why.CORRECTED.coats", family, coats);
        }
        return microns > 0
                ? say("correct.why.CORRECTED.microns", family, Figures.one(microns))
                : say("correct.why.CORRECTED.safer", family);
    }

    String wanting(Wanting w) {
        String left = Figures.one(w.left());
        return w.role() == Role.CONCEALER
                ? say("correct.wanting.CONCEALER", left)
                : say("correct.wanting.CORRECTOR", leaning(w.leaning()).toLowerCase(Locale.ROOT), left);
    }

    String stirred(Stirred<Pot> s) {
        return say(
                "correct.stirred",
                s.firstParts(),
                s.first().what().name(),
                s.secondParts(),
                s.second().what().name(),
                amount(s.plan().over().get(0).amount()),
                Figures.one(s.plan().left()));
    }
}
