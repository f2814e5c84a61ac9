package scree.app.face;

import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import scree.core.mesh.FaceSearch;
import scree.core.mesh.HeadMesh;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Reads what a browser sends of its search for a face; whatever is no such thing is no face. */
@Component
public class FaceSearches {
    private static final Logger LOG = LoggerFactory.getLogger(FaceSearches.class);
    /** Four looks of 468 triples, with room. */
    static final int LONGEST = 120_000;

    private static final int MOST_LOOKS = 8;

    private final JsonMapper json;

    FaceSearches(JsonMapper json) {
        this.json = json;
    }

    /** As the browser writes it. */
    private record Sent(List<Face> faces, Double onItsHead, List<Look> looks) {
        record Face(double box, double face, double size) {
            FaceSearch.Seen seen() {
                return new FaceSearch.Seen(box, face, size);
            }
        }

        record Look(boolean mirrored, String points) {}
    }

    /**
     * Returns what was found.
     *
     * @param text as the browser wrote it; empty when it did not search
     * @param scale pixels of the stored picture over those that the browser saw
     */
    public FaceSearch read(String text, double scale) {
        if (text == null || text.isBlank() || text.length() > LONGEST) {
            return FaceSearch.NOTHING;
        }
        try {
            Sent sent = json.readValue(text, Sent.class);
            List<Sent.Face> faces = sent.faces() == null ? List.of() : sent.faces();
            List<HeadMesh> looks = new ArrayList<>();
            for (Sent.Look look : sent.looks() == null ? List.<Sent.Look>of() : sent.looks()) {
                if (looks.size() < MOST_LOOKS) {
                    HeadMesh mesh = HeadMesh.parse(look.points()).scaled(scale);
                    looks.add(look.mirrored() ? mesh.mirroredSides() : mesh);
                }
            }
            return new FaceSearch(
                    faces.isEmpty() ? null : faces.get(0).seen(),
                    faces.size() < 2 ? null : faces.get(1).seen(),
                    sent.onItsHead(),
                    looks);
        } catch (JacksonException | IllegalArgumentException | NullPointerException noSearch) {
            LOG.info("a search for a face cannot be read: {}", noSearch.toString());
            return FaceSearch.NOTHING;
        }
    }
}
