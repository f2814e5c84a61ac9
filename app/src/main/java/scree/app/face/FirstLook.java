package scree.app.face;

import java.util.ArrayList;
import java.util.List;
import scree.core.mesh.HeadMesh;
import scree.core.reason.Reason;
import scree.core.sight.PictureCheck;
import scree.core.sight.SightCode;

/**
 * What was found in a picture before anything was read from it.
 *
 * @param mesh of the face, or null when there is none or a hand laid the points
 * @param said what stops first
 */
public record FirstLook(long pictureId, HeadMesh mesh, List<Reason> said) {
    public FirstLook {
        said = List.copyOf(said);
    }

    /** Returns whether nothing is read from the picture. */
    public boolean stops() {
        return said.stream().anyMatch(PictureCheck::stops);
    }

    /** Returns whether this was said of it. */
    public boolean says(SightCode code) {
        return said.stream().anyMatch(r -> r.code() == code);
    }

    FirstLookRow row() {
        StringBuilder codes = new StringBuilder();
        for (Reason r : said) {
            codes.append(codes.isEmpty() ? "" : " ").append(r.code().name());
            r.args().forEach(a -> codes.append(':').append(a));
        }
        return new FirstLookRow(pictureId, mesh == null ? null : mesh.toString(), codes.toString());
    }

    /** @throws IllegalArgumentException when it cannot be read */
    static FirstLook of(FirstLookRow row) {
        List<Reason> said = new ArrayList<>();
        for (String one : row.said().isBlank() ? new String[0] : row.said().split(" ")) {
            String[] parts = one.split(":");
            Object[] args = new Object[parts.length - 1];
            for (int i = 0; i < args.length; i++) {
                args[i] = Integer.valueOf(parts[i + 1]);
            }
            said.add(PictureCheck.reason(SightCode.valueOf(parts[0]), args));
        }
        return new FirstLook(row.pictureId(), row.mesh() == null ? null : HeadMesh.parse(row.mesh()), said);
    }
}
