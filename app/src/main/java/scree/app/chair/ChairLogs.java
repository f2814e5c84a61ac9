package scree.app.chair;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.StudioId;
import scree.core.colour.Srgb;
import scree.core.routine.Course;
import scree.core.routine.Progress;
import scree.core.routine.StepCode;

/** Tells what was done at a chair. */
@Component
public class ChairLogs {
    private static final int HALVES_A_MINUTE = 2;

    private final Chairs chairs;
    private final ChairWords words;

    ChairLogs(Chairs chairs, ChairWords words) {
        this.chairs = chairs;
        this.words = words;
    }

    /** Returns the log of a sitting's work, empty when none was begun at the chair. */
    @Transactional(readOnly = true)
    public Optional<ChairLog> of(StudioId studio, long sitting) {
        return chairs.of(studio, sitting).map(this::log);
    }

    private ChairLog log(TakenChair chair) {
        List<ChairLog.Done> steps = new ArrayList<>();
        for (Course.Leg leg : chair.plan().course().legs()) {
            steps.add(step(chair, leg));
        }
        return new ChairLog(
                chair.begun(),
                chair.progress().finished(),
                (chair.plan().course().end() + 1) / HALVES_A_MINUTE,
                steps,
                chair.notes().stream()
                        .map(ChairNote::picture)
                        .filter(Objects::nonNull)
                        .toList());
    }

    private ChairLog.Done step(TakenChair chair, Course.Leg leg) {
        StepCode code = leg.code();
        Duration taken = chair.progress().find(code).map(Progress.State::taken).orElse(Duration.ZERO);
        return new ChairLog.Done(
                words.step(code),
                chair.progress().done().contains(code),
                taken.toSeconds(),
                Progress.halves(leg.step().hands()).toSeconds(),
                chair.plan().wares(code).stream()
                        .map(w -> new ChairLog.With(w.name(), w.stone(), Srgb.hex(w.colour())))
                        .toList(),
                words.amount(leg.step()),
                different(chair, code));
    }

    private List<String> different(TakenChair chair, StepCode code) {
        return chair.notes().stream()
                .filter(n -> n.step() == code && (n.kind().different() || n.kind() == Progress.Kind.NOTE))
                .map(n -> words.find("chair.kind.told." + n.kind())
                        .map(k -> n.words() == null ? k : k + ": " + n.words())
                        .orElse(n.words()))
                .filter(Objects::nonNull)
                .toList();
    }
}
