package scree.app.timetable;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import scree.app.chair.Chairs;
import scree.app.memory.Memories;
import scree.app.studio.StudioId;
import scree.core.routine.Pace;

/** How fast each artist works against the plan, from what was noted at the chair; near the plan while little is known. */
@Component
class Paces {
    private static final int LAST = 5;
    private static final int KEPT = 500;

    private final TimetableMapper mapper;
    private final Chairs chairs;
    /** What was done stays as it was, so a ratio holds in every process. */
    private final Cache<Worked, Optional<Double>> ratios;

    private record Worked(StudioId studio, long sitting) {}

    Paces(TimetableMapper mapper, Chairs chairs, Memories memories) {
        this.mapper = mapper;
        this.chairs = chairs;
        this.ratios = memories.keep("paces", KEPT);
    }

    /** Returns the artist's minutes over planned ones. */
    double of(StudioId studio, long artist) {
        List<Double> told = mapper.worked(studio, artist, LAST).stream()
                .map(s -> ratios.get(new Worked(studio, s), w -> chairs.pace(w.studio(), w.sitting())))
                .flatMap(Optional::stream)
                .toList();
        return Pace.told(told);
    }
}
