package scree.app.bin;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.StudioId;
import scree.app.studio.Upkeep;
import scree.app.web.NotHere;

/** What was deleted: shown, brought back, and erased when its time is over. */
@Service
public class Bin implements Upkeep.Task {
    /** House choice: a slip is noticed at the client's next sitting. */
    static final Duration KEPT = Duration.ofDays(30);

    private final List<Deletable> features;
    private final Clock clock;

    Bin(List<Deletable> features, Clock clock) {
        this.features = List.copyOf(features);
        this.clock = clock;
    }

    /** One line of the bin. */
    record Line(String kind, Deleted what, OffsetDateTime goneOn) {}

    List<Line> lines(StudioId studio) {
        List<Line> lines = new ArrayList<>();
        for (Deletable feature : features) {
            feature.deleted(studio)
                    .forEach(d ->
                            lines.add(new Line(feature.kind(), d, d.deletedAt().plus(KEPT))));
        }
        lines.sort(Comparator.comparing((Line l) -> l.what().deletedAt()).reversed());
        return lines;
    }

    void restore(StudioId studio, String kind, long id) {
        features.stream()
                .filter(f -> f.kind().equals(kind))
                .findFirst()
                .orElseThrow(() -> new NotHere("kind"))
                .restore(studio, id);
    }

    @Override
    @Transactional
    public void keepUp(StudioId studio) {
        OffsetDateTime before = OffsetDateTime.now(clock).minus(KEPT);
        features.forEach(f -> f.erase(studio, before));
    }
}
