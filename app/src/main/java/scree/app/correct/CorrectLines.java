package scree.app.correct;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import scree.app.studio.StudioId;
import scree.core.cover.CoverPlan;
import scree.core.cover.Layer;

/** Correction in single lines, for what is printed. */
@Service
public class CorrectLines {
    private final Corrections corrections;
    private final CorrectWords words;

    CorrectLines(Corrections corrections, CorrectWords words) {
        this.corrections = corrections;
        this.words = words;
    }

    /** Returns a line for every mark that asks for more than the base, and for broken skin. */
    public List<String> of(StudioId studio, long sitting) {
        List<String> lines = new ArrayList<>();
        corrections.of(studio, sitting).ifPresent(t -> {
            for (TakenCorrections.Treated m : t.marks()) {
                if (m.broken() && m.plan() == null) {
                    lines.add(words.say("correct.line.broken", words.title(m.mark())));
                } else {
                    m.laid().filter(p -> !p.baseAlone()).ifPresent(p -> lines.add(line(m, p)));
                }
            }
        });
        return lines;
    }

    private String line(TakenCorrections.Treated m, CoverPlan<Pot> plan) {
        List<String> parts = new ArrayList<>();
        plan.under().forEach(l -> parts.add(part(l)));
        if (plan.place().baseCoats() > 0) {
            parts.add(plan.place().base().what().name());
        }
        plan.over().forEach(l -> parts.add(part(l)));
        return words.say("correct.line", words.title(m.mark()), String.join(words.say("correct.line.then"), parts));
    }

    private String part(Layer<Pot> l) {
        return words.say(
                "correct.line.part",
                l.ware().what().name(),
                words.amount(l.amount()).toLowerCase(words.locale()));
    }
}
