package scree.app.proof;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.web.Words;
import scree.core.placement.Area;
import scree.core.skin.SkinChange;

/** What is said of a record. */
@Component
class ProofWords extends Words {
    private static final int MINUTE = 60;
    /** Reports of a turned colour after which a word is said. House choice: once may be the light. */
    private static final int TURNED = 2;

    ProofWords(MessageSource messages) {
        super(messages);
    }

    String area(Area area) {
        return say("area." + area);
    }

    String zone(Kept.Drawn z) {
        return z.product() == null ? area(z.area()) : say("proof.zone", area(z.area()), z.product());
    }

    /** Returns what changed, zones of a kind together: "lighter, less red: cheek, nose". Nothing where nothing is seen. */
    List<String> changes(List<SkinChange> changes) {
        Map<List<SkinChange.What>, List<String>> zones = new LinkedHashMap<>();
        for (SkinChange c : changes) {
            if (!c.seen().isEmpty()) {
                zones.computeIfAbsent(c.seen(), k -> new ArrayList<>())
                        .add(say("zone." + c.zone()).toLowerCase(locale()));
            }
        }
        List<String> said = new ArrayList<>();
        zones.forEach((seen, where) -> {
            String how = String.join(
                    ", ", seen.stream().map(w -> say("proof.what." + w)).toList());
            said.add(say(
                    "proof.change",
                    how.substring(0, 1).toUpperCase(locale()) + how.substring(1),
                    String.join(", ", where)));
        });
        return said;
    }

    /** Returns minutes and seconds. */
    String time(long seconds) {
        return "%d:%02d".formatted(seconds / MINUTE, seconds % MINUTE);
    }

    /** Returns one report in a few words: "After 6 hours: turned orange; itched at the jaw". */
    String shortly(Proofs.ToldBefore t) {
        List<String> all = new ArrayList<>(
                t.seen().stream().map(s -> say("proof.seen." + s)).toList());
        if (t.reaction() != null) {
            all.add(t.reaction());
        }
        return say("proof.told", t.hours(), String.join("; ", all));
    }

    /** Returns what a client's reports say together; each with a way that changes nothing by itself. */
    List<String> learned(List<Proofs.ToldBefore> told) {
        List<String> said = new ArrayList<>();
        for (Proofs.ToldBefore t : told) {
            if (t.reaction() != null) {
                said.add(say("proof.learned.reaction", date("date.day", t.startsAt()), t.reaction()));
            }
        }
        Map<String, List<Proofs.ToldBefore>> turned = new LinkedHashMap<>();
        for (Proofs.ToldBefore t : told) {
            boolean orange = t.seen().contains(Wore.Seen.TURNED_ORANGE);
            boolean grey = t.seen().contains(Wore.Seen.TURNED_GREY);
            if (t.base() != null && (orange || grey)) {
                turned.computeIfAbsent((orange ? "orange." : "grey.") + t.base(), k -> new ArrayList<>())
                        .add(t);
            }
        }
        turned.forEach((key, reports) -> {
            String how = key.substring(0, key.indexOf('.'));
            String base = key.substring(key.indexOf('.') + 1);
            said.add(
                    reports.size() >= TURNED
                            ? say("proof.learned.turned." + how, base, reports.size())
                            : say(
                                    "proof.learned.once." + how,
                                    base,
                                    date("date.day", reports.get(0).startsAt())));
        });
        return said;
    }
}
