package scree.app.colour;

import java.util.Locale;
import java.util.Optional;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.judge.SoughtWords;
import scree.app.web.Words;
import scree.core.harmony.ColourFamily;
import scree.core.harmony.Part;
import scree.core.judge.Looks;
import scree.core.reason.Reason;
import scree.core.shade.Amount;

/** Puts colour into words. */
@Component
class ColourWords extends Words {
    ColourWords(MessageSource messages) {
        super(messages);
    }

    String part(Part part) {
        return say("colour.part." + part);
    }

    String family(ColourFamily family) {
        return say("colour.family." + family);
    }

    String why(Reason r) {
        Object[] args = r.args().stream()
                .map(a ->
                        a instanceof Enum<?> e ? (Object) say("colour.arg." + e).toLowerCase(Locale.ROOT) : a)
                .toArray();
        return say("colour.why." + r.code(), args);
    }

    String amount(TakenColour.Pick p) {
        return switch (p.part()) {
            case LINER, MASCARA -> say("colour.amount." + p.part());
            default -> say("amount." + Amount.of(p.coats()));
        };
    }

    /** Returns what a family would do on this face, or that the kit has none of it. */
    String pulls(Looks looks) {
        return looks == null ? say("colour.family.none") : say("colour.pulls." + looks);
    }

    String sought(Part part, Optional<Reason> what) {
        if (what.isEmpty()) {
            return say(part == Part.BROW ? "colour.brow.hair" : "colour.nothing." + part);
        }
        return new SoughtWords(this).say(part.role(), what.get());
    }
}
