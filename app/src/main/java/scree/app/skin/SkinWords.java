package scree.app.skin;

import java.util.List;
import java.util.Optional;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.web.Words;
import scree.core.colour.Lab;
import scree.core.skin.Depth;
import scree.core.skin.MatchTarget;
import scree.core.skin.Overtone;
import scree.core.skin.SkinReading;
import scree.core.skin.Undertone;
import scree.core.skin.UndertoneVerdict;
import scree.core.skin.Zone;

/** Puts a reading into words. The judgement is the core's; only sentences are made here. */
@Component
public class SkinWords extends Words {
    public SkinWords(MessageSource messages) {
        super(messages);
    }

    String shortVerdict(TakenReading taken) {
        String depth = depth(taken.skin()).map(d -> say("depth." + d)).orElse("read");
        return taken.undertone()
                .map(u -> depth + ", " + say("undertone." + u.leading()).toLowerCase(locale()))
                .orElse(depth);
    }

    /** Returns the sentence that heads the page. */
    public String verdict(TakenReading taken) {
        SkinReading reading = taken.skin();
        Optional<Depth> depth = depth(reading);
        Optional<Undertone> under = taken.undertone();
        Optional<Depth.Range> wide =
                reading.light().strongCast() && depth.isEmpty() ? reading.depths() : Optional.empty();
        if (wide.isPresent()) {
            return say(
                    "skin.verdict.cast",
                    say("depth." + wide.get().fairest()).toLowerCase(locale()),
                    say("depth." + wide.get().deepest()).toLowerCase(locale()));
        }
        if (depth.isEmpty() || under.isEmpty()) {
            return say("skin.verdict.none");
        }
        Undertone u = under.get();
        String olive = u.cast() == Undertone.Olive.NONE ? "" : say("skin.olive." + u.cast());
        boolean peach = taken.verdict().map(UndertoneVerdict::peachy).orElse(false);
        olive = olive.isEmpty() && peach ? say("skin.peach") : olive;
        String family = say((u.leans() ? "undertone.leans." : "undertone.verdict.") + u.leading());
        String spoken = say("depth." + depth.get()) + ", " + family + olive + ".";
        return reading.trust() == SkinReading.Trust.PROVISIONAL
                ? say("skin.verdict.perhaps", spoken.substring(0, 1).toLowerCase(locale()) + spoken.substring(1))
                : spoken;
    }

    String overtone(SkinReading reading) {
        Optional<Lab> cheek = reading.tellingColourOf(Zone.CHEEK);
        Optional<Lab> neck = reading.tellingColourOf(Zone.NECK);
        if (cheek.isEmpty() || neck.isEmpty()) {
            return say("overtone.unknown");
        }
        return say("overtone." + Overtone.between(cheek.get(), neck.get()).kind());
    }

    /** Returns what is missing for a full reading, shortest way first. */
    List<String> missing(SkinReading reading) {
        List<String> lines = new java.util.ArrayList<>();
        if (reading.colourOf(Zone.NECK).isEmpty()) {
            lines.add(say("skin.missing.neck"));
        }
        if (reading.colourOf(Zone.JAW).isEmpty()) {
            lines.add(say("skin.missing.jaw"));
        }
        return lines;
    }

    private static Optional<Depth> depth(SkinReading reading) {
        return MatchTarget.from(reading, MatchTarget.School.JAW_TO_NECK)
                .filter(t -> t.colour().b() > 0)
                .map(t -> Depth.of(t.colour()));
    }
}
