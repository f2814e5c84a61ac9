package scree.app.sitting;

import java.util.Comparator;
import java.util.Optional;
import org.springframework.stereotype.Service;
import scree.app.studio.StudioId;

/** What was chosen for a client the time before, as the start of this one. */
@Service
public class LastTime {
    private final Sittings sittings;
    private final Steps steps;

    LastTime(Sittings sittings, Steps steps) {
        this.sittings = sittings;
        this.steps = steps;
    }

    /**
     * What was chosen, and when.
     *
     * @param sitting of that time
     */
    public record Then<T>(Sitting sitting, T state) {}

    /** Returns a stage's state from the client's latest sitting before this one that has any; what cannot be read is passed over. */
    public <T> Optional<Then<T>> of(StudioId studio, Sitting now, Steps.Kind<T> kind) {
        return sittings.ofClient(studio, now.clientId()).stream()
                .filter(s -> s.id() != now.id() && s.startsAt().isBefore(now.startsAt()))
                .sorted(Comparator.comparing(Sitting::startsAt).reversed())
                .flatMap(s -> steps.present(studio, s.id(), kind).stream().map(p -> new Then<>(s, p.state())))
                .findFirst();
    }
}
