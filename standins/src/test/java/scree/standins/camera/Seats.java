package scree.standins.camera;

import java.lang.ref.SoftReference;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Portraits that several tests look at: seating a sitter takes longer than most tests, and photographing one changes nothing. */
public final class Seats {
    private static final Map<Seat, SoftReference<Portrait>> TAKEN = new ConcurrentHashMap<>();

    private record Seat(Sitter sitter, Lighting light, int width) {}

    private Seats() {}

    /** Returns what {@link Studio#seat(Sitter, Lighting, int)} does, seated once. */
    public static Portrait of(Sitter sitter, Lighting light, int width) {
        Portrait[] found = new Portrait[1];
        TAKEN.compute(new Seat(sitter, light, width), (seat, kept) -> {
            found[0] = kept == null ? null : kept.get();
            if (found[0] == null) {
                found[0] = Studio.seat(sitter, light, width);
                return new SoftReference<>(found[0]);
            }
            return kept;
        });
        return found[0];
    }

    /** The same at a window, of one of the twelve. */
    public static Portrait of(int sitter, int width) {
        return of(Ensemble.all().get(sitter), Lighting.facingWindow(), width);
    }
}
