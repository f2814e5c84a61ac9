package scree.app.place;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import scree.app.correct.CorrectLines;
import scree.app.privacy.Enclosures;
import scree.app.sitting.CareWords;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.core.placement.Caution;
import scree.core.reason.Reason;

/** Draws face charts: the plan of a sitting with its products, why, and what to look out for. */
@Component
public class FaceCharts implements Enclosures {
    private final Sittings sittings;
    private final Placements placements;
    private final CorrectLines corrected;
    private final PlaceWords words;
    private final CareWords careWords;

    FaceCharts(
            Sittings sittings, Placements placements, CorrectLines corrected, PlaceWords words, CareWords careWords) {
        this.sittings = sittings;
        this.placements = placements;
        this.corrected = corrected;
        this.words = words;
        this.careWords = careWords;
    }

    @Override
    public Optional<byte[]> chart(Member me, long sitting) {
        return placements
                .inOrder(me.studio(), sitting)
                .map(plan -> ChartFiles.pdf(of(me.studio(), sittings.get(me.studio(), sitting), plan)));
    }

    FaceChart of(StudioId studio, Sitting sitting, TakenPlan plan) {
        return new FaceChart(plan, words(corrected.of(studio, sitting.id()), sitting, plan, words));
    }

    private FaceChart.Words words(List<String> corrections, Sitting sitting, TakenPlan plan, PlaceWords w) {
        List<FaceChart.Row> rows = new ArrayList<>();
        Set<Integer> seen = new HashSet<>();
        for (WorkedZone z : plan.zones()) {
            if (seen.add(z.number())) {
                String amount = w.amount(z);
                rows.add(new FaceChart.Row(
                        z.number(),
                        w.area(z.zone().area()),
                        amount.isEmpty() ? w.product(null) : z.product().fullName() + ". " + amount + ".",
                        z.zone().reasons().stream()
                                .findFirst()
                                .map((Reason r) -> w.reason(r))
                                .orElse("")));
            }
        }
        List<String> cautions = new ArrayList<>();
        cautions.addAll(careWords.grave(sitting, false));
        String felt = w.broken(null, plan.broken());
        if (felt != null) {
            cautions.add(w.say("chart.broken", felt));
        }
        cautions.addAll(corrections);
        Set<String> said = new HashSet<>();
        for (Caution c : plan.plan().cautions()) {
            String words = w.say("fault." + c.fault(), w.area(c.area()));
            if (said.add(words) && !plan.sheet().off().contains(c.area().family())) {
                cautions.add(words);
            }
        }
        String line = sitting.event() + ", " + words.date("date.day", sitting.startsAt()) + ", " + sitting.artistName();
        return new FaceChart.Words(
                sitting.clientName(),
                line,
                w.say("chart.aim", w.say("aim." + plan.sheet().method().aim()).toLowerCase(words.locale())),
                rows,
                cautions,
                w.say("chart.foot"));
    }
}
