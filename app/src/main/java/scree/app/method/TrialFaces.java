package scree.app.method;

import java.util.Comparator;
import org.springframework.stereotype.Service;
import scree.app.face.Faces;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.StudioId;

/** Finds the face that a method is tried on: the client's own, as it was read last, or a usual one. */
@Service
public class TrialFaces {
    private final Sittings sittings;
    private final Faces faces;

    TrialFaces(Sittings sittings, Faces faces) {
        this.sittings = sittings;
        this.faces = faces;
    }

    /** @param client null for a usual face */
    TrialDrawing of(StudioId studio, Long client) {
        if (client == null) {
            return TrialDrawing.usual();
        }
        return sittings.ofClient(studio, client).stream()
                .sorted(Comparator.comparing(Sitting::startsAt).reversed())
                .flatMap(s -> faces.of(studio, s.id()).stream())
                .findFirst()
                .map(f -> new TrialDrawing(f.points()))
                .orElseGet(TrialDrawing::usual);
    }
}
